import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../api/client';

/** What each further coat of a step changes. */
export function usePasses(version: string, revision: number, step: string) {
  return useQuery({
    queryKey: ['passes', version, revision, step],
    queryFn: () =>
      ask(
        api.GET('/versions/{id}/steps/{step}/passes', {
          params: { path: { id: version, step }, query: { v: String(revision) } },
        }),
      ),
  });
}

/** The bait with so many coats of a step. */
export function usePassTexture(version: string, revision: number, step: string, coats: number) {
  return useQuery({
    queryKey: ['pass', version, revision, step, coats],
    queryFn: () =>
      ask(
        api.GET('/versions/{id}/steps/{step}/passes/{coats}', {
          params: { path: { id: version, step, coats }, query: { v: String(revision) } },
        }),
      ),
  });
}
