import { useCallback, useEffect, useMemo, useState } from 'react';
import { newId, newUlid } from '../api/client';
import { nowIso } from '../api/serverClock';
import { useShownFrom } from '../api/shownFrom';
import type { BenchEvent, BenchRecord, Run } from '../api/types';
import { box } from '../box/box';
import { type Entry, keptRecord } from '../box/store';
import { useBox } from '../box/useBox';
import { withWaiting } from './withWaiting';

type Draft = Pick<BenchEvent, 'type' | 'step' | 'bait' | 'data'>;

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
function about(run: Run, { type, step, bait, data }: Draft): string {
  const name = run.steps.find((s) => s.document.id === step)?.shown.name ?? '';
  const label = run.baits.find((b) => b.position === bait)?.label;
  const said =
    type === 'note'
      ? `: ${data?.text}`
      : type === 'rejected'
        ? `: ${data?.reason}`
        : type === 'side'
          ? `, ${data?.side}`
          : type === 'fault' || type === 'tried'
            ? `: ${data?.fault}`
            : '';
  const figures =
    type === 'figures'
      ? `: ${Object.entries(data ?? {})
          .map((pair) => pair.join(' '))
          .join(', ')}`
      : '';
  return `Run ${run.number}, ${name}${label === undefined ? '' : `, ${label}`}: ${DID[type]}${said}${figures}`.slice(
    0,
    990,
  );
}
