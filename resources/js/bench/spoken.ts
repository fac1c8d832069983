import type { Run, Step } from '../api/types';
import type { AtBench } from '../steps/face';
import { faceOf } from '../steps/kinds';
import { inUnit } from '../units/sentence';

/** A step as the bench speaks it: what is done to which bait, the figures, then how. */
export function spoken(run: Run, step: Step, bait: number | null, at: AtBench): string {
  const whose = bait === null ? 'all baits' : `bait ${bait} of ${run.bait_count}`;
  const figures = faceOf(step)
    .bench(step, at)
    .map(([figure, name]) => `${figure} ${name}`);
  return [
    `Step ${step.shown.number}: ${step.shown.name}, ${whose}.`,
    figures.length === 0 ? '' : `${figures.join(', ')}.`,
    inUnit(step.shown.how, at.settings),
  ]
    .filter(Boolean)
    .join(' ');
}
