import { Modal, NativeSelect, NumberInput, useMantineColorScheme } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import { isThere, useRoomReading } from '../api/roomReading';
import type { Settings } from '../api/types';
import { temperature } from '../units/units';
import { Backups } from './Backups';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './shell.module.css';

interface Props {
  settings: Settings;
  opened: boolean;
  onClose: () => void;
}

/** The room the shop is in, its units, and day or night; each is saved as it is set. */
export function RoomForm({ settings, opened, onClose }: Props) {
  const queries = useQueryClient();
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const save = useMutation({
    mutationFn: (change: Partial<Settings>) => ask(api.PUT('/settings', { body: change })),
    onSuccess: (saved) => queries.setQueryData(['settings'], saved),
  });
  const unit = temperature.unit(settings);
  const { reading } = useRoomReading();
  const measured = reading?.connected ?? false;
  const choose = (name: keyof Settings, label: string, options: string[]) => (
    <NativeSelect
      label={label}
      data={options}
      value={String(settings[name])}
      onChange={(event) => save.mutate({ [name]: event.currentTarget.value })}
    />
  );

  return (
    <Modal opened={opened} onClose={onClose} title="Room, units, theme and backup" size="xs" centered>
      <div className={classes.settings}>
        <div className={layout.two}>
          <NumberInput
            label={`Air, ${unit}`}
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
              : 'The hygrometer does not answer: type them until it does.'}
          </p>
        )}
        <div className={layout.two}>
          {choose('length', 'Length', ['mm', 'in'])}
          {choose('pressure', 'Pressure', ['psi', 'bar', 'kPa'])}
          {choose('volume', 'Volume', ['drops', 'ml'])}
          {choose('temperature', 'Temperature', ['C', 'F'])}
        </div>
        <NativeSelect
          label="Theme"
          data={[
            { value: 'auto', label: 'same as device' },
            { value: 'light', label: 'light' },
            { value: 'dark', label: 'dark' },
          ]}
          value={colorScheme}
          onChange={(event) => setColorScheme(event.currentTarget.value as 'auto' | 'light' | 'dark')}
        />
        <Backups settings={settings} onDaily={(daily_backup) => save.mutate({ daily_backup })} />
        {save.isError && <p role="alert">Not kept. {save.error.message}</p>}
        {!settings.clear_coat_ok && (
          <p className={layout.caution}>Too damp for clear: the surface is within 3 °C of the dew point.</p>
        )}
      </div>
    </Modal>
  );
}
