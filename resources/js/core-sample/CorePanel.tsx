import { UnstyledButton } from '@mantine/core';
import { useState } from 'react';
import type { Core, Settings } from '../api/types';
import layout from '../parts/layout.module.css';
import { inUnit } from '../units/sentence';
import { ColourTravel } from './ColourTravel';
import classes from './core.module.css';

interface Props {
  /** The film up to the chosen step. */
  core: Core | undefined;
  settings: Settings;
  /** The film of all steps, to scrub through. */
  whole: Core | undefined;
  /** The steps up to the chosen one. */
  reached: string[];
  onStep: (stepId: string) => void;
}

/** The film at the chosen spot, cut through: each coat to scale with what it does to the light. */
export function CorePanel({ core, settings, whole, reached, onStep }: Props) {
  const [open, setOpen] = useState<string | null>(null);
  const coats = [...(core?.coats ?? [])].reverse();
  const total = coats.reduce((sum, coat) => sum + coat.dry_um, 0);
  const guessed = coats.some((coat) => !coat.from_card);
  const asked = core?.coats.findIndex((coat) => coat.step === open) ?? -1;
  const coat = core?.coats[asked];
  return (
    <section aria-label="Core" className={classes.core} aria-live="polite">
      <h2 className={layout.head}>Film at A</h2>
      {core !== undefined && <p className={classes.quiet}>{inUnit(core.at, settings)}</p>}
      {core !== undefined && coats.length === 0 && <p>{core.cause}</p>}
      {core !== undefined && coats.length > 0 && (
        <>
          <ol className={classes.coreFilm} aria-label="Coats from the outside in">
            {coats.map((one) => (
              <li key={one.step} style={{ flexGrow: Math.max(one.dry_um / total, 0.03) }}>
                <UnstyledButton
                  aria-expanded={open === one.step}
                  onClick={() => setOpen(open === one.step ? null : one.step)}
                >
                  <i style={{ background: one.colour.hex }} />
                  <span className={classes.coreName}>
                    {one.number} {one.name}
                  </span>
                  <span className={classes.quiet}>
                    {one.dry_um < 10 ? one.dry_um.toFixed(1) : Math.round(one.dry_um)} µm
                  </span>
                </UnstyledButton>
              </li>
            ))}
          </ol>
          {coat !== undefined && <Coat coat={coat} before={core.coats[asked - 1]?.colour ?? core.ground} />}
          <p className={classes.coreColour}>
            <i style={{ background: core.colour.hex }} />
            <span>
              <b>{core.colour.hex}</b> L* {Math.round(core.colour.l)} C {Math.round(core.colour.c)} h{' '}
              {Math.round(core.colour.h)}
              <br />
              <span className={classes.quiet}>
                {guessed ? 'Estimate: some paints are not measured yet' : 'Estimate, from measured cards'}
              </span>
            </span>
          </p>
          {core.at_mirror !== null && (
            <p className={classes.coreColour}>
              <i style={{ background: core.at_mirror.hex }} />
              <span>
                <b>{core.at_mirror.hex}</b> L* {Math.round(core.at_mirror.l)} C {Math.round(core.at_mirror.c)} h{' '}
                {Math.round(core.at_mirror.h)}
                <br />
                <span className={classes.quiet}>In glancing light (rough estimate)</span>
              </span>
            </p>
          )}
          {coat === undefined && <p>{core.cause}</p>}
        </>
      )}
      {whole !== undefined && whole.coats.length > 1 && (
        <ColourTravel
          whole={whole}
          now={whole.coats.findLast((coat) => reached.includes(coat.step))?.step ?? null}
          onStep={onStep}
        />
      )}
    </section>
  );
}

/** One coat: its share of the light, and the colour before and after it. */
function Coat({ coat, before }: { coat: Core['coats'][number]; before: Core['colour'] }) {
  const percent = (share: number) => `${Math.round(share * 100)} %`;
  return (
    <div className={classes.coreCoat}>
      <span className={classes.coreTurn} role="img" aria-label={`before ${before.hex}, after ${coat.colour.hex}`}>
        <i style={{ background: before.hex }} />
        <i style={{ background: coat.colour.hex }} />
      </span>
      <dl>
        <dt>takes</dt>
        <dd>{percent(coat.takes)}</dd>
        <dt>throws back</dt>
        <dd>{percent(coat.returns)}</dd>
        <dt>keeps of below</dt>
        <dd>{percent(coat.passes)}</dd>
        <dt>changes</dt>
        <dd>{coat.delta_e.toFixed(1)}</dd>
      </dl>
      <p>
        {coat.says} {coat.from_card ? '' : 'Estimated from swatch and kind.'}
      </p>
    </div>
  );
}
