import { Radio } from '@mantine/core';
import type { ClearBottle, ClearChange, Clears, Settings } from '../../api/types';
import { within } from '../../parts/bounds';
import { DayField } from '../../parts/DayField';
import { Figure } from '../../parts/Figure';
import layout from '../../parts/layout.module.css';
import { SavedText } from '../../parts/SavedText';
import { Select } from '../../parts/Select';
import { day, minutes, moneyLabel } from '../../units/units';
import { Thing } from '../things/Thing';
import { useUndoable } from '../things/useUndoable';
import { BottleDrawing } from './BottleDrawing';
import { useClearChange } from './useClearChange';
import '../../parts/controls';

const BY = ['volume', 'weight'] as const;

const MAY_BE_UNKNOWN = ['price', 'keeps_months'];

interface Props {
  clear: ClearBottle;
  bounds: Clears['bounds'];
  settings: Settings;
  opened: boolean;
  onOpen: () => void;
}

type Set = (fields: Omit<ClearChange, 'revision'>) => Promise<unknown>;

/** One clear: its bottle, what is left, how long it is good, and its times in this room. */
export function OneClear({ clear, bounds, settings, opened, onOpen }: Props) {
  const change = useClearChange(clear);
  const set: Set = useUndoable<Omit<ClearChange, 'revision'>>(clear.name, clear, change.mutateAsync);
  return (
    <Thing
      name={clear.name}
      drawing={<BottleDrawing clear={clear} />}
      mark={
        <Radio
          name={clear.kind}
          size="md"
          label={clear.in_use ? 'in use' : 'use this one'}
          aria-label={`${clear.name} in use`}
          checked={clear.in_use}
          disabled={clear.archived}
          onChange={() => void change.mutateAsync({ in_use: true }).catch(() => {})}
        />
      }
      opened={opened}
      onOpen={onOpen}
      archived={clear.archived}
      onArchive={() => void set({ archived: !clear.archived })}
      error={change.error}
      figures={<Figures {...{ clear, bounds, settings, set }} />}
    >
      <p>
        {clear.kind}: {Math.round(clear.left_ml)} of {Math.round(clear.bottle_ml)} ml left
        {clear.yellow_percent > 0 && `, yellowed ${clear.yellow_percent} %`}
      </p>
      {clear.expired ? (
        <p className={layout.low}>Past its date.</p>
      ) : (
        clear.good_until !== null && <p>Good until {day(clear.good_until)}.</p>
      )}
      <p>
        In this room: {clear.here.working_min !== null && `${minutes(clear.here.working_min)} to work in, `}hard after{' '}
        {minutes(clear.here.hard_min)}, next coat from {minutes(clear.here.recoat_min[0] ?? 0)} to{' '}
        {minutes(clear.here.recoat_min[1] ?? 0)} (later: sand first), ready to sand after {minutes(clear.here.sand_min)}
        , ready to fish after {minutes(clear.here.fish_min)}.
      </p>
      <p className="dim">{clear.caution}</p>
    </Thing>
  );
}

function Figures({ clear, bounds, settings, set }: Omit<Props, 'opened' | 'onOpen'> & { set: Set }) {
  const mixed = clear.parts_b > 0;
  const figure = (label: string, name: keyof Clears['bounds'], decimals = 2) => (
    <Figure
      label={label}
      value={clear[name]}
      {...within(bounds[name])}
      decimals={decimals}
      {...(MAY_BE_UNKNOWN.includes(name) ? { empty: 'not known' } : {})}
      onSave={(value) => (value !== null || MAY_BE_UNKNOWN.includes(name)) && set({ [name]: value })}
    />
  );
  return (
    <>
      <SavedText label="Name" value={clear.name} max={80} required onSave={(name) => set({ name })} />
      {mixed && figure('Working time on the label, min', 'label_min', 0)}
      {mixed && figure('Parts A', 'parts_a')}
      {mixed && figure('Parts B', 'parts_b')}
      {mixed && <Select label="Mixed by" options={BY} value={clear.by} onChoose={(by) => set({ by })} />}
      {figure(mixed ? 'Density of A, g/ml' : 'Density, g/ml', 'density_a')}
      {mixed && figure('Density of B, g/ml', 'density_b')}
      {figure('Yellowed, %', 'yellow_percent', 0)}
      {clear.kind === 'UV resin' && figure('Dose, J/cm²', 'dose_j_cm2', 1)}
      {clear.kind === 'UV resin' && figure('Lamp, mW/cm²', 'lamp_mw_cm2', 1)}
      {figure('Bottle, ml', 'bottle_ml', 0)}
      {figure('Left, ml', 'left_ml', 1)}
      {figure(moneyLabel('Price', settings), 'price')}
      <DayField
        size="xs"
        label="Opened on"
        value={clear.opened_on ?? ''}
        onChange={(day) => set({ opened_on: day === '' ? null : day })}
      />
      {figure('Shelf life once open, months', 'keeps_months', 0)}
      <DayField
        size="xs"
        label="Expires on"
        value={clear.expires_on ?? ''}
        onChange={(day) => set({ expires_on: day === '' ? null : day })}
      />
    </>
  );
}
