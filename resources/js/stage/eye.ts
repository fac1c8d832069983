import type { Step } from '../api/types';
import type { Eye } from './fittings';

/** The eye that is in place after a step (null: after all of them), or null while the socket is bare. */
export function eyeAfter(steps: Step[], upto: string | null): Eye | null {
  let eye: Eye | null = null;
  for (const { document } of steps) {
    if (document.type === 'eye' && document.on) {
      eye = { diameterMm: document.diameter_mm, iris: document.iris, pupil: document.pupil };
    }
    if (document.id === upto) break;
  }
  return eye;
}
