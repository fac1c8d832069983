import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, ask } from '../api/client';
import { say } from '../parts/Notices';
import { achieved } from './achieved';

/** Finishes a run, says what it came to, and leads to the log. */
export function useFinish(id: string) {
  const go = useNavigate();
  const queries = useQueryClient();
  return useMutation({
    mutationFn: () => ask(api.POST('/runs/{id}/finish', { params: { path: { id } } })),
    onSuccess: (done) => {
      void queries.invalidateQueries();
      say('finished', achieved(done));
      void go('/log');
    },
  });
}
