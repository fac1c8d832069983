import { UnstyledButton } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { now as serverNow } from '../api/serverClock';
import type { BenchRecord, Run } from '../api/types';
import { clockLeft } from '../units/units';
import { canBeFelt, isMix, left, timerWords } from './StillWet';
import { tones } from './sound';
import classes from './timers.module.css';

type Timer = BenchRecord['timers'][number];

interface Props {
  run: Run;
  timers: Timer[];
  onStop: (timer: Timer) => void;
  /** Felt dry: what the model says of this paint is held to it. */
  onDry: (timer: Timer) => void;
  onTacky: (timer: Timer) => void;
  /** Its time is up, or of a mix two thirds are gone. */
  onUp?: (timer: Timer) => void;
}

/** The timers that run, always in sight; they go by the server's clock, so a reload or a closed lid does not stop them. */
export function Timers({ run, timers, onStop, onDry, onTacky, onUp }: Props) {
  const [now, setNow] = useState(() => serverNow());
  const rung = useRef(new Set<string>());
  useEffect(() => {
    if (timers.length === 0) return;
    setNow(serverNow());
    const tick = setInterval(() => setNow(serverNow()), 250);
    return () => clearInterval(tick);
  }, [timers.length]);

  const over = timers.filter((timer) => left(timer, now) <= 0);
  const late = timers.filter((timer) => isLateMix(timer, now));
  useEffect(() => {
    for (const timer of [...over, ...late]) {
      // Once for each time it is up: a coat still tacky lets it go on; a mix rings at two thirds as well.
      const up = `${timer.id} ${timer.seconds} ${over.includes(timer)}`;
      if (!rung.current.has(up)) {
        rung.current.add(up);
        tones(3, 880, 0.35);
        onUp?.(timer);
      }
    }
  });

  const sorted = [...timers].sort((a, b) => left(a, now) - left(b, now));
  // Whose time is up, and the next one; the others wait their turn behind a line.
  const first = Math.max(1, over.length);
  const rest = sorted.slice(first);
  const show = (timer: Timer) => <OneTimer key={timer.id} {...{ run, timer, now, onStop, onDry, onTacky }} />;
  return (
    <div className={classes.timers}>
      <div role="status" className="visually-hidden">
        {over.map((timer) => `Time is up: ${timerWords(run, timer)}`).join('. ')}
      </div>
      {sorted.slice(0, first).map(show)}
      {rest.length > 0 && (
        <details className={classes.rest}>
          <summary>
            {rest.length} more: {rest.map((timer) => `${whose(run, timer)} ${clockLeft(left(timer, now))}`).join(', ')}
          </summary>
          {rest.map(show)}
        </details>
      )}
    </div>
  );
}

function isLateMix(timer: Timer, now: number): boolean {
  const seconds = left(timer, now);
  return isMix(timer) && seconds > 0 && seconds <= timer.seconds / 3;
}

function whose(run: Run, timer: Timer): string {
  return run.baits.find((b) => b.position === timer.bait)?.label ?? 'all';
}

function OneTimer({
  run,
  timer,
  now,
  onStop,
  onDry,
  onTacky,
}: Omit<Props, 'timers' | 'onUp'> & { timer: Timer; now: number }) {
  const seconds = left(timer, now);
  const unfelt = canBeFelt(run, timer);
  return (
    <div className={`${classes.timer} ${seconds <= 0 ? classes.up : ''}`}>
      <b>{seconds <= 0 ? 'Now' : clockLeft(seconds)}</b>
      <span>
        {seconds <= 0 ? 'time is up: ' : `of ${clockLeft(timer.seconds)} `}
        {timer.label}, {timerWords(run, timer)}
        {seconds <= 0 && isMix(timer) && '. If it pulls threads, leave it and mix a fresh batch.'}
        {isLateMix(timer, now) && '. Two thirds gone: begin no bait that you cannot finish.'}
      </span>
      <div className={classes.acts}>
        {unfelt && (
          <UnstyledButton onClick={() => (seconds <= 0 ? onTacky(timer) : onDry(timer))}>
            {seconds <= 0 ? 'Still tacky' : 'Dry to the touch'}
          </UnstyledButton>
        )}
        <UnstyledButton onClick={() => (seconds <= 0 && unfelt && timer.tacky ? onDry(timer) : onStop(timer))}>
          {seconds <= 0 ? 'Good' : 'Stop'}
        </UnstyledButton>
      </div>
      <i style={{ width: `${Math.min(100, Math.max(0, 100 - (seconds / timer.seconds) * 100))}%` }} />
    </div>
  );
}
