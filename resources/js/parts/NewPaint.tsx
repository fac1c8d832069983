import { NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../api/client';
import { useVocabulary } from '../api/queries';
import type { NewPaint as Form } from '../api/types';
import { AskForm } from './AskForm';
import { ColourField } from './ColourField';
import { useSentForm } from './useSentForm';
import './controls';

interface Props {
  opened: boolean;
  /** The first of the rack: usually the white of a base. */
  first?: boolean;
  onClose: () => void;
  onAdded: (id: string) => void;
}

/** A paint nobody has measured: a swatch and a kind are enough to begin with. */
export function NewPaint({ opened, first = false, onClose, onAdded }: Props) {
  const queries = useQueryClient();
  const kinds = useVocabulary().data?.kinds ?? [];
  const { form, pending, error, submit } = useSentForm({
    fields: {
      name: first ? 'White' : '',
      hex: first ? '#f2f2ee' : '#3f6f8f',
      kind: first ? 'opaque' : 'transparent',
      bottle_ml: 30,
    } satisfies Form,
    send: (paint, once) => once(paint, (body, headers) => ask(api.POST('/paints', { body, headers }))),
    onDone: ({ id }) => {
      void queries.invalidateQueries({ queryKey: ['paints'] }).then(() => onAdded(id));
      form.setFieldValue('name', '');
      onClose();
    },
  });
  return (
    <AskForm
      title="Add a paint"
      action="Add paint"
      opened={opened}
      pending={pending}
      error={error}
      onClose={onClose}
      onSubmit={submit}
    >
      <TextInput label="Name" required maxLength={80} {...form.getInputProps('name')} data-autofocus />
      <ColourField
        label="Swatch, as a full coat looks over white under clear"
        value={form.values.hex}
        onColour={(hex) => form.setFieldValue('hex', hex)}
      />
      <NativeSelect label="Kind" data={kinds} {...form.getInputProps('kind')} />
      <NumberInput label="Bottle, ml" min={1} max={5000} {...form.getInputProps('bottle_ml')} />
    </AskForm>
  );
}
