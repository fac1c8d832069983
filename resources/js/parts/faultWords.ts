import type { Run } from '../api/types';

/** What went wrong, and what fixed it. */
export function faultWords({ fault, tried }: Run['record']['faults'][number]): string {
  const cause = tried.find((one) => one.helped)?.cause;
  return cause === undefined ? fault : `${fault}: fixed (${cause})`;
}
