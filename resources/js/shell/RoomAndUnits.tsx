import { lazy, Suspense, useState } from 'react';
import { useSettings } from '../api/queries';
import { temperature } from '../units/units';

const RoomForm = lazy(async () => ({ default: (await import('./RoomForm')).RoomForm }));

/** The room in the head of every page; opens the form to set it. */
export function RoomAndUnits() {
  const settings = useSettings().data;
  const [opened, setOpened] = useState(false);
  const [wanted, setWanted] = useState(false);
  if (settings === undefined) return <span className="shell-room" />;
  const unit = temperature.unit(settings);
  return (
    <>
      <button
        type="button"
        className="shell-room"
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
        <span className="shell-dew">
          dew {temperature.show(settings.dew_point_c, settings)} {unit}
        </span>
      </button>
      {wanted && (
        <Suspense>
          <RoomForm settings={settings} opened={opened} onClose={() => setOpened(false)} />
        </Suspense>
      )}
    </>
  );
}
