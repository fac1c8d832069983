import type { Batch, Plan } from '../api/types';
import layout from '../parts/layout.module.css';
import { counted, minutes } from '../units/units';
import { mixWords } from './mixWords';
import classes from './runs.module.css';

/** How the clear of each step is mixed: which mix for which baits, when it begins and how long it lasts. */
export function Batches({ plan }: { plan: Plan }) {
  return plan.steps.map(
    ({ step, name, batch, stirs }) =>
      batch !== null && (
        <section key={step} className={layout.part} aria-label={`Clear: ${name}`}>
          <h2>{name}</h2>
          {batch.mixes.length > 0 && (
            <ol className={layout.listed}>
              {batch.mixes.map((mix) => (
                <li key={mix.start_min}>
                  {mixWords(mix)}, begun {mix.start_min === 0 ? 'at once' : `${minutes(mix.start_min)} later`}; it lasts{' '}
                  {minutes(mix.usable_min)}
                </li>
              ))}
            </ol>
          )}
          {!batch.holds && (
            <p className={layout.caution}>
              It pulls before one bait is coated: a cooler room, a slower clear or two hands.
            </p>
          )}
          <p className={classes.batch}>{[batchWords(batch), ...batch.says].join(' ')}</p>
          {stirs.length > 0 && (
            <p>Stirred in, in its own part: {stirs.map((s) => `${s.ml} ml ${s.name}`).join(', ')}.</p>
          )}
        </section>
      ),
  );
}

function standing({ turn, may_stand, runs_mm }: Batch): string {
  if (!turn) return 'It stays where it is laid.';
  const sags = runs_mm === null ? 'it runs off the bait' : `it sags about ${runs_mm} mm`;
  return `Keep it turning, or ${sags}.${may_stand ? ' One thin coat on a bait this small may stand: it pools a little at its lowest point.' : ''}`;
}

/** Coats, turning, and when it can be coated again, sanded and fished. */
function batchWords(batch: Batch): string {
  const { coats, takes_ml, hard_min, recoat_min, sand_min, fish_min } = batch;
  const [from = 0, until = 0] = recoat_min;
  return [
    `${counted(coats, 'coat')}${coats > 1 ? ', mixed like this for each' : ''}, ${takes_ml} ml in total.`,
    standing(batch),
    `Hard after ${minutes(hard_min)}; the next coat from ${minutes(from)} to ${minutes(until)}, later sand first; ready to sand after ${minutes(sand_min)}, ready to fish after ${minutes(fish_min)} (common practice; its sheet goes first).`,
  ].join(' ');
}
