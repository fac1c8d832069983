import { NumberInput } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { write } from '../api/client';
import type { Body, Settings } from '../api/types';
import { AskForm, Line } from '../shell/AskForm';
import { length } from '../units/units';

/** Shares of the greatest depth and width at which a plain minnow form stands along its length. */
const FORM: [number, number][] = [
  [0, 0.1],
  [0.06, 0.45],
  [0.18, 0.8],
  [0.38, 1],
  [0.6, 0.86],
  [0.8, 0.52],
  [0.94, 0.26],
  [1, 0.12],
];

/** A first body from four calipers measures; its stations can be measured closer later. */
export function NewBody({ opened, onClose, settings }: { opened: boolean; onClose: () => void; settings: Settings }) {
  const queries = useQueryClient();
  const unit = length.unit(settings);
  const [name, setName] = useState('');
  const [long, setLong] = useState<number | string>(length.show(80, settings));
  const [deep, setDeep] = useState<number | string>(length.show(20, settings));
  const [wide, setWide] = useState<number | string>(length.show(13, settings));
  const [stock, setStock] = useState<number | string>(1);
  const mm = (shown: number | string) => length.read(Number(shown), settings);
  const add = useMutation({
    mutationFn: () =>
      write<Body>(
        'POST',
        '/bodies',
        {
          name,
          length_mm: mm(long),
          exponent: 2.1,
          stations: FORM.map(([u, share]) => [
            u,
            (mm(deep) / 2) * share,
            (mm(deep) / 2) * share,
            (mm(wide) / 2) * share,
          ]),
          stock: Number(stock),
        },
        true,
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['bodies'] });
      setName('');
      onClose();
    },
  });
  return (
    <AskForm
      title="Measure a body"
      action="Into the drawer"
      opened={opened}
      pending={add.isPending}
      error={add.error}
      onClose={onClose}
      onSubmit={add.mutate}
    >
      <Line label="Name" required maxLength={80} value={name} onText={setName} data-autofocus />
      <NumberInput label={`Length, ${unit}`} value={long} onChange={setLong} />
      <NumberInput label={`Greatest depth, ${unit}`} value={deep} onChange={setDeep} />
      <NumberInput label={`Greatest width, ${unit}`} value={wide} onChange={setWide} />
      <NumberInput label="How many in the drawer" min={0} allowDecimal={false} value={stock} onChange={setStock} />
      <p className="dim">A plain minnow form is laid through these measures.</p>
    </AskForm>
  );
}
