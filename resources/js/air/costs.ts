import type { StepPlace } from '../api/types';
import { minutes } from '../units/units';

const NOTHING_MIN = 0.1;

/** What another place saves or costs in cleaning and waiting. */
export function costs({ clean_min, wait_min }: Pick<StepPlace, 'clean_min' | 'wait_min'>): string {
  const parts = [
    ['of cleaning', clean_min],
    ['of waiting', wait_min],
  ] as const;
  const said = parts
    .filter(([, min]) => Math.abs(min) >= NOTHING_MIN)
    .map(([what, min]) => `${min < 0 ? 'saves' : 'costs'} ${minutes(Math.abs(min))} ${what}`);
  return said.length === 0 ? 'it makes no difference' : said.join(', ');
}

/** The same as short as it fits on a rung: −3 min, +20 s, ±0. */
export function costsShort({ clean_min, wait_min }: Pick<StepPlace, 'clean_min' | 'wait_min'>): string {
  const all = clean_min + wait_min;
  return Math.abs(all) < NOTHING_MIN ? '±0' : `${all < 0 ? '−' : '+'}${minutes(Math.abs(all))}`;
}
