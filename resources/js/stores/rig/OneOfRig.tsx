import { Checkbox, Radio } from '@mantine/core';
import type { Equipment, EquipmentChange, EquipmentFigures, Rig, Settings } from '../../api/types';
import { within } from '../../parts/bounds';
import { Figure } from '../../parts/Figure';
import layout from '../../parts/layout.module.css';
import { SavedText } from '../../parts/SavedText';
import { length, pressure, temperature } from '../../units/units';
import { Thing } from '../things/Thing';
import { useUndoable } from '../things/useUndoable';
import { RigDrawing } from './RigDrawing';
import { useEquipmentChange } from './useEquipmentChange';

interface Props {
  one: Equipment;
  bounds: Rig['bounds'];
  settings: Settings;
}

type Set = (change: Omit<EquipmentChange, 'revision'>) => unknown;

/** One of the rig: what it is good for, its figures when it is opened. */
export function OneOfRig(props: Props & { opened: boolean; onOpen: () => void }) {
  const { one, bounds, settings, opened, onOpen } = props;
  const change = useEquipmentChange(one);
  const kept = { ...one.figures, name: one.name, archived: one.archived };
  const set: Set = useUndoable<Omit<EquipmentChange, 'revision'>>(one.name, kept, change.mutateAsync);
  return (
    <Thing
      name={one.name}
      Heading="h3"
      drawing={<RigDrawing one={one} />}
      mark={
        <Radio
          name={one.kind}
          size="md"
          label={one.in_hand ? 'in hand' : 'take in hand'}
          aria-label={`${one.name} in hand`}
          checked={one.in_hand}
          disabled={one.archived}
          onChange={() => void change.mutateAsync({ in_hand: true }).catch(() => {})}
        />
      }
      opened={opened}
      onOpen={onOpen}
      archived={one.archived}
      onArchive={() => void set({ archived: !one.archived })}
      error={change.error}
      figures={
        <>
          <SavedText label="Name" value={one.name} max={80} required onSave={(name) => set({ name })} />
          {one.kind === 'airbrush' && <OfAirbrush {...{ one, bounds, settings, set }} />}
          {one.kind === 'compressor' && <OfCompressor {...{ one, bounds, settings, set }} />}
          {one.kind === 'dryer' && <OfDryer {...{ one, bounds, settings, set }} />}
        </>
      }
    >
      <p>{inFigures(one.figures, settings)}</p>
      {one.good_for !== null && <p>{one.good_for}</p>}
      {one.arrives !== null && (
        <p className={one.arrives.softens ? layout.low : undefined}>
          {one.arrives.softens ? 'Too warm for plastic: ' : 'At the bait: '}
          about {temperature.show(one.arrives.surface_c, settings)} {temperature.unit(settings)}, {one.arrives.air_m_s}{' '}
          m/s
          {one.arrives.softens ? '. Hold it further off.' : ''}
        </p>
      )}
    </Thing>
  );
}

/** What it is, in its figures. */
function inFigures(
  { nozzle_mm, cup_ml, gauge, most_psi, tank_l, moisture_trap, dryer }: EquipmentFigures,
  s: Settings,
) {
  const parts = [
    nozzle_mm !== undefined && `${nozzle_mm} mm nozzle`,
    cup_ml !== undefined && `${cup_ml} ml cup`,
    gauge && 'with a gauge',
    most_psi !== undefined && `up to ${pressure.show(most_psi, s)} ${pressure.unit(s)}`,
    tank_l !== undefined && (tank_l === 0 ? 'no tank' : `${tank_l} l tank`),
    moisture_trap && 'with a moisture trap',
    dryer !== undefined && `${dryer.kind}, held off ${length.show(dryer.distance_mm, s)} ${length.unit(s)}`,
  ];
  return parts.filter((part) => part !== false && part !== undefined).join(', ');
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
