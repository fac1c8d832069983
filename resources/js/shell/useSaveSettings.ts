import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import type { Settings } from '../api/types';

/** Saves some of the shop's settings; every page follows. */
export function useSaveSettings() {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: Partial<Settings>) => ask(api.PUT('/settings', { body: change })),
    onSuccess: (saved) => queries.setQueryData(['settings'], saved),
  });
}
