import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import type { Sheet } from '../api/types';

/** Changes of a pattern itself: its name, its notes, whether it is in use. */
export function usePatternChange(sheet: Sheet) {
  const queries = useQueryClient();
  return useMutation({
    mutationFn: (change: Record<string, string | boolean>) =>
      ask(
        api.PATCH('/patterns/{id}', {
          params: { path: { id: sheet.pattern.id } },
          body: { revision: sheet.pattern.revision, ...change },
        }),
      ),
    onSuccess: (saved) => {
      queries.setQueryData<Sheet>(['sheet', sheet.pattern.id], (known) =>
        known === undefined ? saved : { ...known, pattern: saved.pattern },
      );
      void queries.invalidateQueries({ queryKey: ['patterns'] });
    },
    // Somebody else's change is seen before it is tried again.
    onError: () => queries.invalidateQueries({ queryKey: ['sheet', sheet.pattern.id] }),
  });
}
