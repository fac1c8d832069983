import { UnstyledButton } from '@mantine/core';
import { Suspense, useState } from 'react';
import { useSettings } from '../api/queries';
import { part } from '../parts/part';
import { temperature } from '../units/units';
import classes from './shell.module.css';

const RoomForm = part(async () => (await import('./RoomForm')).RoomForm);

/** The room in the head of every page; opens the form to set it. */
export function RoomAndUnits() {
  const settings = useSettings().data;
  const [opened, setOpened] = useState(false);
  const [wanted, setWanted] = useState(false);
  if (settings === undefined) return <span className={classes.shellRoom} />;
  const unit = temperature.unit(settings);
  return (
    <>
      <UnstyledButton
        className={classes.shellRoom}
        onClick={() => {
          setWanted(true);
          setOpened(true);
        }}
      >
        <span>Room</span>
        <b>
          {temperature.show(settings.air_c, settings)} {unit}
        </b>
        <b>{settings.humidity_percent} %</b>
        <span className={classes.shellDew}>
          dew {temperature.show(settings.dew_point_c, settings)} {unit}
        </span>
      </UnstyledButton>
      {wanted && (
        <Suspense>
          <RoomForm settings={settings} opened={opened} onClose={() => setOpened(false)} />
        </Suspense>
      )}
    </>
  );
}
