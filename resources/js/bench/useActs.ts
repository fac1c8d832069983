import { useRef } from 'react';
import type { BenchRecord, Run } from '../api/types';
import type { Draft } from './apply';
import { DOUBLE_TAP_MS, holdSeconds, longer } from './atBench';
import { left } from './StillWet';
import type { Standing } from './standing';

type Clock = BenchRecord['timers'][number];

/** What is done at the bench, as events. */
export function useActs(
  run: Run,
  record: BenchRecord,
  at: Standing,
  add: (...drafts: Draft[]) => void,
  /** A press was taken for the second of one, and ignored. */
  onTwice: () => void,
) {
  const pressed = useRef(Number.NEGATIVE_INFINITY);
  const { step, stepId, bait, position, whose, planned, sides } = at;

  const tick = (side: 'left' | 'right') =>
    add({ type: 'side', step: stepId, bait, data: { side, done: !sides.includes(side) } });

  const timer = () => {
    if (planned === undefined || step === undefined) return;
    const heat = holdSeconds(step, planned);
    const seconds = heat + planned.wait_min * 60;
    const waits = planned.wait_min > 0;
    const label = heat > 0 ? (waits ? 'heat set, then wait' : 'heat set') : waits ? 'waiting' : 'a minute';
    add({ type: 'timer', ...whose, data: { seconds: seconds > 0 ? Math.ceil(seconds) : 60, label } });
  };

  const dry = (felt: Clock) => {
    const stops = (at.plannedOf(felt.step)?.wait_min ?? 0) === 0;
    add(
      { type: 'dried', step: felt.step, bait: felt.bait, data: {} },
      // A wait planned on top goes on, unless it is up.
      ...(stops || felt.tacky ? [{ type: 'timer-stopped' as const, step: felt.step, bait: felt.bait, data: {} }] : []),
    );
  };

  const done = () => {
    if (position === null || step === undefined) return;
    // A second tap of the same press would finish the next bait as well, and nobody paints one that fast.
    if (performance.now() - pressed.current < DOUBLE_TAP_MS) {
      onTwice();
      return;
    }
    pressed.current = performance.now();
    const bare = step.shown.sides.filter((side) => !sides.includes(side));
    // The big button says that both sides are done: they are ticked with it, so that the record says so too.
    add(...bare.map((side) => ({ type: 'side' as const, step: stepId, bait, data: { side, done: true } })), {
      type: 'done',
      ...whose,
      data: {},
    });
    const wait = (planned?.wait_min ?? 0) * 60;
    const runs = record.timers.some((t) => t.step === whose.step && t.bait === whose.bait && left(t) > 0);
    // What was mixed for this step does not count any more once it is on the last bait.
    if (at.isLast && planned?.batch != null) add({ type: 'timer-stopped', step: stepId, bait: null, data: {} });
    // Every bait has a clock of its own; one that runs already is left alone.
    if (wait > 0 && !runs) add({ type: 'timer', ...whose, data: { seconds: Math.ceil(wait), label: 'waiting' } });
  };

  const tacky = (t: Clock) => add({ type: 'tacky', step: t.step, bait: t.bait, data: { seconds: longer(t.seconds) } });
  const stop = (t: Clock) => add({ type: 'timer-stopped', step: t.step, bait: t.bait, data: {} });

  const back = () => {
    const last = at.steps
      .flatMap((s) =>
        run.baits.filter((b) => (record.done[s.document.id] ?? []).includes(b.position)).map((b) => ({ s, b })),
      )
      .at(-1);
    if (last === undefined) return;
    const which = last.s.shown.for_all ? null : last.b.position;
    add({ type: 'reopened', step: last.s.document.id, bait: which, data: {} });
  };

  return { tick, timer, dry, done, tacky, stop, back };
}
