import type { ZonesBeside } from '../api/types';
import classes from './plate.module.css';

const SHOWN = 3;
const SEEN = 1;

/** What the chosen step does to the zones it covers, the most changed first. */
export function WhatItDoes({ zones }: { zones: ZonesBeside }) {
  if (zones.length === 0) return null;
  return (
    <section className={classes.does} aria-label="What this step does">
      <h2>What this step does</h2>
      <dl>
        {zones.slice(0, SHOWN).map((zone) => (
          <div key={zone.zone}>
            <dt>{zone.zone}</dt>
            <dd>
              {zone.delta_e < SEEN
                ? 'not seen'
                : `${Math.round(zone.delta_e)} ΔE, ${zone.words.split(', ').slice(0, 1).join(', ').replace(/^\d+ /, '')}`}
            </dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
