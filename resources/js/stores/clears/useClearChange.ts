import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import type { ClearBottle, ClearChange, Clears } from '../../api/types';

/** Changes to one clear, saved at once. */
export function useClearChange(clear: ClearBottle) {
  const queries = useQueryClient();
  return useMutation({
    // One after the other, each on the revision the one before it made.
    scope: { id: `clear ${clear.id}` },
    mutationFn: (set: Omit<ClearChange, 'revision'>) => {
      const now = queries.getQueryData<Clears>(['clears'])?.clears.find((one) => one.id === clear.id) ?? clear;
      const params = { path: { id: clear.id } };
      return ask(api.PATCH('/clears/{id}', { params, body: { revision: now.revision, ...set } }));
    },
    onSuccess: (saved) => {
      queries.setQueryData<Clears>(
        ['clears'],
        (all) => all && { ...all, clears: all.clears.map((one) => (one.id === saved.id ? saved : one)) },
      );
    },
    onSettled: () => queries.invalidateQueries(),
  });
}
