import { useCallback, useEffect, useMemo, useState } from 'react';
import { newId, newUlid } from '../api/client';
import { nowIso } from '../api/serverClock';
import { useShownFrom } from '../api/shownFrom';
import type { BenchEvent, BenchRecord, Run } from '../api/types';
import { box } from '../box/box';
import { type Entry, keptRecord } from '../box/store';
import { useBox } from '../box/useBox';
import type { Draft } from './apply';
import { withWaiting } from './withWaiting';

/** A run at the bench: its record with what has not reached the server yet, and how to add to it. */
export function useBench(run: Run) {
  const waiting = useBox().waiting;
  const shownFrom = useShownFrom();
  const [kept, setKept] = useState<BenchRecord | undefined>();
  // A run shown from before is as old as when it was asked for; what the server answered the bench with since is newer.
  useEffect(() => {
    if (shownFrom !== null) void keptRecord(run.id).then(setKept, () => {});
    else setKept(undefined);
  }, [shownFrom, run.id]);

  const events = useMemo(() => waiting.filter((e) => e.run === run.id).map((e) => e.event), [waiting, run.id]);
  const record = useMemo(() => withWaiting(run, kept ?? run.record, events), [run, kept, events]);

  const entry = useCallback(
    (draft: Draft): Entry => ({
      run: run.id,
      event: { ...draft, id: newId(), at: nowIso() },
      about: about(run, draft),
    }),
    [run],
  );
  const add = useCallback((...drafts: Draft[]) => void box.add(drafts.map(entry)), [entry]);
  const addPhoto = useCallback(
    (photo: Blob, draft: Pick<Draft, 'step' | 'bait'>) =>
      void box.add([{ ...entry({ ...draft, type: 'photo', data: { photo_id: newUlid() } }), photo }]),
    [entry],
  );

  return { record, add, addPhoto, unsent: events.length };
}

const DID: { [type in BenchEvent['type']]: string } = {
  side: 'a side ticked',
  done: 'done',
  reopened: 'opened again',
  figures: 'figures used',
  paced: 'strokes to a beat',
  note: 'a note',
  timer: 'a timer',
  tacky: 'felt tacky',
  dried: 'felt dry',
  'timer-stopped': 'a timer stopped',
  photo: 'a photograph',
  rejected: 'rejected',
  'taken-back': 'taken back',
  fault: 'something wrong',
  tried: 'what was tried',
};

/** What was done, in words that can be read later, away from the run. */
function about(run: Run, draft: Draft): string {
  const name = run.steps.find((s) => s.document.id === draft.step)?.shown.name ?? '';
  const label = run.baits.find((b) => b.position === draft.bait)?.label;
  const where = `Run ${run.number}, ${name}${label === undefined ? '' : `, ${label}`}`;
  return `${where}: ${DID[draft.type]}${said(draft)}`.slice(0, 990);
}

function said(draft: Draft): string {
  switch (draft.type) {
    case 'note':
      return `: ${draft.data.text}`;
    case 'rejected':
      return `: ${draft.data.reason}`;
    case 'side':
      return `, ${draft.data.side}`;
    case 'fault':
    case 'tried':
      return `: ${draft.data.fault}`;
    case 'figures':
      return `: ${Object.entries(draft.data)
        .map((pair) => pair.join(' '))
        .join(', ')}`;
    default:
      return '';
  }
}
