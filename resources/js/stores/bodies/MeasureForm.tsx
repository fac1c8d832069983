import { Checkbox, NumberInput, TextInput } from '@mantine/core';
import type { Settings } from '../../api/types';
import { length } from '../../units/units';
import { Measure } from './Measure';
import type { Marks, Measures } from './measured';
import { Stations } from './Stations';
import '../../parts/controls';
import classes from './bodies.module.css';

/** Marks that a body may be without. */
type MayBeNone = 'eye_socket_mm' | 'eye_socket_depth_mm' | 'bill_length_mm' | 'tail_length_mm';

interface Props {
  measures: Measures;
  settings: Settings;
  onChange: (measures: Measures) => void;
}

/** All that calipers tell of a body. */
export function MeasureForm({ measures, settings, onChange }: Props) {
  const { marks, length_mm: long } = measures;
  const mark = (set: Partial<Marks>) => onChange({ ...measures, marks: { ...marks, ...set } });
  const share = (mm: number) => Math.round((mm / long) * 10000) / 10000;
  const degrees = (label: string, value: number, min: number, max: number, set: (deg: number) => void) => (
    <NumberInput
      size="xs"
      label={`${label}, deg`}
      value={value}
      min={min}
      max={max}
      onChange={(typed) => typed !== '' && Number(typed) >= min && Number(typed) <= max && set(Number(typed))}
    />
  );
  const place = (label: string, u: number, most: number, set: (u: number) => void) => (
    <Measure
      label={label}
      settings={settings}
      value={u * long}
      max={long * most}
      min={0.01 * long}
      onChange={(mm) => mm !== null && set(share(mm))}
    />
  );
  const optional = (label: string, name: MayBeNone, min: number, max: number, empty = 'none') => (
    <Measure
      label={label}
      settings={settings}
      value={marks[name]}
      min={min}
      max={max}
      empty={empty}
      onChange={(mm) => mark({ [name]: mm })}
    />
  );
  return (
    <div className="measures">
      <div className={classes.measuresThree}>
        <Measure
          label="Length"
          settings={settings}
          value={long}
          min={5}
          max={1000}
          onChange={(mm) => mm !== null && onChange({ ...measures, length_mm: mm })}
        />
        <NumberInput
          size="xs"
          label="Section (2 oval, 4 boxy)"
          value={measures.exponent}
          min={1}
          max={8}
          step={0.1}
          onChange={(typed) =>
            Number(typed) >= 1 && Number(typed) <= 8 && onChange({ ...measures, exponent: Number(typed) })
          }
        />
        {place('Gill edge, from the nose', marks.gill_u, 0.6, (gill_u) => mark({ gill_u }))}
        {place('Eye, from the nose', marks.eye_u, 0.5, (eye_u) => mark({ eye_u }))}
        {degrees('Eye, around from the back', marks.eye_deg, 10, 130, (eye_deg) => mark({ eye_deg }))}
        {optional('Eye socket', 'eye_socket_mm', 1, 40)}
        {marks.eye_socket_mm !== null && optional('Eye socket, depth', 'eye_socket_depth_mm', 0.1, 20, 'not measured')}
        {optional('Bill, length', 'bill_length_mm', 1, 200)}
        {degrees('Bill, down', marks.bill_angle_deg, -90, 90, (bill_angle_deg) => mark({ bill_angle_deg }))}
        {marks.bill_length_mm !== null && (
          <Checkbox
            label="The bill is put in after painting"
            checked={marks.bill_loose}
            onChange={(event) => mark({ bill_loose: event.currentTarget.checked })}
          />
        )}
        {optional('Tail put on after painting, length', 'tail_length_mm', 1, 300)}
        <Measure
          label="Line tie, from the nose"
          settings={settings}
          value={marks.tie_u === null ? null : marks.tie_u * long}
          max={long}
          empty="at the tip"
          onChange={(mm) => mark({ tie_u: mm === null ? null : share(mm) })}
        />
        {degrees('Line tie, around from the back', marks.tie_deg, 0, 180, (tie_deg) => mark({ tie_deg }))}
        <Places
          label="Hook hangers, from the nose"
          places={marks.hooks_u}
          long={long}
          settings={settings}
          onChange={(hooks_u) => mark({ hooks_u })}
        />
        <Places
          label="Joints, from the nose"
          places={marks.joints_u}
          long={long}
          settings={settings}
          onChange={(joints_u) => mark({ joints_u })}
        />
      </div>
      <Stations measures={measures} settings={settings} onChange={(stations) => onChange({ ...measures, stations })} />
    </div>
  );
}

/** Several places along the length, written one after the other. */
function Places(props: {
  label: string;
  places: number[];
  long: number;
  settings: Settings;
  onChange: (places: number[]) => void;
}) {
  const { places, long, settings } = props;
  const written = places.map((u) => length.show(u * long, settings)).join('; ');
  return (
    <TextInput
      key={written}
      size="xs"
      label={`${props.label}, ${length.unit(settings)}`}
      placeholder="none"
      defaultValue={written}
      onBlur={(event) => {
        const mm = event.currentTarget.value
          .split(/[;\s]+/)
          .filter((part) => part !== '')
          .map((part) => length.read(Number(part.replace(',', '.')), settings));
        if (mm.every((at) => at >= 0 && at <= long) && mm.length <= 12)
          props.onChange(mm.map((at) => Math.round((at / long) * 10000) / 10000).sort((a, b) => a - b));
        else event.currentTarget.value = written;
      }}
    />
  );
}
