import type { RunBrief } from '../api/types';

/** How far a run is at the bench, in words. */
export function standing({ steps, next }: NonNullable<RunBrief['stands']>): string {
  return next === null
    ? 'Every step is done: finish it at the bench.'
    : `Next: step ${next.number} of ${steps}, ${next.name}, bait ${next.bait}`;
}
