import { Button, NumberInput, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { api, ask, words } from '../api/client';
import type { MixPart, Paint } from '../api/types';
import { useOnce } from '../api/useOnce';

/** The mix under a name: stocked and used like any paint. */
export function SaveMix({ parts, rack, onSaved }: { parts: MixPart[]; rack: Paint[]; onSaved: (id: string) => void }) {
  const queries = useQueryClient();
  const once = useOnce();
  const [name, setName] = useState('');
  const [made, setMade] = useState('0');
  const save = useMutation({
    mutationFn: () =>
      once({ name, parts, made_ml: Number(made) }, (body, headers) => ask(api.POST('/mixes', { body, headers }))),
    onSuccess: async (paint) => {
      setName('');
      await queries.invalidateQueries({ queryKey: ['paints'] });
      onSaved(paint.id);
    },
  });
  const single = parts.length === 1 && rack.some((paint) => paint.id === parts[0]?.paint);
  return (
    <form
      className="cup-save"
      onSubmit={(event) => {
        event.preventDefault();
        save.mutate();
      }}
    >
      <h2>Keep it as a paint</h2>
      <TextInput
        label="Called"
        required
        maxLength={80}
        value={name}
        onChange={(event) => setName(event.currentTarget.value)}
      />
      <NumberInput
        label="Poured together, ml"
        w={120}
        min={0}
        max={5000}
        step={0.5}
        value={made}
        onChange={(ml) => setMade(String(ml))}
      />
      <Button variant="default" type="submit" disabled={parts.length === 0 || single || save.isPending}>
        Keep this mix
      </Button>
      <p className="dim">What is poured comes out of its bottles.</p>
      {save.isError && (
        <p role="alert" className="notice">
          {words(save.error)}
        </p>
      )}
      {save.isSuccess && (
        <p role="status">
          <Link className="link" to={`/stores/paints/${save.data.id}`}>
            {save.data.name}
          </Link>{' '}
          stands on the rack.
        </p>
      )}
    </form>
  );
}
