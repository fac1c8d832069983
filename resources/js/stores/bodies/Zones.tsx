import { Anchor, NumberInput, UnstyledButton } from '@mantine/core';
import type { BodyLook, Settings } from '../../api/types';
import { length } from '../../units/units';
import type { Measures } from './measured';
import '../../parts/controls';
import layout from '../../parts/layout.module.css';
import classes from './bodies.module.css';

interface Props {
  zones: BodyLook['zones'];
  measures: Measures;
  settings: Settings;
  shown: string | null;
  onShow: (zone: string | null) => void;
  onChange: (measures: Measures) => void;
}

/** Each edge with its name, the most it can be, and what a press changes; those along the body are set in mm. */
const EDGES = [
  ['from_u', 'From the nose', 1, 0.5],
  ['to_u', 'To, from the nose', 1, 0.5],
  ['soft_u', 'Fades over', 0.5, 0.5],
  ['from_deg', 'From the back, °', 180, 1],
  ['to_deg', 'To, from the back, °', 180, 1],
  ['soft_deg', 'Fades over, °', 90, 1],
] as const;

/** The zones of this body with their areas; each is shown on it, and can be set by hand. */
export function Zones({ zones, measures, settings, shown, onShow, onChange }: Props) {
  const zone = zones.find((one) => one.name === shown);
  const put = (own: Record<string, Record<string, number>>) =>
    onChange({ ...measures, marks: { ...measures.marks, zones: own } });
  return (
    <section aria-label="Zones">
      <ul className={classes.zones}>
        {zones.map((one) => (
          <li key={one.name}>
            <UnstyledButton
              className={layout.rowButton}
              aria-pressed={one.name === shown}
              onClick={() => onShow(one.name === shown ? null : one.name)}
            >
              <span>
                {one.name}
                {one.own ? ' *' : ''}
              </span>
              <span>{(one.area_mm2 / 100).toFixed(1)} cm²</span>
            </UnstyledButton>
          </li>
        ))}
      </ul>
      {zone === undefined ? (
        <p className="dim">
          Zones follow the gill edge and the eye of each body. Pick one to see it on this body and to set it otherwise.
          * set by hand
        </p>
      ) : (
        <>
          <div className={classes.measuresThree}>
            {EDGES.map(([field, label, max, step]) => {
              const along = field.endsWith('_u');
              const show = (n: number) => (along ? length.short(n * measures.length_mm, settings) : n);
              const read = (n: number) => (along ? length.read(n, settings) / measures.length_mm : n);
              return (
                <NumberInput
                  key={`${zone.name} ${field}`}
                  size="xs"
                  label={along ? `${label}, ${length.unit(settings)}` : label}
                  value={show(zone.extent[field])}
                  min={0}
                  max={show(max)}
                  step={step}
                  decimalScale={2}
                  onChange={(typed) => {
                    // What is shown is rounded: the same again is no change.
                    if (typed === '' || Number(typed) === show(zone.extent[field])) return;
                    const next = { ...zone.extent, [field]: Math.round(read(Number(typed)) * 1e5) / 1e5 };
                    if (next[field] < 0 || next[field] > max || next.from_u > next.to_u || next.from_deg > next.to_deg)
                      return;
                    put({ ...measures.marks.zones, [zone.name]: next });
                  }}
                />
              );
            })}
          </div>
          {zone.own && (
            <Anchor
              component="button"
              type="button"
              onClick={() =>
                put(Object.fromEntries(Object.entries(measures.marks.zones).filter(([name]) => name !== zone.name)))
              }
            >
              Back to the body’s own marks
            </Anchor>
          )}
        </>
      )}
    </section>
  );
}
