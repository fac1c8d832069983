import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { newId, Problem, words, write } from '../api/client';
import type { BenchEvent, BenchRecord, Run } from '../api/types';

type Draft = Pick<BenchEvent, 'type' | 'step' | 'bait' | 'data'>;

const TRY_AGAIN_MS = 4000;

/**
 * What is done at the bench goes into a box on this machine first and to the server from there, in its order; what
 * could not be sent stays through a reload and is sent again. The server keeps an event once, however often it comes.
 */
export function useBench(run: Run) {
  const queries = useQueryClient();
  const box = `hawkbrush-bench-${run.id}`;
  const [waiting, setWaiting] = useState<BenchEvent[]>(() => read(box));
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tries, setTries] = useState(0);
  const sending = useRef(false);
  const kept = useRef(waiting);

  const keep = useCallback(
    (events: BenchEvent[]) => {
      kept.current = events;
      localStorage.setItem(box, JSON.stringify(events));
      setWaiting(events);
    },
    [box],
  );

  const flush = useCallback(async () => {
    if (sending.current || kept.current.length === 0) return;
    sending.current = true;
    try {
      while (kept.current.length > 0) {
        const batch = kept.current.slice(0, 50);
        const record = await write<BenchRecord>('POST', `/runs/${run.id}/events`, { events: batch });
        queries.setQueryData<Run>(['run', run.id], (old) => (old === undefined ? old : { ...old, record }));
        keep(kept.current.slice(batch.length));
        setTrouble(null);
      }
    } catch (error) {
      setTrouble(words(error));
      // What was refused would be refused again: that event alone is let go, and the reason shown. What did not arrive, or
      // met trouble at the server, is sent again.
      if (error instanceof Problem && error.status < 500) {
        const at = Number(/^\/events\/(\d+)/.exec(error.document?.errors?.[0]?.pointer ?? '')?.[1] ?? -1);
        keep(at < 0 ? [] : kept.current.toSpliced(at, 1));
      }
    } finally {
      sending.current = false;
      setTries((n) => n + 1);
    }
  }, [keep, queries, run.id]);

  useEffect(() => void flush(), [flush]);
  // What is left over goes out again a while after the last try.
  const left = waiting.length > 0;
  // biome-ignore lint/correctness/useExhaustiveDependencies: every try puts the next one off
  useEffect(() => {
    if (!left) return;
    const timer = setTimeout(() => void flush(), TRY_AGAIN_MS);
    return () => clearTimeout(timer);
  }, [flush, left, tries]);

  const add = useCallback(
    (...drafts: Draft[]) => {
      keep([...kept.current, ...drafts.map((draft) => ({ ...draft, id: newId(), at: new Date().toISOString() }))]);
      void flush();
    },
    [keep, flush],
  );

  return { record: withWaiting(run, waiting), add, trouble, unsent: waiting.length };
}

function read(box: string): BenchEvent[] {
  try {
    return JSON.parse(localStorage.getItem(box) ?? '[]') as BenchEvent[];
  } catch {
    return [];
  }
}

/** The server's record with what has not reached it yet, so that the bench goes on without waiting. */
function withWaiting(run: Run, waiting: BenchEvent[]): BenchRecord {
  if (waiting.length === 0) return run.record;
  const record = structuredClone(run.record);
  for (const event of waiting) {
    const all = event.bait == null ? run.baits.map((b) => b.position) : [event.bait];
    if (event.type === 'done') {
      record.done[event.step] = [...new Set([...(record.done[event.step] ?? []), ...all])];
    } else if (event.type === 'reopened') {
      record.done[event.step] = (record.done[event.step] ?? []).filter((b) => !all.includes(b));
      for (const bait of all) delete record.sides[event.step]?.[bait];
    } else if (event.type === 'side') {
      for (const bait of all) {
        const sides = new Set(record.sides[event.step]?.[bait] ?? []);
        const side = String(event.data?.side);
        if (event.data?.done === false) sides.delete(side);
        else sides.add(side);
        record.sides[event.step] = { ...record.sides[event.step], [bait]: [...sides] };
      }
    } else if (event.type === 'timer') {
      record.timers = record.timers.filter((t) => !isOf(t, event));
      record.timers.push({
        id: event.id,
        step: event.step,
        bait: event.bait ?? null,
        seconds: Number(event.data?.seconds),
        label: String(event.data?.label ?? ''),
        at: event.at,
        tacky: false,
        dried: false,
      });
    } else if (event.type === 'tacky') {
      record.timers = record.timers.map((t) =>
        isOf(t, event) ? { ...t, seconds: t.seconds + Number(event.data?.seconds), tacky: true } : t,
      );
    } else if (event.type === 'dried') {
      record.timers = record.timers.map((t) => (isOf(t, event) ? { ...t, dried: true } : t));
    } else if (event.type === 'timer-stopped') {
      record.timers = record.timers.filter((t) => !isOf(t, event));
    } else if (event.type === 'figures') {
      record.figures[event.step] = { ...record.figures[event.step], ...(event.data as { [figure: string]: number }) };
    }
  }
  record.position = null;
  for (const step of run.steps.filter((s) => s.document.on)) {
    const bait = run.baits.find((b) => !(record.done[step.document.id] ?? []).includes(b.position));
    if (bait !== undefined) {
      record.position = { step: step.document.id, bait: bait.position };
      break;
    }
  }
  return record;
}

function isOf(timer: BenchRecord['timers'][number], event: BenchEvent): boolean {
  return timer.step === event.step && timer.bait === (event.bait ?? null);
}
