import { Button, Modal } from '@mantine/core';
import { useEffect, useState } from 'react';
import { now, nowIso } from '../api/serverClock';
import type { BenchRecord, Run } from '../api/types';
import { clock, clockLeft } from '../units/units';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './bench.module.css';

type Timer = BenchRecord['timers'][number];

/** Seconds a timer has left, by the server's clock. One that was started since the last tick has not run at all yet. */
export function left(timer: Timer, at: number = now()): number {
  return timer.seconds - Math.max(0, at - Date.parse(timer.at)) / 1000;
}

/** A clear that was mixed: its clock counts to when it pulls. */
export function isMix({ label }: Timer): boolean {
  return label.startsWith('mix ');
}

/** Whether a finger tells if it is dry: paint that sets, not felt dry yet. */
export function canBeFelt(run: Run, timer: Timer): boolean {
  const step = run.steps.find((s) => s.document.id === timer.step)?.document;
  return step?.type === 'paint' && step.set?.by !== 'wet' && !timer.dried;
}

/** Whose time it is: a bait and the step it was started at. */
export function timerWords(run: Run, timer: Timer): string {
  const step = run.steps.find((s) => s.document.id === timer.step)?.shown.name;
  const bait = run.baits.find((b) => b.position === timer.bait)?.label;
  return [step, bait].filter(Boolean).join(', ');
}

interface Props {
  run: Run;
  /** What is not dry yet, and what going on does; null when nothing is asked. */
  asked: { wet: Timer[]; action: string; goOn: () => void } | null;
  onClose: () => void;
}

/** A bait that is still wet is not passed over: the painter says so. A key pressed twice waits. */
export function StillWet({ run, asked, onClose }: Props) {
  const at = useTicking(asked !== null);
  return (
    <Modal opened={asked !== null} onClose={onClose} title="Still wet" centered closeOnClickOutside={false}>
      <ul className={layout.listed}>
        {asked?.wet.map((timer) => (
          <li key={timer.id}>
            {timerWords(run, timer)}: {left(timer, at) > 0 ? `${clockLeft(left(timer, at))} left` : 'time is up'}
          </li>
        ))}
      </ul>
      <div className={`${layout.two} ${classes.stillWetActs}`}>
        <Button data-autofocus onClick={onClose}>
          Wait
        </Button>
        <Button
          variant="default"
          onClick={() => {
            onClose();
            asked?.goOn();
          }}
        >
          {asked?.action}
        </Button>
      </div>
    </Modal>
  );
}

/** What is done with the baits at the end: those that are wet stay where they are. */
export function LastOfAll({ wet }: { wet: Timer[] }) {
  useTicking(wet.length > 0);
  return wet.some((timer) => left(timer) > 0) ? 'Leave them as they are' : 'Take them off the clamps';
}

/** Until when baits with wet clear or paint stay where they are. */
export function LeaveTurning({ wet }: { wet: Timer[] }) {
  useTicking(wet.length > 0);
  const running = wet.filter((timer) => left(timer) > 0);
  if (running.length === 0) return null;
  const up = Math.max(...running.map((timer) => Date.parse(timer.at) + timer.seconds * 1000));
  return (
    <p className={classes.benchHow}>
      <b>Leave them turning until {clock(new Date(up).toISOString(), nowIso())}.</b>
    </p>
  );
}

/** The time, twice a second as long as it is looked at. */
function useTicking(looked: boolean): number {
  const [at, setAt] = useState(() => now());
  useEffect(() => {
    if (!looked) return;
    setAt(now());
    const tick = setInterval(() => setAt(now()), 500);
    return () => clearInterval(tick);
  }, [looked]);
  return at;
}
