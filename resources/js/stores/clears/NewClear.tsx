import { NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useQueryClient } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import type { ClearForm, Clears } from '../../api/types';
import { AskForm } from '../../parts/AskForm';
import { useSentForm } from '../../parts/useSentForm';
import '../../parts/controls';

interface Props {
  opened: boolean;
  onClose: () => void;
  kinds: Clears['kinds'];
  /** Of which kind, where that is known already. */
  kind?: ClearForm['kind'];
}

/** What kind it is and what its label says are enough to begin with. */
export function NewClear({ opened, onClose, kinds, kind = 'two-part epoxy' }: Props) {
  const queries = useQueryClient();
  const { form, pending, error, submit } = useSentForm({
    fields: { kind, name: '', label_min: 30, bottle_ml: 240 } satisfies ClearForm,
    send: ({ label_min, ...typed }, once) =>
      once({ ...typed, ...(mixed(typed.kind) ? { label_min } : {}) }, (body, headers) =>
        ask(api.POST('/clears', { body, headers })),
      ),
    onDone: () => {
      void queries.invalidateQueries();
      form.setFieldValue('name', '');
      onClose();
    },
  });
  const mixed = (kind: string) => (kinds.find((one) => one.kind === kind)?.parts_b ?? 0) > 0;
  return (
    <AskForm
      title="Add a clear"
      action="Save clear"
      opened={opened}
      pending={pending}
      error={error}
      onClose={onClose}
      onSubmit={submit}
    >
      <NativeSelect label="Kind" data={kinds.map((one) => one.kind)} {...form.getInputProps('kind')} />
      <TextInput label="Name" required maxLength={80} {...form.getInputProps('name')} data-autofocus />
      {mixed(form.values.kind) && <NumberInput label="Minutes on its label" {...form.getInputProps('label_min')} />}
      <NumberInput label="Bottle, ml, all parts" {...form.getInputProps('bottle_ml')} />
    </AskForm>
  );
}
