import { Button, NumberInput, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, ask, words } from '../api/client';
import type { MixPart, Paint } from '../api/types';
import { useSentForm } from '../parts/useSentForm';
import classes from './mixing.module.css';

/** The mix under a name: stocked and used like any paint. */
export function SaveMix({ parts, rack, onSaved }: { parts: MixPart[]; rack: Paint[]; onSaved: (id: string) => void }) {
  const queries = useQueryClient();
  const { form, pending, error, made, submit } = useSentForm({
    fields: { name: '', made_ml: 0 },
    send: (mix, once) => once({ ...mix, parts }, (body, headers) => ask(api.POST('/mixes', { body, headers }))),
    onDone: async (paint) => {
      form.setFieldValue('name', '');
      await queries.invalidateQueries({ queryKey: ['paints'] });
      onSaved(paint.id);
    },
  });
  const single = parts.length === 1 && rack.some((paint) => paint.id === parts[0]?.paint);
  return (
    <form
      className={classes.cupSave}
      onSubmit={(event) => {
        event.preventDefault();
        submit();
      }}
    >
      <h2>Keep it as a paint</h2>
      <TextInput label="Called" required maxLength={80} {...form.getInputProps('name')} />
      <NumberInput
        label="Poured together, ml"
        w={120}
        min={0}
        max={5000}
        step={0.5}
        {...form.getInputProps('made_ml')}
      />
      <Button variant="default" type="submit" disabled={parts.length === 0 || single || pending}>
        Keep this mix
      </Button>
      <p className="dim">What is poured comes out of its bottles.</p>
      {error !== null && (
        <p role="alert" className="notice">
          {words(error)}
        </p>
      )}
      {made !== undefined && (
        <p role="status">
          <Link className="link" to={`/stores/paints/${made.id}`}>
            {made.name}
          </Link>{' '}
          stands on the rack.
        </p>
      )}
    </form>
  );
}
