import type { PlannedStep, Step } from '../api/types';
import { isPaint } from '../steps/face';

/** How long the dryer is held on a side; 0 where the step is not set by heat. */
export function holdSeconds(step: Step | undefined, planned: PlannedStep | undefined): number {
  return step !== undefined && isPaint(step) && step.document.set.by === 'heat'
    ? Math.ceil(planned?.set_seconds ?? 0)
    : 0;
}

export function onButton({ target }: KeyboardEvent): boolean {
  const button = target instanceof HTMLElement && target.matches('button, a');
  if (button) target.click();
  return button;
}

/** Two presses so close are one. */
export const DOUBLE_TAP_MS = 700;

/** How much longer a timer runs when its time is up and the coat is not dry: a quarter more. */
export function longer(seconds: number): number {
  return Math.max(10, Math.ceil(seconds / 4));
}
