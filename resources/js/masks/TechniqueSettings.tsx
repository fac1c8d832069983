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
  onChange: (set: (now: Technique) => Technique) => unknown;
}

/** What a painter sets for a way of putting paint on, as the core lists it. */
export function TechniqueSettings({ list, technique, settings, onChange }: Props) {
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
            <Field key={setting.name} setting={setting} settings={settings} technique={technique} onChange={onChange} />
          ))}
      </div>
    </>
  );
}

function Field(props: {
  setting: TechniqueSetting;
  settings: Settings;
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
  const mm = setting.unit === 'mm';
  const show = (n: number) => (mm ? length.show(n, settings) : n);
  const unit = mm ? length.unit(settings) : setting.unit;
  return (
    <Figure
      label={unit === '' ? setting.label : `${setting.label}, ${unit}`}
      value={show(Number(value))}
      min={show(setting.min)}
      max={show(setting.max)}
      step={setting.max <= 1 ? 0.05 : mm ? 0.1 : 1}
      onSave={(next) => next !== null && save(mm ? length.read(next, settings) : next)}
    />
  );
}
