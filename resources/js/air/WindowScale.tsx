import type { Window } from '../api/types';
import classes from './air.module.css';

interface Props {
  /** What it is of, in words. */
  of: string;
  window: Window;
  now: number;
  unit: string;
  show: (value: number) => number;
}

/** From where to where a figure works, and where the planned one stands. */
export function WindowScale({ of, window, now, unit, show }: Props) {
  const most = Math.max(window.high * 1.25, now * 1.1, 1);
  const at = (value: number) => `${Math.min(100, Math.max(0, (value / most) * 100))}%`;
  const says = `${of}: ${show(now)} ${unit}, ${window.stands}${window.stands === 'within' ? '' : ' what is usual,'} ${show(window.low)} to ${show(window.high)} ${unit}`;
  return (
    <div className={classes.scale}>
      <span>{says}</span>
      <div aria-hidden="true" data-stands={window.stands}>
        <i className={classes.usual} style={{ left: at(window.low), right: `calc(100% - ${at(window.high)})` }} />
        <i className={classes.middle} style={{ left: at(window.set) }} />
        <i className={classes.now} style={{ left: at(now) }} />
      </div>
    </div>
  );
}
