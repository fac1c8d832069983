import type { Settings, Window } from '../api/types';
import { inPressure } from '../units/sentence';
import classes from './air.module.css';

/** Every factor of a window, with its reason. */
export function Reasons({ of, window, settings }: { of: string; window: Window; settings: Settings }) {
  return (
    <details className={classes.reasons}>
      <summary>{of}</summary>
      <ul>
        {window.reasons.map(({ times, why }) => (
          <li key={why}>
            {Math.abs(times - 1) >= 0.005 && <b>×{Number(times.toFixed(2))} </b>}
            {inPressure(why, settings)}
          </li>
        ))}
      </ul>
    </details>
  );
}
