import type { Run } from '../api/types';

/** How a bait stands at a step of its run. */
export function baitWords(run: Run, record: Run['record'], bait: number, stepId: string, working: boolean): string {
  if (!working) return 'done';
  const timer = record.timers.find((t) => t.bait === bait);
  if (timer !== undefined) return timer.label;
  if ((record.done[stepId] ?? []).includes(bait)) return 'this step done';
  const sides = record.sides[stepId]?.[bait] ?? [];
  if (sides.length > 0) return `${sides.join(' and ')} done`;
  return run.steps.find((s) => s.document.id === stepId)?.shown.for_all ? 'on the clamp' : 'ready';
}
