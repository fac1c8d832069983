import { Anchor, Radio } from '@mantine/core';
import { words } from '../../api/client';
import type { ClearBottle, Clears } from '../../api/types';
import { within } from '../../parts/bounds';
import { DayField } from '../../parts/DayField';
import { Figure } from '../../parts/Figure';
import layout from '../../parts/layout.module.css';
import { SavedText } from '../../parts/SavedText';
import { Select } from '../../parts/Select';
import { day, minutes } from '../../units/units';
import '../../parts/controls';
import classes from '../kept.module.css';
import { useClearChange } from './useClearChange';

const BY = ['volume', 'weight'] as const;

const MAY_BE_UNKNOWN = ['price', 'keeps_months'];

/** One clear: what its sheet says, what is left, and its times in this room. */
export function OneClear({ clear, bounds }: { clear: ClearBottle; bounds: Clears['bounds'] }) {
  const change = useClearChange(clear);
  const set: (fields: Parameters<typeof change.mutate>[0]) => unknown = (fields) =>
    change.mutateAsync(fields).catch(() => {});
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
    <li data-clear={clear.name} className={clear.archived ? classes.away : undefined}>
      <div className={classes.who}>
        <Radio
          name={clear.kind}
          label={clear.in_use ? 'in use' : 'take into use'}
          aria-label={`${clear.name} in use`}
          checked={clear.in_use}
          disabled={clear.archived}
          onChange={() => void set({ in_use: true })}
        />
        <SavedText label={clear.kind} value={clear.name} max={80} required onSave={(name) => set({ name })} />
        <span className={`chip ${classes.film}`} title="one coat over black and over white">
          <i style={{ background: clear.chip.black }} />
          <i style={{ background: clear.chip.white }} />
        </span>
      </div>
      <div className={classes.figures}>
        {mixed && figure('Label, min', 'label_min', 0)}
        {mixed && figure('Parts A', 'parts_a')}
        {mixed && figure('Parts B', 'parts_b')}
        {mixed && <Select label="Mixed by" options={BY} value={clear.by} onChoose={(by) => set({ by })} />}
        {figure(mixed ? 'A, g/ml' : 'g/ml', 'density_a')}
        {mixed && figure('B, g/ml', 'density_b')}
        {figure('Yellowed, %', 'yellow_percent', 0)}
        {clear.kind === 'UV resin' && figure('Dose, J/cm²', 'dose_j_cm2', 1)}
        {clear.kind === 'UV resin' && figure('Lamp, mW/cm²', 'lamp_mw_cm2', 1)}
        {figure('Bottle, ml', 'bottle_ml', 0)}
        {figure('Left, ml', 'left_ml', 1)}
        {figure('Price', 'price')}
        <DayField
          size="xs"
          label="Opened on"
          value={clear.opened_on ?? ''}
          onChange={(day) => set({ opened_on: day === '' ? null : day })}
        />
        {figure('Then keeps, months', 'keeps_months', 0)}
        <DayField
          size="xs"
          label="Expires on"
          value={clear.expires_on ?? ''}
          onChange={(day) => set({ expires_on: day === '' ? null : day })}
        />
      </div>
      <p className={classes.below}>
        {clear.expired && <b className={layout.low}>Past its date. </b>}
        {clear.good_until !== null && `Good until ${day(clear.good_until)}. `}
        Here: {clear.here.working_min !== null && `${minutes(clear.here.working_min)} to work in, `}
        hard after {minutes(clear.here.hard_min)}, the next coat from {minutes(clear.here.recoat_min[0] ?? 0)} to{' '}
        {minutes(clear.here.recoat_min[1] ?? 0)} (later: sand first), sanded after {minutes(clear.here.sand_min)},
        fished after {minutes(clear.here.fish_min)}. {clear.caution}
      </p>
      <Anchor
        component="button"
        type="button"
        className={classes.putAway}
        onClick={() => void set({ archived: !clear.archived })}
      >
        {clear.archived ? 'Bring back' : 'Put away'}
      </Anchor>
      {change.isError && <p role="alert">{words(change.error)}</p>}
    </li>
  );
}
