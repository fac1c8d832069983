import { Anchor } from '@mantine/core';
import { useEffect } from 'react';
import { useRoomReading } from '../api/roomReading';
import classes from './shell.module.css';

/** The hygrometer, once a minute: what it says becomes the room; every page shows a leap, or that it stopped. */
export function RoomReading() {
  const { reading, believe, refreshRoom } = useRoomReading();
  const at = reading?.leapt === false ? reading.at : null;
  useEffect(() => {
    if (at !== null) refreshRoom();
  }, [at, refreshRoom]);
  if (reading === undefined || reading.said === '') return null;
  return (
    <p className={`${classes.shellNotice} no-print`} role="status">
      <b>Hygrometer.</b> {reading.said}{' '}
      {reading.leapt && (
        <Anchor component="button" type="button" onClick={believe}>
          It is right
        </Anchor>
      )}
    </p>
  );
}
