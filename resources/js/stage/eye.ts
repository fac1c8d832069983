import type { EyeLook, Step } from '../api/types';

/** The eye that is in place after a step (null: after all of them), or null while the socket is bare. */
export function eyeAfter(steps: Step[], upto: string | null): EyeLook | null {
  let eye: EyeLook | null = null;
  for (const { document, shown } of steps) {
    if (document.on && shown.eye !== undefined) eye = shown.eye;
    if (document.id === upto) break;
  }
  return eye;
}
