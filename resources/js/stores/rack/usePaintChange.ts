import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import type { Paint, PaintChange } from '../../api/types';

/** Changes to one bottle, saved at once. Pictures that use the paint are redrawn. */
export function usePaintChange(paint: Paint) {
  const queries = useQueryClient();
  return useMutation({
    // One after the other, each on the revision the one before it made.
    scope: { id: `paint ${paint.id}` },
    mutationFn: (set: Omit<PaintChange, 'revision'>) => {
      const now = queries.getQueryData<Paint[]>(['paints'])?.find((one) => one.id === paint.id) ?? paint;
      return ask(
        api.PATCH('/paints/{id}', { params: { path: { id: paint.id } }, body: { revision: now.revision, ...set } }),
      );
    },
    onSuccess: (saved) => {
      queries.setQueryData<Paint[]>(['paints'], (rack) => rack?.map((one) => (one.id === saved.id ? saved : one)));
    },
    onSettled: () => queries.invalidateQueries(),
  });
}
