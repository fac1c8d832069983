import { Anchor } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, words } from '../api/client';
import { AskForm } from '../parts/AskForm';
import { counted } from '../units/units';
import classes from './begin.module.css';

/** Samples that were put in to look at: kept or thrown away. */
export function Samples({ count }: { count: number }) {
  const queries = useQueryClient();
  const [asking, setAsking] = useState(false);
  const decide = useMutation({
    mutationFn: (keep: 'yes' | 'no') => ask(api.DELETE('/shop/samples', { params: { query: { keep } } })),
    onSuccess: () => {
      setAsking(false);
      return queries.invalidateQueries();
    },
  });
  return (
    <div className={classes.samples}>
      <span>{counted(count, 'sample pattern')} here to look at, with paints and bodies.</span>
      <Anchor component="button" type="button" disabled={decide.isPending} onClick={() => decide.mutate('yes')}>
        Keep them
      </Anchor>
      <Anchor component="button" type="button" disabled={decide.isPending} onClick={() => setAsking(true)}>
        Throw them away
      </Anchor>
      {decide.isError && !asking && <span role="alert">{words(decide.error)}</span>}
      <AskForm
        title="Throw the samples away?"
        action="Throw them away"
        opened={asking}
        pending={decide.isPending}
        error={decide.error}
        onClose={() => setAsking(false)}
        onSubmit={() => decide.mutate('no')}
      >
        <p>
          This deletes the sample patterns, changes you made to them too, with the paints and bodies that came with
          them. What you painted, and what your own patterns use, stays.
        </p>
      </AskForm>
    </div>
  );
}
