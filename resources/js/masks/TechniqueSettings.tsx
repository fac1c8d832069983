import { NativeSelect } from '@mantine/core';
import type { PaintStep, Settings, TechniqueSetting } from '../api/types';
import { Figure } from '../parts/Figure';
import { length } from '../units/units';
import { OutlineField } from './OutlineField';
import '../parts/controls';
import layout from '../parts/layout.module.css';

type Technique = PaintStep['technique'];

interface Props {
  list: TechniqueSetting[];
  technique: Technique;
  settings: Settings;
  /** Of the body: what is stored as a share of it is set in mm from the nose. */
  lengthMm: number;
  onChange: (set: (now: Technique) => Technique) => unknown;
}

/** What a painter sets for a way of putting paint on, as the core lists it. */
export function TechniqueSettings({ list, technique, settings, lengthMm, onChange }: Props) {
  if (list.length === 0) return null;
  // An outline read at its true size sets the length beside it.
  const size = list.find((setting) => setting.unit === 'mm')?.name;
  return (
    <>
      {list
        .filter((setting) => setting.outline !== '')
        .map((setting) => (
          <OutlineField
            key={setting.name}
            label={setting.label}
            path={String(technique[setting.name] ?? setting.outline)}
            onOutline={(outline, longMm) =>
              onChange((now) => ({
                ...now,
                [setting.name]: outline,
                ...(size === undefined ? {} : { [size]: longMm }),
              }))
            }
          />
        ))}
      <div className={layout.two}>
        {list
          .filter((setting) => setting.outline === '')
          .map((setting) => (
            <Field
              key={setting.name}
              setting={setting}
              settings={settings}
              lengthMm={lengthMm}
              technique={technique}
              onChange={onChange}
            />
          ))}
      </div>
    </>
  );
}

interface Unit {
  unit: string;
  show: (value: number) => number;
  read: (shown: number) => number;
  step: number;
}

/** How a painter sets it: lengths and places in mm (or in), shares in per cent. */
export function unitOf(setting: TechniqueSetting, settings: Settings, lengthMm: number): Unit {
  const { unit } = setting;
  const mm = length.unit(settings);
  if (unit === 'mm') {
    return { unit: mm, show: (n) => length.show(n, settings), read: (n) => length.read(n, settings), step: 0.1 };
  }
  if (unit === 'of length') {
    return {
      unit: `${mm} from the nose`,
      show: (u) => length.short(u * lengthMm, settings),
      read: (shown) => length.read(shown, settings) / lengthMm,
      step: 0.5,
    };
  }
  if (setting.max <= 1) {
    return {
      unit: unit === '' ? '%' : `% ${unit}`,
      show: (share) => Math.round(share * 1000) / 10,
      read: (percent) => percent / 100,
      step: 5,
    };
  }
  return { unit: unit.replace(/^deg/, '°'), show: (n) => n, read: (n) => n, step: 1 };
}

/** The first figure and those that are set otherwise than usual, in a few words. */
export function settingWords(list: TechniqueSetting[], technique: Technique, settings: Settings, lengthMm: number) {
  return list
    .filter((setting) => setting.choices.length === 0 && setting.outline === '')
    .filter((setting, i) => i === 0 || Number(technique[setting.name] ?? setting.default) !== setting.default)
    .slice(0, 3)
    .map((setting) => {
      const { unit, show } = unitOf(setting, settings, lengthMm);
      const label = setting.label.replace(/ \(.*\)/, '').toLowerCase();
      const value = show(Number(technique[setting.name] ?? setting.default));
      return `${label} ${value}${unit.startsWith('°') ? '' : ' '}${unit}`.trim();
    })
    .join(', ');
}

function Field(props: {
  setting: TechniqueSetting;
  settings: Settings;
  lengthMm: number;
  technique: Technique;
  onChange: Props['onChange'];
}) {
  const { setting, settings, technique, onChange } = props;
  const value = technique[setting.name] ?? setting.choices[0] ?? setting.default;
  const save = (next: number | string) => onChange((now) => ({ ...now, [setting.name]: next }));
  if (setting.choices.length > 0) {
    return (
      <NativeSelect
        label={setting.label}
        size="xs"
        data={setting.choices}
        value={String(value)}
        onChange={(event) => save(event.currentTarget.value)}
      />
    );
  }
  const { unit, show, read, step } = unitOf(setting, settings, props.lengthMm);
  return (
    <Figure
      label={unit === '' ? setting.label : `${setting.label}, ${unit}`}
      value={show(Number(value))}
      min={show(setting.min)}
      max={show(setting.max)}
      step={step}
      onSave={(next) => next !== null && save(read(next))}
    />
  );
}
