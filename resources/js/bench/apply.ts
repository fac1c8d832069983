import type { BenchEvent, BenchRecord, Run } from '../api/types';

/** What the page needs of a run to say what its events come to. */
export type RunOfEvents = Pick<Run, 'baits' | 'steps' | 'one_side_of_all'>;

/** An event before it has its id and its time. */
export type Draft = Fresh<BenchEvent>;
type Fresh<E> = E extends BenchEvent ? Omit<E, 'id' | 'at'> : never;

type Kind = BenchEvent['type'];
type Of<K extends Kind> = Extract<BenchEvent, { type: K }>;

/** What each kind of event makes of a record that is the page's own; the twin of core/Run/Event. */
const APPLY: { [K in Kind]: (record: BenchRecord, event: Of<K>, run: RunOfEvents) => void } = {
  done: (record, event, run) => {
    record.done[event.step] = [...new Set([...(record.done[event.step] ?? []), ...reach(event, run)])];
  },
  reopened: (record, event, run) => {
    const baits = reach(event, run);
    record.done[event.step] = (record.done[event.step] ?? []).filter((bait) => !baits.includes(bait));
    for (const bait of baits) delete record.sides[event.step]?.[bait];
  },
  side: (record, event, run) => {
    for (const bait of reach(event, run)) {
      const sides = new Set(record.sides[event.step]?.[bait] ?? []);
      if (event.data.done === false) sides.delete(event.data.side);
      else sides.add(event.data.side);
      record.sides[event.step] = { ...record.sides[event.step], [bait]: [...sides] };
    }
  },
  timer: (record, event) => {
    const { id, step, at, data } = event;
    const started = { id, step, bait: event.bait ?? null, seconds: data.seconds, label: data.label ?? '', at };
    record.timers = [...record.timers.filter((t) => !isOf(t, event)), { ...started, tacky: false, dried: false }];
  },
  tacky: (record, event) => {
    record.timers = record.timers.map((t) =>
      isOf(t, event) ? { ...t, seconds: t.seconds + event.data.seconds, tacky: true } : t,
    );
  },
  dried: (record, event) => {
    record.timers = record.timers.map((t) => (isOf(t, event) ? { ...t, dried: true } : t));
  },
  'timer-stopped': (record, event) => {
    record.timers = record.timers.filter((t) => !isOf(t, event));
  },
  rejected: (record, event, run) => {
    for (const bait of reach(event, run)) record.rejected[bait] = event.data.reason;
    // What was rejected need not dry.
    record.timers = record.timers.filter((t) => t.bait === null || record.rejected[t.bait] === undefined);
  },
  'taken-back': (record, event, run) => {
    for (const bait of reach(event, run)) delete record.rejected[bait];
  },
  fault: (record, event) => {
    record.faults.push({ ...told(event), fault: event.data.fault, psi: event.data.psi ?? null, tried: [] });
  },
  tried: (record, event) => {
    const { fault, cause, helped } = event.data;
    record.faults.findLast((one) => one.step === event.step && one.fault === fault)?.tried.push({ cause, helped });
  },
  paced: (record, event) => {
    // A record that an older page kept has none.
    record.paced = { ...record.paced, [event.step]: event.data };
  },
  note: (record, event) => {
    record.notes.push({ ...told(event), text: event.data.text });
  },
  photo: (record, event) => {
    record.photos.push({ ...told(event), photo_id: event.data.photo_id });
  },
  figures: (record, event, run) => {
    const tried = run.steps.find((s) => s.document.id === event.step)?.shown.tries ?? null;
    for (const step of tried === null ? [event.step] : [event.step, tried])
      record.figures[step] = { ...record.figures[step], ...used(event) };
  },
};

export function apply<K extends Kind>(record: BenchRecord, event: Of<K>, run: RunOfEvents): void {
  APPLY[event.type as K](record, event, run);
}

/** The figures that an event names. */
export function used({ data }: Of<'figures'>): { [figure: string]: number } {
  return Object.fromEntries(Object.entries(data).filter((pair): pair is [string, number] => pair[1] !== undefined));
}

function reach({ bait }: BenchEvent, run: RunOfEvents): number[] {
  return bait == null ? run.baits.map((b) => b.position) : [bait];
}

function told({ step, bait, at }: BenchEvent) {
  return { step, bait: bait ?? null, at };
}

function isOf(timer: BenchRecord['timers'][number], event: BenchEvent): boolean {
  return timer.step === event.step && timer.bait === (event.bait ?? null);
}
