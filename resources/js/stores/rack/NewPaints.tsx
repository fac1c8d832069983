import { Checkbox, NativeSelect } from '@mantine/core';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask } from '../../api/client';
import { useVocabulary } from '../../api/queries';
import type { Palette } from '../../api/types';
import { useOnce } from '../../api/useOnce';
import { AskForm } from '../../parts/AskForm';
import '../../parts/controls';
import classes from '../stores.module.css';

/** Swatches of a palette onto the rack, each as a paint of the kind that is chosen. */
export function NewPaints({ palette, onClose }: { palette: Palette; onClose: () => void }) {
  const queries = useQueryClient();
  const once = useOnce();
  const kinds = useVocabulary().data?.kinds ?? [];
  const [kind, setKind] = useState('opaque');
  const [chosen, setChosen] = useState<Set<number>>(new Set());
  const add = useMutation({
    mutationFn: async () => {
      for (const i of chosen) {
        const swatch = palette.colours[i];
        if (swatch !== undefined)
          await once({ ...swatch, kind, left_ml: 0 }, (body, headers) => ask(api.POST('/paints', { body, headers })));
        // Should the next one fail, this one is not put there again.
        setChosen((left) => new Set([...left].filter((k) => k !== i)));
      }
    },
    onSuccess: onClose,
    onSettled: () => queries.invalidateQueries({ queryKey: ['paints'] }),
  });
  const toggle = (i: number) => {
    const next = new Set(chosen);
    if (!next.delete(i)) next.add(i);
    setChosen(next);
  };
  return (
    <AskForm
      title={palette.name === '' ? 'A palette' : palette.name}
      action={`Put ${chosen.size} onto the rack`}
      opened
      pending={add.isPending || chosen.size === 0}
      error={add.error}
      onClose={onClose}
      onSubmit={add.mutate}
    >
      <NativeSelect
        label="As paints of the kind"
        data={kinds}
        value={kind}
        onChange={(e) => setKind(e.currentTarget.value)}
      />
      <ul className={classes.swatches}>
        {palette.colours.map((swatch, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a palette may hold the same swatch twice
          <li key={i}>
            <Checkbox
              checked={chosen.has(i)}
              onChange={() => toggle(i)}
              label={
                <>
                  <i style={{ background: swatch.hex }} /> {swatch.name}
                </>
              }
            />
          </li>
        ))}
      </ul>
      <p className="dim">They come as empty bottles: restock those you own.</p>
    </AskForm>
  );
}
