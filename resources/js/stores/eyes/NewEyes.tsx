import { NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import type { EyeCardForm, Vocabulary } from '../../api/types';
import { AskForm } from '../../parts/AskForm';
import { ColourField } from '../../parts/ColourField';
import { useSentForm } from '../../parts/useSentForm';
import '../../parts/controls';

interface Props {
  opened: boolean;
  onClose: () => void;
  vocabulary: Vocabulary;
  /** What is known of them already. */
  begin?: Partial<EyeCardForm>;
}

/** Eyes for the store: how they look, and how many. */
export function NewEyes(props: Props) {
  const queries = useQueryClient();
  const { form, pending, error, submit } = useSentForm({
    fields: {
      name: '',
      kind: 'domed',
      diameter_mm: 5,
      iris: '#d0842a',
      pupil: 'round',
      left: 20,
      ...props.begin,
    } satisfies EyeCardForm,
    send: (typed, once) => once(typed as EyeCardForm, (body, headers) => ask(api.POST('/eyes', { body, headers }))),
    onDone: () => {
      void queries.invalidateQueries();
      form.setFieldValue('name', '');
      props.onClose();
    },
  });
  return (
    <AskForm
      title="Add eyes"
      action="Save eyes"
      opened={props.opened}
      pending={pending}
      error={error}
      onClose={props.onClose}
      onSubmit={submit}
    >
      <TextInput label="Name" required maxLength={80} {...form.getInputProps('name')} data-autofocus />
      <NativeSelect label="Kind" data={props.vocabulary.eyes} {...form.getInputProps('kind')} />
      <NumberInput label="Diameter, mm" step={0.5} {...form.getInputProps('diameter_mm')} />
      <ColourField label="Iris" value={form.values.iris} onColour={(iris) => form.setFieldValue('iris', iris)} />
      <NativeSelect label="Pupil" data={props.vocabulary.pupils} {...form.getInputProps('pupil')} />
      <NumberInput label="How many" min={0} {...form.getInputProps('left')} />
    </AskForm>
  );
}
