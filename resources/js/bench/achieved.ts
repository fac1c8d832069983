import type { Run } from '../api/types';
import { counted, minutes } from '../units/units';

/** What a finished run came to, in a sentence. */
export function achieved(run: Run): string {
  const kept = run.baits.filter((bait) => run.record.rejected[bait.position] === undefined);
  const rejected = run.baits.length - kept.length;
  const took =
    run.started_at === null || run.finished_at === null
      ? ''
      : ` in ${minutes((Date.parse(run.finished_at) - Date.parse(run.started_at)) / 60_000)}`;
  const labels = kept.length > 1 ? `${kept[0]?.label} to ${kept.at(-1)?.label}` : (kept[0]?.label ?? 'none');
  return [
    `Run ${run.number} is finished: ${counted(kept.length, 'bait')}${took}, ${labels}.`,
    rejected === 0 ? '' : `${rejected} rejected.`,
    run.record.faults.length === 0 ? '' : `${counted(run.record.faults.length, 'fault')} noted.`,
    'Look at one in daylight and stamp it if it is right.',
  ]
    .filter(Boolean)
    .join(' ');
}
