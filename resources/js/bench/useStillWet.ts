import { useSessionStorage } from '@mantine/hooks';
import { useEffect, useState } from 'react';
import type { BenchRecord, Run } from '../api/types';
import { isMix, left, type StillWet } from './StillWet';
import type { Standing } from './standing';

type Asked = Parameters<typeof StillWet>[0]['asked'];

/**
 * Asks about a bait that is still wet when a step opens on it, once for a clock; and once more before the run is finished.
 *
 * @param wait nothing is asked while something else lies over the bench
 */
export function useStillWet(run: Run, record: BenchRecord, at: Standing, wait: boolean) {
  const { stepId, bait, forAll, position } = at;
  const [asked, setAsked] = useState<Asked>(null);
  // Clocks that were asked about: also after a reload.
  const [known, setKnown] = useSessionStorage<string[]>({
    key: `hawkbrush wet ${run.id}`,
    defaultValue: [],
    getInitialValueInEffect: false,
  });
  const running = record.timers.filter((timer) => !isMix(timer) && left(timer) > 0);
  const wet =
    position === null
      ? running
      : running.filter((t) => t.step !== stepId && (forAll || t.bait === null || t.bait === bait));
  const news = position === null ? [] : wet.filter((timer) => !known.includes(timer.id));
  const due = news.map((timer) => timer.id).join(' ');
  // biome-ignore lint/correctness/useExhaustiveDependencies: what is wet is named by its clocks
  useEffect(() => {
    if (due === '' || wait) return;
    setKnown((before) => [...before, ...due.split(' ')]);
    setAsked({ wet: news, action: 'Go on all the same', goOn: () => {} });
  }, [due, wait]);
  const beforeFinish = (goOn: () => void) => {
    if (wet.length === 0) goOn();
    else setAsked({ wet, action: 'Finish all the same', goOn });
  };
  return { asked, close: () => setAsked(null), beforeFinish, wet };
}
