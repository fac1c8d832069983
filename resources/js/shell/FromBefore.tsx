import { useShownFrom } from '../api/shownFrom';
import { clock, day } from '../units/units';
import classes from './shell.module.css';

/** Says that the page shows data kept from before. */
export function FromBefore() {
  const since = useShownFrom();
  if (since === null) return null;
  return (
    <p className={`${classes.shellNotice} no-print`} role="status">
      Hawkbrush does not answer. This is what was here on {day(since)} at {clock(since)}. The bench goes on; other
      changes are saved once it is back.
    </p>
  );
}
