import { Anchor, Checkbox, NativeSelect } from '@mantine/core';
import type { MixPart, PaintStep } from '../api/types';
import { MaskOfStep } from '../masks/MaskOfStep';

import { TechniqueSettings } from '../masks/TechniqueSettings';
import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import { length, pressure } from '../units/units';
import type { FormProps } from './face';
import { MaskStaysOn } from './MaskStaysOn';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './steps.module.css';

const OWN = 'own range';
const WHOLE = 'whole';
/** Marks of which less lands are told of. */
const MOST = 0.9;
const SIDES = ['both', 'left', 'right'] as const;
const SET_BY = ['heat', 'air', 'wet'] as const;
/** An own range that says nothing of an edge is open there. */
const OPEN = { from_u: 0, to_u: 1, from_deg: 0, to_deg: 180, soft: 0.3 };
type Edge = keyof typeof OPEN;
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

/** Paint, how, where, how much, how hard, how set. */
export function PaintForm({ step, version, vocabulary, paints, settings, onChange }: FormProps<PaintStep>) {
  const { document: d } = step;
  const { bounds } = vocabulary;
  const { mix, where } = d;
  const { lands } = step.shown;
  const zone = 'zone' in where ? where.zone : OWN;
  const range = { ...OPEN, ...where };
  const side = where.side === undefined ? {} : { side: where.side };
  const technique = vocabulary.techniques.find((t) => t.name === d.technique.name);
  const partOf = (i: number, set: Partial<MixPart>) =>
    onChange((now) => ({ mix: now.mix.map((m, k) => (k === i ? { ...m, ...set } : m)) }));
  const edge = (label: string, field: Edge, min: number, max: number, step: number) => (
    <Figure
      label={label}
      value={range[field]}
      min={min}
      max={max}
      step={step}
      onSave={(value) => value !== null && onChange((now) => ({ where: { ...now.where, [field]: value } }))}
    />
  );
  const aims = AIMS.some(([, deg]) => deg === d.aim_deg)
    ? AIMS
    : [...AIMS, [`${d.aim_deg}° from above`, d.aim_deg] satisfies Aim];

  return (
    <>
      <fieldset>
        <legend>Paint</legend>
        {mix.map((part, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: the same paint may stand in a mix only by its place
          <div className={classes.mixPart} key={i}>
            <NativeSelect
              label={i === 0 ? 'Paint' : `Paint ${i + 1}`}
              size="xs"
              data={paints
                .filter((p) => !p.archived || p.id === part.paint)
                .map((p) => ({ value: p.id, label: `${p.name} (${p.kind})` }))}
              value={part.paint}
              onChange={(event) => partOf(i, { paint: event.currentTarget.value })}
            />
            <Figure
              label="Drops"
              value={part.drops}
              {...within(bounds.drops)}
              decimals={0}
              onSave={(drops) => drops !== null && partOf(i, { drops })}
            />
            {mix.length > 1 && (
              <Anchor
                component="button"
                type="button"
                aria-label={`Take paint ${i + 1} out of the mix`}
                onClick={() => onChange((now) => ({ mix: now.mix.filter((_, k) => k !== i) }))}
              >
                Out
              </Anchor>
            )}
          </div>
        ))}
        {mix.length < 6 && paints[0] !== undefined && (
          <Anchor
            component="button"
            type="button"
            onClick={() => onChange((now) => ({ mix: [...now.mix, { paint: paints[0]?.id ?? '', drops: 1 }] }))}
            style={{ justifySelf: 'start' }}
          >
            Mix another in
          </Anchor>
        )}
      </fieldset>
      <fieldset>
        <legend>How</legend>
        <NativeSelect
          label="Put on"
          size="xs"
          data={vocabulary.techniques.map((t) => ({ value: t.name, label: t.label }))}
          value={technique?.name ?? 'spray'}
          onChange={(event) => {
            const chosen = vocabulary.techniques.find((t) => t.name === event.currentTarget.value);
            if (chosen === undefined) return;
            onChange({ technique: { name: chosen.name }, ...(chosen.placed && { where: { ...side, zone: WHOLE } }) });
          }}
        />
        <TechniqueSettings
          list={technique?.settings ?? []}
          technique={d.technique}
          settings={settings}
          onChange={(set) => onChange((now) => ({ technique: set(now.technique) }))}
        />
        <MaskStaysOn step={step} version={version} onChange={onChange} />
        <MaskOfStep step={step} version={version} />
        {technique?.random && <p className="dim">Random by nature: the hand will differ from the picture.</p>}
      </fieldset>
      <fieldset>
        <legend>Where</legend>
        {technique?.placed && (
          <Checkbox
            size="xs"
            label="Cut off at the edge of a place"
            checked={zone !== WHOLE}
            onChange={(event) => onChange({ where: { ...side, zone: event.currentTarget.checked ? 'flank' : WHOLE } })}
          />
        )}
        {(!technique?.placed || zone !== WHOLE) && (
          <NativeSelect
            label="Place"
            size="xs"
            data={[...vocabulary.zones, OWN]}
            value={zone}
            onChange={(event) => {
              const chosen = event.currentTarget.value;
              onChange({
                where: {
                  ...(chosen === OWN
                    ? { from_u: 0.2, to_u: 0.9, from_deg: 40, to_deg: 110, soft: 0.4 }
                    : { zone: chosen }),
                  ...side,
                },
              });
            }}
          />
        )}
        <NativeSelect
          label="Side"
          size="xs"
          data={[
            { value: 'both', label: 'both alike' },
            { value: 'left', label: 'left only' },
            { value: 'right', label: 'right only' },
          ]}
          value={where.side ?? 'both'}
          onChange={(event) => {
            const side = SIDES.find((one) => one === event.currentTarget.value);
            void onChange((now) => ({ where: { ...now.where, side } }));
          }}
        />
        {zone === OWN && (
          <>
            <div className={layout.two}>
              {edge('From, share of length', 'from_u', 0, range.to_u, 0.05)}
              {edge('To, share of length', 'to_u', range.from_u, 1, 0.05)}
            </div>
            <div className={layout.three}>
              {edge('From, deg', 'from_deg', 0, range.to_deg, 5)}
              {edge('To, deg', 'to_deg', range.from_deg, 180, 5)}
              {edge('Soft, 0 to 1', 'soft', 0, 1, 0.1)}
            </div>
          </>
        )}
        {d.on && lands !== undefined && lands < MOST && (
          <p role="status" className={classes.lands}>
            {lands === 0
              ? 'Nothing of it lands. Look at its place, aim and width, and at what lies below.'
              : `Only ${Math.round(lands * 100)} % of these marks land; the rest lies outside the place or is turned away from the aim.`}
          </p>
        )}
        {technique?.sprayed !== false && (
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
              label={`Width, ${length.unit(settings)}`}
              value={d.width_mm === null ? null : length.show(d.width_mm, settings)}
              {...within(bounds.width_mm, (mm) => length.show(mm, settings))}
              empty="fanned out"
              onSave={(v) => onChange({ width_mm: v === null ? null : length.read(v, settings) })}
            />
          </div>
        )}
      </fieldset>
      <fieldset>
        <legend>How much</legend>
        <div className={layout.two}>
          <Figure
            label="Coats"
            value={d.coats}
            {...within(bounds.coats)}
            decimals={0}
            onSave={(v) => v !== null && onChange({ coats: v })}
          />
          <NativeSelect
            label="Laid"
            size="xs"
            data={vocabulary.weights.map((w, i) => ({
              value: w.name,
              label: `${w.name}, ${technique?.wet_um[i] ?? w.wet_um} µm wet`,
            }))}
            value={d.weight}
            onChange={(event) => {
              const weight = vocabulary.weights.find((w) => w.name === event.currentTarget.value)?.name;
              if (weight !== undefined) onChange({ weight });
            }}
          />
        </div>
        <div className={layout.three}>
          {step.shown.sprayed !== false && (
            <Figure
              label={pressure.unit(settings)}
              value={pressure.show(d.psi, settings)}
              {...within(bounds.psi, (psi) => pressure.show(psi, settings))}
              onSave={(v) => v !== null && onChange({ psi: pressure.read(v, settings) })}
            />
          )}
          <Figure
            label="Reducer, %"
            value={d.thinning_percent}
            {...within(bounds.thinning_percent)}
            step={5}
            onSave={(v) => v !== null && onChange({ thinning_percent: v })}
          />
          <Figure
            label="Strokes a side"
            value={d.strokes}
            {...within(bounds.strokes)}
            decimals={0}
            onSave={(v) => v !== null && onChange({ strokes: v })}
          />
        </div>
        <p className="dim">{step.shown.dry_um} µm dry where it is aimed, all coats together (model).</p>
      </fieldset>
      <fieldset>
        <legend>Set</legend>
        <div className={layout.two}>
          <NativeSelect
            label="By"
            size="xs"
            data={[
              { value: 'heat', label: 'heat' },
              { value: 'air', label: 'air' },
              { value: 'wet', label: 'not set: wet blend' },
            ]}
            value={d.set.by}
            onChange={(event) => {
              const by = SET_BY.find((one) => one === event.currentTarget.value) ?? 'heat';
              void onChange((now) => ({ set: { by, minutes: now.set.minutes } }));
            }}
          />
          <Figure
            label="Wait, min"
            value={d.set.minutes}
            {...within(bounds.minutes)}
            step={5}
            onSave={(v) => v !== null && onChange((now) => ({ set: { by: now.set.by, minutes: v } }))}
          />
        </div>
      </fieldset>
    </>
  );
}
