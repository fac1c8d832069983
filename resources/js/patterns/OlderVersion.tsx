import { Anchor } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { Link, useNavigate } from 'react-router';
import { api, ask, words } from '../api/client';
import type { Sheet } from '../api/types';
import { useOnce } from '../api/useOnce';

/** Over an older version: what it is, and how to go on from it. */
export function OlderVersion({ sheet }: { sheet: Sheet }) {
  const { pattern, version } = sheet;
  const queries = useQueryClient();
  const go = useNavigate();
  const once = useOnce();
  const goOn = useMutation({
    mutationFn: () =>
      once(undefined, (_, headers) =>
        ask(api.POST('/versions/{id}/go-on', { params: { path: { id: version.id } }, headers })),
      ),
    onSuccess: (made) => {
      queries.setQueryData(['sheet', pattern.id], made);
      void queries.invalidateQueries({ queryKey: ['versions', pattern.id] });
      void go(`/patterns/${pattern.id}`);
    },
  });
  return (
    <p className="notice">
      {version.fitted
        ? 'This copy was fitted for a run and stays as it is.'
        : 'This is an older version; it stays as it is.'}{' '}
      <Link className="link" to={`/patterns/${pattern.id}`}>
        To version {pattern.version.number}
      </Link>
      , the one worked on.{' '}
      <Anchor component="button" type="button" disabled={goOn.isPending} onClick={() => goOn.mutate()}>
        Go on from this version
      </Anchor>
      {goOn.isError && <span role="alert"> {words(goOn.error)}</span>}
    </p>
  );
}
