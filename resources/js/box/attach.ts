import type { QueryClient } from '@tanstack/react-query';
import type { Run } from '../api/types';
import { box } from './box';

/** Lets the pages hear of what was sent out of the box. */
export function attach(queries: QueryClient): void {
  box.onRecord = (run, record) => {
    queries.setQueryData<Run>(['run', run], (known) => (known === undefined ? known : { ...known, record }));
    // A finished bait may have been given a photograph.
    void queries.invalidateQueries({ queryKey: ['bait'] });
  };
  // It may have been finished elsewhere.
  box.onRefused = (run) => void queries.invalidateQueries({ queryKey: ['run', run] });
}
