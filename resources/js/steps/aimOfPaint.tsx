import { NativeSelect } from '@mantine/core';
import type { Settings } from '../api/types';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import layout from '../parts/layout.module.css';
import { length } from '../units/units';
import type { RestPart } from './Rest';
import type { RestOfPaintProps as Props } from './restProps';

type Aim = [string, number | null];

const AIMS: Aim[] = [
  ['all round, turned', null],
  ['straight above', 0],
  ['above, tilted 30°', 30],
  ['above, tilted 60°', 60],
  ['square to the side', 90],
  ['below, tilted 120°', 120],
  ['straight below', 180],
];

export function aim({ step, technique, vocabulary: { bounds }, settings, onChange }: Props): RestPart {
  const { document: d } = step;
  const aims = AIMS.some(([, deg]) => deg === d.aim_deg)
    ? AIMS
    : [...AIMS, [`${Math.round(d.aim_deg ?? 0)}° from above`, d.aim_deg] satisfies Aim];
  const words = aims.find(([, deg]) => deg === d.aim_deg)?.[0] ?? '';
  return {
    name: 'Aim and width',
    words: `${words}, ${width(d.width_mm, settings)}`,
    fields: (
      <div className={layout.two}>
        <NativeSelect
          label="Aim"
          size="xs"
          data={aims.map(([label, deg]) => ({ label, value: String(deg) }))}
          value={String(d.aim_deg)}
          onChange={(event) =>
            onChange({ aim_deg: event.currentTarget.value === 'null' ? null : Number(event.currentTarget.value) })
          }
        />
        {technique?.shadowed && (
          <Figure
            label="Slant, nose to tail, °"
            value={d.slant_deg}
            {...within(bounds.slant_deg)}
            step={5}
            onSave={(deg) => deg !== null && onChange({ slant_deg: deg })}
          />
        )}
        <Figure
          label={`Spray width, ${length.unit(settings)}`}
          value={d.width_mm === null ? null : length.show(d.width_mm, settings)}
          {...within(bounds.width_mm, (mm) => length.show(mm, settings))}
          empty="fanned out"
          onSave={(v) => onChange({ width_mm: v === null ? null : length.read(v, settings) })}
        />
      </div>
    ),
  };
}

function width(mm: number | null, settings: Settings): string {
  return mm === null ? 'fanned out' : `${length.show(mm, settings)} ${length.unit(settings)} wide`;
}
