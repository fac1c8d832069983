import { Checkbox, NativeSelect, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, ask, Problem, words } from '../api/client';
import type { Body, ImportedSheet, Sheet } from '../api/types';
import { useOnce } from '../api/useOnce';
import { AskForm } from '../parts/AskForm';
import { FilePick } from '../parts/FilePick';
import { say } from '../parts/Notices';
import { useSentForm } from '../parts/useSentForm';
import '../parts/controls';
import layout from '../parts/layout.module.css';

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
  const done = (sheet: Sheet) => {
    queries.setQueryData(['sheet', sheet.pattern.id], sheet);
    void queries.invalidateQueries();
    onClose();
    void go(`/patterns/${sheet.pattern.id}`);
  };
  const { form, pending, error, submit } = useSentForm({
    fields: { name: '', species: '', water: '', body_id: bodies[0]?.id ?? '', prepare: true },
    send: (pattern, once) => once(pattern, (body, headers) => ask(api.POST('/patterns', { body, headers }))),
    onDone: done,
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
    onSuccess: ({ brought, differs, ...sheet }) => {
      done(sheet);
      say('brought', [broughtWords(brought), differsWords(differs)].filter(Boolean).join(' '));
    },
  });

  const below = (
    <div className={`${layout.ask} ${layout.below}`}>
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
      pending={pending}
      error={error}
      onClose={onClose}
      onSubmit={submit}
      below={below}
    >
      <TextInput label="Name" required maxLength={120} {...form.getInputProps('name')} data-autofocus />
      <TextInput label="Species" maxLength={60} {...form.getInputProps('species')} />
      <TextInput label="Water it suits" maxLength={60} {...form.getInputProps('water')} />
      <NativeSelect
        label="Body"
        data={bodies.map((b) => ({ value: b.id, label: `${b.name}, ${b.material}, ${b.length_mm} mm` }))}
        {...form.getInputProps('body_id')}
      />
      <Checkbox label="Begin with its preparation" {...form.getInputProps('prepare', { type: 'checkbox' })} />
    </AskForm>
  );
}

/** What came into the stores with a pattern, and what now has a namesake. */
function broughtWords(brought: ImportedSheet['brought']): string {
  const names = (what: string, how: string) =>
    brought.filter((one) => one.what === what && one.how === how).map((one) => one.name);
  const [paints, bodies] = [names('paint', 'new'), names('body', 'new')];
  const namesakes = brought.filter((one) => one.how === 'namesake').map((one) => `${one.what} “${one.name}”`);
  return [
    paints.length === 0 ? '' : `New on the rack, still empty: ${paints.join(', ')}.`,
    bodies.length === 0 ? '' : `New in the drawer: ${bodies.join(', ')}.`,
    namesakes.length === 0
      ? ''
      : `Not the same as what has its name here, so it stands beside it: ${namesakes.join(', ')}.`,
    brought.length === 0 ? 'All of its paints and its body were here already.' : '',
  ]
    .filter(Boolean)
    .join(' ');
}

/** Where the shop that it comes from goes about it otherwise. */
function differsWords(differs: ImportedSheet['differs']): string {
  const all = differs.map(({ question, there, here }) => `${question} ${there} there, ${here.toLowerCase()} here`);
  return all.length === 0 ? '' : `Its shop differs. ${all.join('; ')}.`;
}

function where(error: unknown): string {
  const pointer = error instanceof Problem ? error.document?.errors?.[0]?.pointer : undefined;
  return pointer ? `It stands at ${pointer}.` : '';
}
