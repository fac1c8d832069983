import type { BenchRecord, Run, Step } from '../api/types';

/** Where a run stands at the bench: the step and the bait that come next, and what is left of them. */
export type Standing = ReturnType<typeof standing>;

/** @param tapped the bait that a hand was laid on: it comes next as long as its step is open on it */
export function standing(run: Run, record: BenchRecord, tapped: { step: string; bait: number } | null) {
  const steps = run.steps.filter((s) => s.document.on);
  const finished = run.finished_at !== null;
  // One that was finished elsewhere takes nothing more, whatever was left open.
  const position = finished ? null : record.position;
  const step: Step | undefined = steps.find((s) => s.document.id === position?.step) ?? steps.at(-1);
  const stepId = step?.document.id ?? '';
  const kept = run.baits.filter((b) => record.rejected[b.position] === undefined);
  const isOpen = (one: number) =>
    position !== null && record.rejected[one] === undefined && !(record.done[stepId] ?? []).includes(one);
  /** The bait that is worked on next when one is skipped. */
  const after = (one: number | null) => {
    const open = kept.map((b) => b.position).filter((other) => other !== one && isOpen(other));
    return open.find((other) => other > (one ?? 0)) ?? open[0];
  };
  const bait = tapped?.step === stepId && isOpen(tapped.bait) ? tapped.bait : (position?.bait ?? run.bait_count);
  const forAll = step?.shown.for_all ?? false;
  const plannedOf = (id: string | undefined) => run.plan.steps.find((p) => p.step === id);
  const sides = record.sides[stepId]?.[bait] ?? [];
  const worked = step?.shown.sides ?? [];
  const triedStep = run.steps.find((s) => s.document.id === step?.shown.tries);
  return {
    steps,
    finished,
    position,
    step,
    stepId,
    index: steps.findIndex((s) => s.document.id === stepId),
    kept,
    isOpen,
    after,
    bait,
    forAll,
    /** What an event is about: this bait, or all of them. */
    whose: { step: stepId, bait: forAll ? null : bait },
    isLast: after(bait) === undefined,
    planned: plannedOf(stepId),
    plannedOf,
    sides,
    worked,
    /** The side that is next to be sprayed. */
    side: worked.find((one) => !sides.includes(one)) ?? worked.at(-1) ?? 'left',
    tried: triedStep && { step: triedStep, planned: plannedOf(triedStep.document.id) },
  };
}
