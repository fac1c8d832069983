import { Anchor, NumberInput, UnstyledButton } from '@mantine/core';
import type { BodyLook } from '../api/types';
import type { Measures } from './measured';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './bodies.module.css';

interface Props {
  zones: BodyLook['zones'];
  measures: Measures;
  shown: string | null;
  onShow: (zone: string | null) => void;
  onChange: (measures: Measures) => void;
}

const EDGES = [
  ['from_u', 'From, share of length', 1, 0.01],
  ['to_u', 'To, share of length', 1, 0.01],
  ['soft_u', 'Fades over, of length', 0.5, 0.01],
  ['from_deg', 'From, deg', 180, 1],
  ['to_deg', 'To, deg', 180, 1],
  ['soft_deg', 'Fades over, deg', 90, 1],
] as const;

/** The zones of this body with their areas; each is shown on it, and can be set by hand. */
export function Zones({ zones, measures, shown, onShow, onChange }: Props) {
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
            {EDGES.map(([field, label, max, step]) => (
              <NumberInput
                key={`${zone.name} ${field}`}
                size="xs"
                label={label}
                value={zone.extent[field]}
                min={0}
                max={max}
                step={step}
                decimalScale={3}
                onChange={(typed) => {
                  const next = { ...zone.extent, [field]: Number(typed) };
                  if (
                    typed === '' ||
                    next[field] === zone.extent[field] ||
                    next[field] < 0 ||
                    next[field] > max ||
                    next.from_u > next.to_u ||
                    next.from_deg > next.to_deg
                  )
                    return;
                  put({ ...measures.marks.zones, [zone.name]: next });
                }}
              />
            ))}
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
