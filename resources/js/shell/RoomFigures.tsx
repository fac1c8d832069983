import { NumberInput } from '@mantine/core';
import { isThere, useRoomReading } from '../api/roomReading';
import type { Settings } from '../api/types';
import { temperature } from '../units/units';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import { useSaveSettings } from './useSaveSettings';

/** Air and humidity of the room, typed or from the hygrometer; each is saved as it is set. */
export function RoomFigures({ settings }: { settings: Settings }) {
  const save = useSaveSettings();
  const { reading } = useRoomReading();
  const measured = reading?.connected ?? false;
  return (
    <>
      <div className={layout.two}>
        <NumberInput
          label={`Air, ${temperature.unit(settings)}`}
          disabled={measured}
          key={measured ? settings.air_c : 'typed'}
          value={temperature.show(settings.air_c, settings)}
          onBlur={(event) => {
            const shown = Number(event.currentTarget.value);
            if (Number.isFinite(shown)) save.mutate({ air_c: temperature.read(shown, settings) });
          }}
          hideControls
        />
        <NumberInput
          label="Humidity, %"
          disabled={measured}
          key={measured ? settings.humidity_percent : 'typed too'}
          value={settings.humidity_percent}
          min={1}
          max={100}
          onBlur={(event) => save.mutate({ humidity_percent: Number(event.currentTarget.value) })}
          hideControls
        />
      </div>
      {reading !== undefined && isThere(reading) && (
        <p className="dim">
          {measured
            ? 'Both come from the hygrometer, once a minute.'
            : 'The hygrometer does not answer: type both until it does.'}
        </p>
      )}
      {save.isError && <p role="alert">Not saved. {save.error.message}</p>}
      {!settings.clear_coat_ok && (
        <p className={layout.caution}>Too damp for clear: the surface is within 3 °C of the dew point.</p>
      )}
    </>
  );
}
