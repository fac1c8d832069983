import { useWindowEvent } from '@mantine/hooks';
import type { BenchRecord, Run } from '../api/types';
import { useKeys } from '../parts/keys';
import { onButton } from './atBench';
import { canBeFelt, left } from './StillWet';
import type { Standing } from './standing';
import type { useActs } from './useActs';

interface Does {
  next: () => void;
  wrong: () => void;
  note: () => void;
  photo: () => void;
  figures: () => void;
  speak: () => void;
  beat: (() => void) | undefined;
  passes: (() => void) | undefined;
}

/** The bench by keys, while nothing lies over it. */
export function useBenchKeys(
  run: Run,
  record: BenchRecord,
  at: Standing,
  acts: ReturnType<typeof useActs>,
  does: Does,
  free: boolean,
): void {
  // A button pressed with a knuckle does not keep the focus: else Space would press it again instead of going on.
  useWindowEvent('mousedown', (event) => {
    if (event.target instanceof Element && event.target.closest('button') !== null) event.preventDefault();
  });
  const soonest = record.timers.filter((t) => canBeFelt(run, t)).sort((a, b) => left(a) - left(b))[0];
  const when = <K>(is: boolean, key: K): K[] => (is ? [key] : []);
  useKeys(
    'Bench',
    [
      // Space on a button that has the focus presses that button.
      { keys: 'space', does: 'done, on to the next', run: (e) => onButton(e) || does.next() },
      { keys: 'Enter', does: 'the same', run: (e) => onButton(e) || does.next() },
      ...(soonest === undefined
        ? []
        : [
            { keys: 'D', does: 'the next clock: felt dry', run: () => acts.dry(soonest) },
            ...when(left(soonest) <= 0, {
              keys: 'Y',
              does: 'the next clock: still tacky',
              run: () => acts.tacky(soonest),
            }),
          ]),
      ...when(at.worked.includes('left'), { keys: 'L', does: 'left side done', run: () => acts.tick('left') }),
      ...when(at.worked.includes('right'), { keys: 'R', does: 'right side done', run: () => acts.tick('right') }),
      { keys: 'B', does: 'back: open the last again', run: acts.back },
      { keys: 'T', does: 'start the timer', run: acts.timer },
      ...when(run.faults[at.stepId] !== undefined, { keys: 'W', does: 'something is wrong', run: does.wrong }),
      ...(does.passes === undefined ? [] : [{ keys: 'O', does: 'one more pass?', run: does.passes }]),
      { keys: 'N', does: 'take a note', run: does.note },
      ...(does.beat === undefined ? [] : [{ keys: 'M', does: 'a beat for even strokes', run: does.beat }]),
      { keys: 'S', does: 'speak, or be silent', run: does.speak },
      { keys: 'P', does: 'take a photograph', run: does.photo },
      ...when((at.step?.shown.figures ?? []).length > 0, {
        keys: 'F',
        does: 'say other figures',
        run: does.figures,
      }),
    ],
    free,
  );
}
