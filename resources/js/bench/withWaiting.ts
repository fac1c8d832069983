import type { BenchEvent, BenchRecord } from '../api/types';
import { apply, type RunOfEvents } from './apply';

/** The server's record with what has not reached it yet, so that the bench goes on without waiting. */
export function withWaiting(run: RunOfEvents, known: BenchRecord, waiting: BenchEvent[]): BenchRecord {
  if (waiting.length === 0) return known;
  const record = structuredClone(known);
  for (const event of waiting) apply(record, event, run);
  record.position = null;
  for (const step of run.steps.filter((s) => s.document.on)) {
    const done = record.done[step.document.id] ?? [];
    const open = run.baits
      .map((b) => b.position)
      .filter((bait) => record.rejected[bait] === undefined && !done.includes(bait));
    const [first, second] = step.shown.for_all ? [] : step.shown.sides;
    const sides = record.sides[step.document.id];
    // One side of every bait, then all are turned.
    const next =
      run.one_side_of_all && first !== undefined && second !== undefined
        ? open.find((bait) => !sides?.[bait]?.includes(first))
        : undefined;
    const bait = next ?? open[0];
    if (bait !== undefined) {
      record.position = { step: step.document.id, bait };
      break;
    }
  }
  return record;
}
