import { Checkbox, NativeSelect, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, ask, Problem, words } from '../api/client';
import { useSettings } from '../api/queries';
import type { Body, ImportedSheet, Sheet } from '../api/types';
import { useOnce } from '../api/useOnce';
import { broughtWords } from '../exchange/broughtWords';
import { recipeIn } from '../exchange/recipeFile';
import { AskForm } from '../parts/AskForm';
import { FilePick } from '../parts/FilePick';
import { say } from '../parts/Notices';
import { useSentForm } from '../parts/useSentForm';
import { type Shaped, ShapeFields, shapedBody, useShapes } from '../stores/bodies/ShapeFields';
import '../parts/controls';
import layout from '../parts/layout.module.css';

/** In place of a body: a new one is made from a usual shape. */
const SHAPE = 'shape';

interface Props {
  opened: boolean;
  onClose: () => void;
  bodies: Body[];
  /** The id of the body that it begins on, or the name of a shape; empty: none in particular. */
  on: string;
}

/** Begin a pattern on a body, or take one in from a file. */
export function NewPattern({ opened, onClose, bodies, on }: Props) {
  const go = useNavigate();
  const queries = useQueryClient();
  const once = useOnce();
  const bodyOnce = useOnce();
  const settings = useSettings().data;
  const shapes = useShapes().data?.shapes ?? [];
  // What is no body of the drawer is a shape.
  const body = on === '' ? bodies[0] : bodies.find((one) => one.id === on);
  const done = (sheet: Sheet) => {
    queries.setQueryData(['sheet', sheet.pattern.id], sheet);
    void queries.invalidateQueries();
    onClose();
    void go(`/patterns/${sheet.pattern.id}`);
  };
  const { form, pending, error, submit } = useSentForm({
    fields: {
      name: '',
      species: '',
      water: '',
      body_id: body?.id ?? SHAPE,
      prepare: true,
      shaped: { shape: on, length_mm: null } as Shaped,
    },
    send: async ({ shaped, ...pattern }, once) => {
      const form = shapedBody(shaped, shapes);
      if (pattern.body_id === SHAPE && form !== undefined) {
        const made = await bodyOnce(form, (body, headers) => ask(api.POST('/bodies/shaped', { body, headers })));
        pattern.body_id = made.id;
      }
      return once(pattern, (body, headers) => ask(api.POST('/patterns', { body, headers })));
    },
    onDone: done,
  });
  const take = useMutation({
    mutationFn: async (file: File) => {
      return once(await recipeIn(file), (body, headers) => ask(api.POST('/patterns/import', { body, headers })));
    },
    onSuccess: ({ brought, differs, ...sheet }) => {
      done(sheet);
      say('brought', [broughtWords(brought), differsWords(differs)].filter(Boolean).join(' '));
    },
  });

  const below = (
    <div className={`${layout.ask} ${layout.below}`}>
      <p>
        <b>Or import</b> a recipe file, or a picture or PDF that carries one:
      </p>
      <FilePick
        action="Choose a file"
        label="Pattern file"
        accept=".json,application/json,image/png,application/pdf"
        onFile={take.mutate}
      />
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
        data={[
          ...bodies.map((b) => ({ value: b.id, label: `${b.name}, ${b.material}, ${b.length_mm} mm` })),
          { value: SHAPE, label: 'A new body, by its shape' },
        ]}
        {...form.getInputProps('body_id')}
      />
      {form.values.body_id === SHAPE && settings !== undefined && (
        <ShapeFields
          value={form.values.shaped}
          settings={settings}
          onChange={(shaped) => form.setFieldValue('shaped', shaped)}
        />
      )}
      <Checkbox label="Begin with its preparation" {...form.getInputProps('prepare', { type: 'checkbox' })} />
    </AskForm>
  );
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
