import type { Run, Step } from '../api/types';
import { faceOf } from '../steps/kinds';

/** Air that what the run says of a step was worked out for: as used when it was asked for, else as planned. */
export function saidFor(run: Run, step: Step, tried: Step | undefined): number | undefined {
  return run.record.figures[step.document.id]?.psi ?? faceOf(step).figures(step, tried).psi;
}
