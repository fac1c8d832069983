import { Checkbox, NativeSelect } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { api, ask, Problem, words } from '../api/client';
import type { Body, Sheet } from '../api/types';
import { useOnce } from '../api/useOnce';
import { AskForm, Line } from '../parts/AskForm';
import { FilePick } from '../parts/FilePick';
import '../parts/controls';

interface Props {
  opened: boolean;
  onClose: () => void;
  bodies: Body[];
}

/** Begin a pattern on a body, or take one in from a file. */
export function NewPattern({ opened, onClose, bodies }: Props) {
  const go = useNavigate();
  const queries = useQueryClient();
  const once = useOnce();
  const [name, setName] = useState('');
  const [species, setSpecies] = useState('');
  const [water, setWater] = useState('');
  const [body, setBody] = useState('');
  const [prepare, setPrepare] = useState(true);
  const done = (sheet: Sheet) => {
    queries.setQueryData(['sheet', sheet.pattern.id], sheet);
    void queries.invalidateQueries();
    onClose();
    void go(`/patterns/${sheet.pattern.id}`);
  };
  const create = useMutation({
    mutationFn: () =>
      once({ name, species, water, body_id: body || (bodies[0]?.id ?? ''), prepare }, (body, headers) =>
        ask(api.POST('/patterns', { body, headers })),
      ),
    onSuccess: done,
  });
  const take = useMutation({
    mutationFn: async (file: File) => {
      const text = await file.text();
      let document: { [field: string]: unknown };
      try {
        document = JSON.parse(text);
      } catch {
        throw new Error(`${file.name} is no pattern file: it is not JSON.`);
      }
      return once(document, (body, headers) => ask(api.POST('/patterns/import', { body, headers })));
    },
    onSuccess: done,
  });

  const below = (
    <div className="ask ask-below">
      <p>
        <b>Or take one in</b> from a file another painter exported:
      </p>
      <FilePick action="Choose a file" label="Pattern file" accept=".json,application/json" onFile={take.mutate} />
      {take.isError && (
        <p role="alert" className="notice">
          Nothing was taken in. {words(take.error)} {where(take.error)}
        </p>
      )}
    </div>
  );

  return (
    <AskForm
      title="New pattern"
      action="Begin"
      opened={opened}
      pending={create.isPending}
      error={create.error}
      onClose={onClose}
      onSubmit={create.mutate}
      below={below}
    >
      <Line label="Name" required maxLength={120} value={name} onText={setName} data-autofocus />
      <Line label="Species" maxLength={60} value={species} onText={setSpecies} />
      <Line label="Water it suits" maxLength={60} value={water} onText={setWater} />
      <NativeSelect
        label="Body"
        data={bodies.map((b) => ({ value: b.id, label: `${b.name}, ${b.material}, ${b.length_mm} mm` }))}
        value={body || bodies[0]?.id}
        onChange={(event) => setBody(event.currentTarget.value)}
      />
      <Checkbox
        label="Begin with its preparation"
        checked={prepare}
        onChange={(event) => setPrepare(event.currentTarget.checked)}
      />
    </AskForm>
  );
}

function where(error: unknown): string {
  const pointer = error instanceof Problem ? error.document?.errors?.[0]?.pointer : undefined;
  return pointer ? `It stands at ${pointer}.` : '';
}
