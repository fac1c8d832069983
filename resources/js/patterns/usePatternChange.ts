import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import type { Pattern, Sheet } from '../api/types';
import { offerUndo } from '../parts/Notices';

interface PatternSet {
  name?: string;
  species?: string;
  water?: string;
  notes?: string;
  retired?: boolean;
}

/** Changes of a pattern itself: its name, its notes, whether it is in use. Each can be undone. */
export function usePatternChange(sheet: Sheet) {
  const queries = useQueryClient();
  const key = ['sheet', sheet.pattern.id];
  const send = (change: PatternSet) =>
    ask(
      api.PATCH('/patterns/{id}', {
        params: { path: { id: sheet.pattern.id } },
        body: { revision: (queries.getQueryData<Sheet>(key) ?? sheet).pattern.revision, ...change },
      }),
    );
  const took = (saved: Sheet) => {
    queries.setQueryData<Sheet>(key, (known) => (known === undefined ? saved : { ...known, pattern: saved.pattern }));
    void queries.invalidateQueries({ queryKey: ['patterns'] });
  };
  // Somebody else's change is seen before it is tried again.
  const anew = () => queries.invalidateQueries({ queryKey: key });
  return useMutation({
    mutationFn: send,
    onMutate: () => ({ was: sheet.pattern }),
    onSuccess: (saved, change, { was }) => {
      took(saved);
      const back = before(was, change);
      if (back !== null) offerUndo('pattern', said(change), () => void send(back).then(took, anew));
    },
    onError: anew,
  });
}

/** The same fields as they were; null when none is another. */
function before(was: Pattern, change: PatternSet): PatternSet | null {
  const back: PatternSet = {};
  for (const name of ['name', 'species', 'water', 'notes'] as const) {
    if (change[name] !== undefined && change[name] !== was[name]) back[name] = was[name];
  }
  if (change.retired !== undefined) back.retired = was.state === 'retired';
  return Object.keys(back).length === 0 ? null : back;
}

function said(change: PatternSet): string {
  if (change.name !== undefined) return `Renamed to “${change.name}”.`;
  if (change.retired === true) return 'Retired: it is off the shelf.';
  if (change.retired === false) return 'Back in use.';
  return 'Species, water and notes kept.';
}
