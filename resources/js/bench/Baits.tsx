import { UnstyledButton } from '@mantine/core';
import { useEffect, useRef } from 'react';
import type { Run } from '../api/types';

interface Props {
  run: Run;
  record: Run['record'];
  stepId: string;
  /** The one that is worked on; null when the step is for all, or all is done. */
  bait: number | null;
  onTap: (bait: number) => void;
}

/** The baits of the run and how each stands; a tap asks what to do with one. */
export function Baits({ run, record, stepId, bait, onTap }: Props) {
  const list = useRef<HTMLUListElement>(null);
  // biome-ignore lint/correctness/useExhaustiveDependencies: the one that is worked on comes into sight
  useEffect(() => {
    const on = list.current?.querySelector<HTMLElement>('.on');
    if (list.current !== null && on) list.current.scrollLeft = on.offsetLeft - list.current.offsetLeft - 24;
  }, [bait]);
  const working = record.position !== null && run.finished_at === null;
  return (
    <ul ref={list}>
      {run.baits.map((b) => (
        <li key={b.id} className={b.position === bait ? 'on' : ''}>
          <UnstyledButton
            disabled={run.finished_at !== null}
            aria-current={b.position === bait ? 'step' : undefined}
            onClick={() => onTap(b.position)}
          >
            <b>{b.label}</b>
            <span>{baitWords(run, record, b.position, stepId, working)}</span>
          </UnstyledButton>
        </li>
      ))}
    </ul>
  );
}

/** How a bait stands at a step of its run. */
function baitWords(run: Run, record: Run['record'], bait: number, stepId: string, working: boolean): string {
  const rejected = record.rejected[bait];
  if (rejected !== undefined) return `rejected: ${rejected}`;
  if (!working) return 'done';
  const timer = record.timers.find((t) => t.bait === bait);
  if (timer !== undefined) return timer.label;
  if ((record.done[stepId] ?? []).includes(bait)) return 'this step done';
  const sides = record.sides[stepId]?.[bait] ?? [];
  if (sides.length > 0) return `${sides.join(' and ')} done`;
  return run.steps.find((s) => s.document.id === stepId)?.shown.for_all ? 'on the clamp' : 'ready';
}
