import type { Bait, Settings, Step } from '../api/types';
import { faultWords } from '../parts/faultWords';
import { figureWords } from '../steps/figureWords';
import { faceOf } from '../steps/kinds';
import { inUnit } from '../units/sentence';
import { clock, minutes } from '../units/units';
import classes from './log.module.css';

/** A step as planned and as done, when, and what was noted of it. */
export function Compared({ step, bait, settings }: { step: Step; bait: Bait; settings: Settings }) {
  const d = step.document;
  const done = (bait.record.done[d.id] ?? []).includes(bait.position);
  const used = bait.record.figures[d.id];
  const sides = bait.record.sides[d.id]?.[bait.position] ?? [];
  const planned = faceOf(step).figures(step, undefined);
  const notes = bait.record.notes.filter((n) => n.step === d.id && (n.bait === null || n.bait === bait.position));
  const faults = bait.record.faults.filter((f) => f.step === d.id && (f.bait === null || f.bait === bait.position));
  const paced = bait.record.paced[d.id];
  const at = bait.times[d.id];
  const cut = bait.cut_short.filter((one) => one.step === d.id);
  return (
    <tr>
      <td>
        {step.shown.number} {step.shown.name}
      </td>
      <td>{figureWords(step, planned, settings) || inUnit(step.shown.how, settings)}</td>
      <td className={used === undefined ? '' : classes.differs}>
        {!done ? (
          <b>no record</b>
        ) : (
          <>
            {step.shown.figures.length === 0
              ? 'done'
              : used === undefined
                ? 'as planned'
                : figureWords(step, { ...planned, ...used }, settings)}
            {sides.length === 2 ? ', both sides' : sides.length === 1 ? `, ${sides[0]} side only` : ''}
            {paced === undefined ? '' : `, strokes of ${paced.seconds} s`}
          </>
        )}
      </td>
      <td>{at === undefined ? '' : clock(at, bait.started_at ?? undefined)}</td>
      <td>
        {[...faults.map(faultWords), ...notes.map((n) => n.text)].join(' · ')}
        {cut.map(({ planned_s, ran_s }) => (
          <p key={planned_s + ran_s} className={classes.differs}>
            Went on after {minutes(ran_s / 60)} of {minutes(planned_s / 60)}.
          </p>
        ))}
      </td>
    </tr>
  );
}
