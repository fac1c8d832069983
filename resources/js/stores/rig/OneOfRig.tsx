import { Anchor, Checkbox, Radio } from '@mantine/core';
import { words } from '../../api/client';
import type { Equipment, EquipmentChange, Rig, Settings } from '../../api/types';
import { within } from '../../parts/bounds';
import { Figure } from '../../parts/Figure';
import layout from '../../parts/layout.module.css';
import { SavedText } from '../../parts/SavedText';
import { length, pressure, temperature } from '../../units/units';
import classes from '../kept.module.css';
import { useEquipmentChange } from './useEquipmentChange';

interface Props {
  one: Equipment;
  bounds: Rig['bounds'];
  settings: Settings;
}

type Set = (change: Omit<EquipmentChange, 'revision'>) => unknown;

/** One of the rig, with its figures; each is saved as soon as it stands still. */
export function OneOfRig({ one, bounds, settings }: Props) {
  const change = useEquipmentChange(one);
  const set: Set = (fields) => change.mutateAsync(fields).catch(() => {});
  return (
    <li className={one.archived ? classes.away : undefined} data-equipment={one.name}>
      <div className={classes.who}>
        <Radio
          name={one.kind}
          label={one.in_hand ? 'in hand' : 'take in hand'}
          aria-label={`${one.name} in hand`}
          checked={one.in_hand}
          disabled={one.archived}
          onChange={() => void set({ in_hand: true })}
        />
        <SavedText label="Name" value={one.name} max={80} required onSave={(name) => set({ name })} />
      </div>
      <div className={classes.figures}>
        {one.kind === 'airbrush' && <OfAirbrush {...{ one, bounds, settings, set }} />}
        {one.kind === 'compressor' && <OfCompressor {...{ one, bounds, settings, set }} />}
        {one.kind === 'dryer' && <OfDryer {...{ one, bounds, settings, set }} />}
      </div>
      <Anchor
        component="button"
        type="button"
        className={classes.putAway}
        onClick={() => void set({ archived: !one.archived })}
      >
        {one.archived ? 'Bring back' : 'Put away'}
      </Anchor>
      {one.arrives !== null && (
        <p className={`${classes.below} ${one.arrives.softens ? layout.low : 'dim'}`}>
          {one.arrives.softens ? 'Too warm for plastic: ' : 'At the bait: '}
          about {temperature.show(one.arrives.surface_c, settings)} {temperature.unit(settings)}, {one.arrives.air_m_s}{' '}
          m/s
          {one.arrives.softens ? '. Hold it further off.' : ''}
        </p>
      )}
      {change.isError && <p role="alert">{words(change.error)}</p>}
    </li>
  );
}

function OfAirbrush({ one: { figures }, bounds, set }: Props & { set: Set }) {
  return (
    <>
      <Figure
        label="Nozzle, mm"
        value={figures.nozzle_mm ?? null}
        {...within(bounds.nozzle_mm)}
        step={0.05}
        onSave={(mm) => mm !== null && set({ nozzle_mm: mm })}
      />
      <Figure
        label="Cup, ml"
        value={figures.cup_ml ?? null}
        {...within(bounds.cup_ml)}
        decimals={1}
        onSave={(ml) => ml !== null && set({ cup_ml: ml })}
      />
      <Checkbox
        label="has a gauge"
        checked={figures.gauge ?? false}
        onChange={(event) => void set({ gauge: event.currentTarget.checked })}
      />
    </>
  );
}

function OfCompressor({ one: { figures }, bounds, settings, set }: Props & { set: Set }) {
  const psi = (value: number) => pressure.show(value, settings);
  return (
    <>
      <Figure
        label={`Gives at most, ${pressure.unit(settings)}`}
        value={psi(figures.most_psi ?? 0)}
        {...within(bounds.most_psi, psi)}
        onSave={(most) => most !== null && set({ most_psi: pressure.read(most, settings) })}
      />
      <Figure
        label="Tank, l"
        value={figures.tank_l ?? null}
        {...within(bounds.tank_l)}
        decimals={1}
        onSave={(l) => l !== null && set({ tank_l: l })}
      />
      <Checkbox
        label="has a moisture trap"
        checked={figures.moisture_trap ?? false}
        onChange={(event) => void set({ moisture_trap: event.currentTarget.checked })}
      />
    </>
  );
}

function OfDryer({ one: { figures }, bounds, settings, set }: Props & { set: Set }) {
  const { dryer } = figures;
  if (dryer === undefined) return null;
  const warm = (c: number) => temperature.show(c, settings);
  const mm = (value: number) => length.show(value, settings);
  return (
    <>
      <span className={classes.kind}>{dryer.kind}</span>
      {dryer.kind !== 'fan' && (
        <Figure
          label={`Comes out at, ${temperature.unit(settings)}`}
          value={warm(dryer.out_c)}
          {...within(bounds.out_c, warm)}
          step={10}
          onSave={(c) => c !== null && set({ dryer: { ...dryer, out_c: temperature.read(c, settings) } })}
        />
      )}
      <Figure
        label="Speed there, m/s"
        value={dryer.out_m_s}
        {...within(bounds.out_m_s)}
        decimals={1}
        onSave={(speed) => speed !== null && set({ dryer: { ...dryer, out_m_s: speed } })}
      />
      <Figure
        label={`Outlet, ${length.unit(settings)}`}
        value={mm(dryer.outlet_mm)}
        {...within(bounds.outlet_mm, mm)}
        onSave={(v) => v !== null && set({ dryer: { ...dryer, outlet_mm: length.read(v, settings) } })}
      />
      <Figure
        label={`Held off, ${length.unit(settings)}`}
        value={mm(dryer.distance_mm)}
        {...within(bounds.distance_mm, mm)}
        step={10}
        onSave={(v) => v !== null && set({ dryer: { ...dryer, distance_mm: length.read(v, settings) } })}
      />
    </>
  );
}
