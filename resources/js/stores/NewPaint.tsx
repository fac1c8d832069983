import { NativeSelect, NumberInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../api/client';
import { useVocabulary } from '../api/queries';
import type { NewPaint as Form } from '../api/types';
import { useOnce } from '../api/useOnce';
import { AskForm, Line } from '../parts/AskForm';
import '../parts/controls';

/** A paint nobody has measured: a swatch and a kind are enough to begin with. */
export function NewPaint({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const queries = useQueryClient();
  const once = useOnce();
  const kinds = useVocabulary().data?.kinds ?? [];
  const [name, setName] = useState('');
  const [hex, setHex] = useState('#3f6f8f');
  const [kind, setKind] = useState('transparent');
  const [bottle, setBottle] = useState<number | string>(30);
  const add = useMutation({
    mutationFn: () =>
      once({ name, hex, kind, bottle_ml: Number(bottle) } satisfies Form, (body, headers) =>
        ask(api.POST('/paints', { body, headers })),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['paints'] });
      setName('');
      onClose();
    },
  });
  return (
    <AskForm
      title="Add a paint"
      action="Onto the rack"
      opened={opened}
      pending={add.isPending}
      error={add.error}
      onClose={onClose}
      onSubmit={add.mutate}
    >
      <Line label="Name" required maxLength={80} value={name} onText={setName} data-autofocus />
      <Line label="Swatch, as a full coat looks over white under clear" type="color" value={hex} onText={setHex} />
      <NativeSelect label="Kind" data={kinds} value={kind} onChange={(event) => setKind(event.currentTarget.value)} />
      <NumberInput label="Bottle, ml" min={1} max={5000} value={bottle} onChange={setBottle} />
    </AskForm>
  );
}
