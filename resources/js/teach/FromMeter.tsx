import { Anchor, Button, NativeSelect } from '@mantine/core';
import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, ask, words } from '../api/client';
import type { Colorimeter, Paint } from '../api/types';
import { type CardTold, HALVES, type Half, WORDS } from './halves';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './teach.module.css';

interface Props {
  paint: Paint;
  onCard: (card: Partial<CardTold>) => void;
  onFilm: (wetUm: number) => void;
}

/** The card read with a colorimeter, half by half. */
export function FromMeter({ paint, onCard, onFilm }: Props) {
  const meter = useQuery({ queryKey: ['colorimeter'], queryFn: () => ask(api.GET('/colorimeter')) });
  const cards = cardsOf(meter.data);
  const [picked, setPicked] = useState<string | null>(null);
  const card = picked ?? cards.find((one) => one.paint === paint.name)?.id ?? cards[0]?.id ?? null;
  const read = useMutation({
    mutationFn: async (halves: readonly Half[]) => {
      const told: Partial<CardTold> = {};
      for (const half of halves) {
        const place = card === null ? null : `${card}:${half}`;
        const measured = await ask(api.POST('/colorimeter/read', { body: { place } }));
        told[half] = { given: { reflectance: measured.reflectance }, hex: measured.colour.hex };
      }
      const wet = cards.find((one) => one.id === card)?.wet_um ?? null;
      return { told, wet: halves.length === HALVES.length ? wet : null };
    },
    onSuccess: ({ told, wet }) => {
      onCard(told);
      if (wet !== null) onFilm(wet);
    },
  });
  if (meter.data === undefined) return <p className="dim">Reading the instrument …</p>;
  if (!meter.data.connected) {
    return (
      <p className="notice">
        {meter.data.trouble === ''
          ? 'No colorimeter is set up here; docs/instruments.md says how.'
          : meter.data.trouble}
      </p>
    );
  }
  return (
    <div className={classes.teachMeter}>
      <p>{meter.data.name}</p>
      {cards.length > 0 && (
        <NativeSelect
          label="Put down on the card of"
          data={cards.map((one) => ({ value: one.id, label: `${one.paint ?? one.label} (${one.note})` }))}
          value={card ?? ''}
          onChange={(event) => setPicked(event.currentTarget.value)}
        />
      )}
      <p className={layout.row}>
        {cards.length > 0 && (
          <Button variant="default" disabled={read.isPending} onClick={() => read.mutate(HALVES)}>
            Read all four
          </Button>
        )}
        {HALVES.map((half) => (
          <Anchor
            component="button"
            key={half}
            type="button"
            disabled={read.isPending}
            onClick={() => read.mutate([half])}
          >
            {WORDS[half]}
          </Anchor>
        ))}
      </p>
      {read.isError && (
        <p role="alert" className="notice">
          {words(read.error)}
        </p>
      )}
    </div>
  );
}

/** The cards a simulated instrument can be put down on; a real one names none. */
function cardsOf(meter: Colorimeter | undefined): Colorimeter['places'] {
  return (meter?.places ?? [])
    .filter((place) => place.id.endsWith(':white'))
    .map((place) => ({ ...place, id: place.id.slice(0, -':white'.length) }));
}
