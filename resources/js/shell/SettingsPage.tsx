import { NativeSelect, TextInput, useMantineColorScheme } from '@mantine/core';
import { useSettings } from '../api/queries';
import type { Settings } from '../api/types';
import { Failed } from '../parts/Failed';
import { PageTitle } from '../parts/PageTitle';
import { Waiting } from '../parts/Waiting';
import { money, pressure, temperature, volume } from '../units/units';
import { Backups } from './Backups';
import { RoomFigures } from './RoomFigures';
import classes from './settings.module.css';
import { useSaveSettings } from './useSaveSettings';
import '../parts/controls';

const UNITS = {
  length: ['Length', ['mm', 'in']],
  pressure: ['Pressure', ['psi', 'bar', 'kPa']],
  volume: ['Volume', ['drops', 'ml']],
  temperature: ['Temperature', ['C', 'F']],
} as const;

/** Room, units, currency, theme and backups: all that is set for the shop as a whole. */
export function SettingsPage() {
  const settings = useSettings();
  if (settings.isError) return <Failed error={settings.error} retry={() => void settings.refetch()} />;
  return settings.data === undefined ? <Waiting /> : <Sheet settings={settings.data} />;
}

function Sheet({ settings }: { settings: Settings }) {
  const { colorScheme, setColorScheme } = useMantineColorScheme();
  const save = useSaveSettings();
  return (
    <div className={`page ${classes.sheet}`}>
      <PageTitle of="Settings" />
      <h1>Settings</h1>
      <section>
        <h2>Room</h2>
        <p className="dim">Drying, thinning and clear are worked out for this air.</p>
        <RoomFigures settings={settings} />
      </section>
      <section>
        <h2>Units</h2>
        <p className="dim">
          So a coat reads: {pressure.show(12, settings)} {pressure.unit(settings)}, {volume(2.5, settings)},{' '}
          {temperature.show(settings.air_c, settings)} {temperature.unit(settings)}.
        </p>
        <div className={classes.fields}>
          {Object.entries(UNITS).map(([name, [label, options]]) => (
            <NativeSelect
              key={name}
              label={label}
              data={[...options]}
              value={String(settings[name as keyof typeof UNITS])}
              onChange={(event) => save.mutate({ [name]: event.currentTarget.value })}
            />
          ))}
        </div>
      </section>
      <section className={classes.two}>
        <h2>Currency</h2>
        <p className="dim">Prices and costs read: {money(12.5, settings)}.</p>
        <TextInput
          label="Sign or letters"
          maxLength={5}
          placeholder="€, $, kr"
          defaultValue={settings.currency}
          onBlur={(event) => {
            const currency = event.currentTarget.value.trim();
            if (currency !== settings.currency) save.mutate({ currency });
          }}
        />
        <h2>Theme</h2>
        <p className="dim">For this device only.</p>
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
      </section>
      <section className={classes.wide}>
        <Backups settings={settings} onDaily={(daily_backup) => save.mutate({ daily_backup })} />
      </section>
      {save.isError && <p role="alert">Not saved. {save.error.message}</p>}
    </div>
  );
}
