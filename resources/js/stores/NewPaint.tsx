import { Modal, NativeSelect, NumberInput, TextInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { words, write } from '../api/client';
import { useVocabulary } from '../api/queries';
import type { NewPaint as Form, Paint } from '../api/types';

/** A paint nobody has measured: a swatch and a kind are enough to begin with. */
export function NewPaint({ opened, onClose }: { opened: boolean; onClose: () => void }) {
  const queries = useQueryClient();
  const kinds = useVocabulary().data?.kinds ?? [];
  const [name, setName] = useState('');
  const [hex, setHex] = useState('#3f6f8f');
  const [kind, setKind] = useState('transparent');
  const [bottle, setBottle] = useState<number | string>(30);
  const add = useMutation({
    mutationFn: () =>
      write<Paint>('POST', '/paints', { name, hex, kind, bottle_ml: Number(bottle) } satisfies Form, true),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['paints'] });
      setName('');
      onClose();
    },
  });
  return (
    <Modal opened={opened} onClose={onClose} title="Add a paint" centered>
      <form
        className="new-pattern"
        style={{ display: 'grid', gap: 12 }}
        onSubmit={(event) => {
          event.preventDefault();
          add.mutate();
        }}
      >
        <TextInput
          label="Name"
          required
          maxLength={80}
          value={name}
          onChange={(event) => setName(event.currentTarget.value)}
          data-autofocus
        />
        <TextInput
          label="Swatch, as a full coat looks over white under clear"
          type="color"
          value={hex}
          onChange={(event) => setHex(event.currentTarget.value)}
        />
        <NativeSelect label="Kind" data={kinds} value={kind} onChange={(event) => setKind(event.currentTarget.value)} />
        <NumberInput label="Bottle, ml" min={1} max={5000} value={bottle} onChange={setBottle} />
        {add.isError && <p role="alert">{words(add.error)}</p>}
        <button type="submit" className="plain-button" disabled={add.isPending}>
          Onto the rack
        </button>
      </form>
    </Modal>
  );
}
