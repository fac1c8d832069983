import { Anchor, NativeSelect } from '@mantine/core';
import { Suspense, useState } from 'react';
import { useAir } from '../api/shopQueries';
import type { MixPart, PaintStep } from '../api/types';
import { within } from '../parts/bounds';
import { Chooser } from '../parts/Chooser';
import { Figure } from '../parts/Figure';
import { Passes } from '../passes';
import { PaintChoice } from './PaintChoice';
import { Rest } from './Rest';
import { techniqueChoices, useDrawings } from './TechniqueChoice';
import '../parts/controls';
import type { FormProps } from './face';
import { PlaceRow, WHOLE } from './PlaceRow';
import { restOfPaint } from './restOfPaint';
import classes from './steps.module.css';

/** When less than this share of a mark lands, the form says so. */
const MOST = 0.9;
const MOST_PAINTS = 6;

/** Paint, how it is put on, where, how many coats; the usual rest in a line. */
export function PaintForm(props: FormProps<PaintStep>) {
  const { step, version, vocabulary, paints, settings, onChange } = props;
  const inShop = useAir(version.id, version.revision, settings).data?.find((one) => one.step === step.document.id);
  const { document: d } = step;
  const [passes, setPasses] = useState(false);
  const { bounds } = vocabulary;
  const { mix, where } = d;
  const { lands } = step.shown;
  const technique = vocabulary.techniques.find((t) => t.name === d.technique.name);
  const other = paints.find((paint) => !paint.archived && mix.every((part) => part.paint !== paint.id));
  const [looking, setLooking] = useState(false);
  const drawings = useDrawings(version.body.id, looking);
  const partOf = (i: number, set: Partial<MixPart>) =>
    onChange((now) => ({ mix: now.mix.map((m, k) => (k === i ? { ...m, ...set } : m)) }));
  const putOn = (name: string) => {
    const chosen = vocabulary.techniques.find((t) => t.name === name);
    if (chosen === undefined || name === d.technique.name) return;
    const side = where.side === undefined ? {} : { side: where.side };
    void onChange({ technique: { name }, ...(chosen.placed && { where: { ...side, zone: WHOLE } }) });
  };

  return (
    <>
      <div className={classes.row}>
        <span>Paint</span>
        <div>
          {mix.map((part, i) => (
            // biome-ignore lint/suspicious/noArrayIndexKey: the same paint may stand in a mix only by its place
            <div className={classes.mixPart} key={i}>
              <PaintChoice
                label={i === 0 ? 'Paint' : `Paint ${i + 1}`}
                paints={paints}
                version={version}
                chosen={part.paint}
                onChoose={(paint) => partOf(i, { paint })}
              />
              {i === 0 && mix.length < MOST_PAINTS && other !== undefined && (
                <Anchor
                  component="button"
                  type="button"
                  aria-label="Mix another paint in"
                  onClick={() => onChange((now) => ({ mix: [...now.mix, { paint: other.id, drops: 1 }] }))}
                >
                  Mix
                </Anchor>
              )}
              {mix.length > 1 && (
                <>
                  <Figure
                    label={`Drops ${i + 1}`}
                    hidden
                    value={part.drops}
                    {...within(bounds.drops)}
                    decimals={0}
                    onSave={(drops) => drops !== null && partOf(i, { drops })}
                  />
                  <Anchor
                    component="button"
                    type="button"
                    aria-label={`Take paint ${i + 1} out of the mix`}
                    onClick={() => onChange((now) => ({ mix: now.mix.filter((_, k) => k !== i) }))}
                  >
                    Out
                  </Anchor>
                </>
              )}
            </div>
          ))}
        </div>
      </div>
      <div className={classes.row}>
        <span>Put on</span>
        <Chooser
          tiles
          label={`Put on: ${technique?.label ?? ''}`}
          find="How is it put on?"
          onOpen={() => setLooking(true)}
          groups={[
            { name: 'Ways to put it on', choices: techniqueChoices(vocabulary.techniques, version.body, drawings) },
          ]}
          chosen={d.technique.name}
          onChoose={putOn}
        >
          {technique?.label}
        </Chooser>
      </div>
      <PlaceRow {...props} technique={technique} />
      <div className={classes.row}>
        <span>Coats</span>
        <div className={classes.coats}>
          <Figure
            label="Coats"
            hidden
            value={d.coats}
            {...within(bounds.coats)}
            decimals={0}
            onSave={(v) => v !== null && onChange({ coats: v })}
          />
          <Anchor component="button" type="button" disabled={!d.on} onClick={() => setPasses(true)}>
            One more?
          </Anchor>
          <NativeSelect
            aria-label="Laid"
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
      </div>
      {d.on && lands !== undefined && lands < MOST && (
        <p role="status" className={classes.lands}>
          {lands === 0
            ? 'No paint lands. Check its place, aim and width, and what lies below.'
            : `Only ${Math.round(lands * 100)} % of these marks land; the rest lies outside the place or is turned away from the aim.`}
        </p>
      )}
      <Rest parts={restOfPaint({ ...props, technique, inShop })} />
      {passes && (
        <Suspense>
          <Passes
            title={`${step.shown.name}: one more coat?`}
            version={version.id}
            revision={version.revision}
            body={version.body}
            step={step}
            action="Plan"
            note="Tap one to plan so many coats."
            onChoose={(coats) => onChange({ coats })}
            onClose={() => setPasses(false)}
          />
        </Suspense>
      )}
    </>
  );
}
