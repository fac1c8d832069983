import type { BenchEvent, BenchRecord, Run } from '../api/types';

/** The server's record with what has not reached it yet, so that the bench goes on without waiting. */
export function withWaiting(
  run: Pick<Run, 'baits' | 'steps' | 'one_side_of_all'>,
  known: BenchRecord,
  waiting: BenchEvent[],
): BenchRecord {
  if (waiting.length === 0) return known;
  const record = structuredClone(known);
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
    } else if (event.type === 'rejected') {
      for (const bait of all) record.rejected[bait] = String(event.data?.reason);
      // What was rejected need not dry.
      record.timers = record.timers.filter((t) => t.bait === null || record.rejected[t.bait] === undefined);
    } else if (event.type === 'taken-back') {
      for (const bait of all) delete record.rejected[bait];
    } else if (event.type === 'fault') {
      record.faults.push({
        ...told(event),
        fault: String(event.data?.fault),
        psi: event.data?.psi === undefined ? null : Number(event.data.psi),
        tried: [],
      });
    } else if (event.type === 'tried') {
      record.faults
        .findLast((one) => one.step === event.step && one.fault === event.data?.fault)
        ?.tried.push({ cause: String(event.data?.cause), helped: event.data?.helped === true });
    } else if (event.type === 'note') {
      record.notes.push({ ...told(event), text: String(event.data?.text) });
    } else if (event.type === 'photo') {
      record.photos.push({ ...told(event), photo_id: String(event.data?.photo_id) });
    } else if (event.type === 'figures') {
      const found = Object.fromEntries(Object.entries(event.data ?? {}).map(([name, value]) => [name, Number(value)]));
      const tried = run.steps.find((s) => s.document.id === event.step)?.shown.tries ?? null;
      for (const step of tried === null ? [event.step] : [event.step, tried])
        record.figures[step] = { ...record.figures[step], ...found };
    }
  }
  record.position = null;
  for (const step of run.steps.filter((s) => s.document.on)) {
    const done = record.done[step.document.id] ?? [];
    const open = run.baits
      .map((b) => b.position)
      .filter((bait) => record.rejected[bait] === undefined && !done.includes(bait));
    const [first, second] = step.shown.for_all ? [] : step.shown.sides;
    const sides = record.sides[step.document.id];
    // One side of every bait, then all are turned.
    const next =
      run.one_side_of_all && first !== undefined && second !== undefined
        ? open.find((bait) => !sides?.[bait]?.includes(first))
        : undefined;
    const bait = next ?? open[0];
    if (bait !== undefined) {
      record.position = { step: step.document.id, bait };
      break;
    }
  }
  return record;
}

function told({ step, bait, at }: BenchEvent) {
  return { step, bait: bait ?? null, at };
}

function isOf(timer: BenchRecord['timers'][number], event: BenchEvent): boolean {
  return timer.step === event.step && timer.bait === (event.bait ?? null);
}
