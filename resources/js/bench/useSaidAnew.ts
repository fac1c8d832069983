import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import type { BenchRecord } from '../api/types';

/** Asks anew what is said of air and faults when other figures are used than it was said for. */
export function useSaidAnew(run: string, figures: BenchRecord['figures'], reached: boolean): void {
  const queries = useQueryClient();
  const now = JSON.stringify(figures);
  const said = useRef(now);
  useEffect(() => {
    if (!reached || said.current === now) return;
    said.current = now;
    void queries.invalidateQueries({ queryKey: ['run', run] });
  }, [queries, run, now, reached]);
}
