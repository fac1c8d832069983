import type { CleanOut } from '../api/types';
import { minutes } from '../units/units';
import classes from './air.module.css';

const LEVELS = { blow: 'blown through', rinse: 'rinsed', flush: 'flushed', strip: 'stripped' } as const;

/** How the airbrush is cleaned before a coat, and what would be left after less. */
export function CleanBefore({ clean }: { clean: CleanOut }) {
  return (
    <>
      <p>
        {clean.says} {minutes(clean.minutes)}
        {clean.cleaner_ml > 0 ? `, ${clean.cleaner_ml} ml of cleaner` : ''}.
      </p>
      <ul className={classes.left}>
        {clean.reasons.map((why) => (
          <li key={why}>{why}</li>
        ))}
        {Object.entries(LEVELS).map(([level, word]) => (
          <li key={level}>
            {word}: {clean.delta_e[level]?.toFixed(1)} DeltaE00 on this bait
          </li>
        ))}
      </ul>
    </>
  );
}
