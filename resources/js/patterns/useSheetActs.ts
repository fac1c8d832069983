import { useCallback } from 'react';
import type { Fix, NewStep, Step, StepDocument, Version } from '../api/types';
import { useKeys } from '../parts/keys';
import { offerUndo } from '../parts/Notices';
import type { OnBody } from '../stage/pixels';
import type { SetOf } from '../steps/face';
import type { Wanted } from './editLine';

interface Sheet {
  /** As they are shown. */
  steps: Step[];
  chosen: number;
  upto: string | null;
  send: (wanted: Wanted) => Promise<Version | undefined>;
  /** Opens the slip of a step. */
  take: (id: string | undefined) => void;
  setChosenId: (id: string | null) => void;
}

/** What a painter does to the steps of a sheet, as edits. */
export function useSheetActs({ steps, chosen, upto, send, take, setChosenId }: Sheet) {
  const change = useCallback(
    (stepId: string, set: SetOf<StepDocument>) =>
      send((now) => {
        const document = now.steps.find((s) => s.document.id === stepId)?.document;
        if (document === undefined) return undefined;
        return { op: 'change', step: stepId, set: typeof set === 'function' ? set(document) : set };
      }),
    [send],
  );
  const added = (after: Awaited<ReturnType<typeof send>>) =>
    take(after?.steps[steps.length === 0 ? 0 : chosen + 1]?.document.id);
  const begin = async (technique: string, at?: OnBody) => {
    added(await send({ op: 'begin', technique, after: upto, ...(at === undefined ? {} : { at }) }));
  };
  const add = async (step: NewStep) => added(await send({ op: 'add', step, after: upto }));
  const move = (stepId: string, to: number) =>
    void send({ op: 'move', step: stepId, to }).then(() => setChosenId(stepId));
  const mend = (fix: Fix) => {
    if (fix.before !== null) {
      const [from, before] = [fix.step, fix.before].map((id) => steps.findIndex((s) => s.document.id === id));
      move(fix.step, (before ?? 0) - ((from ?? 0) < (before ?? 0) ? 1 : 0));
      offerUndo('mended', `${fix.label}: done.`, () => void send('undo'));
      return;
    }
    if (fix.insert === null) {
      void change(fix.step, fix.set);
      return;
    }
    const before = steps[steps.findIndex((s) => s.document.id === fix.step) - 1];
    void send({ op: 'add', step: fix.insert, after: before?.document.id ?? null, first: before === undefined });
  };
  const mendAll = (fixes: Fix[]) => {
    void send({ op: 'several', changes: fixes.map((fix) => ({ op: 'change', step: fix.step, set: fix.set })) });
    offerUndo('mended', `${fixes[0]?.label} in ${fixes.length} steps.`, () => void send('undo'));
  };
  const remove = async (stepId: string) => {
    const index = steps.findIndex((s) => s.document.id === stepId);
    const name = steps[index]?.shown.name ?? '';
    const after = await send({ op: 'remove', step: stepId });
    if (after === undefined) return;
    setChosenId(after.steps[Math.min(index, after.steps.length - 1)]?.document.id ?? null);
    offerUndo('removed', `${name} removed.`, () => void send('undo').then(() => setChosenId(stepId)));
  };
  const order = async (steps: string[]) => {
    const after = await send({ op: 'order', steps });
    if (after !== undefined) offerUndo('ordered', 'The steps stand in the better order.', () => void send('undo'));
  };
  return { change, begin, add, move, order, mend, mendAll, remove };
}

export function useUndoKeys(undo: () => void, redo: () => void): void {
  useKeys('Pattern sheet', [
    { keys: 'mod+Z', does: 'undo', run: undo },
    { keys: 'mod+shift+Z', does: 'redo', run: redo },
    { keys: 'mod+Y', does: 'redo', run: redo },
  ]);
}
