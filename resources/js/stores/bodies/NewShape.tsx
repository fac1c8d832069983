import { NumberInput, TextInput } from '@mantine/core';
import { useEffect, useEffectEvent, useState } from 'react';
import type { Settings, UsualShape } from '../../api/types';
import classes from './bodies.module.css';
import type { Kept } from './kept';
import { type Shaped, ShapeFields, shapedBody, useShapes } from './ShapeFields';

interface Props {
  kept: Kept;
  settings: Settings;
  /** What it is called where nothing is typed. */
  called: string;
  onKept: (some: Partial<Kept>) => void;
  /** The shape at its length; undefined while it is asked for. */
  onShape: (shape: UsualShape | undefined) => void;
}

/** All that a new body has to have: a shape and its length. What it is called, and how many there are, can be said too. */
export function NewShape({ kept, settings, called, onKept, onShape }: Props) {
  const [shaped, setShaped] = useState<Shaped>({ shape: '', length_mm: null });
  const usual = useShapes().data?.shapes ?? [];
  const at = shapedBody(shaped, usual);
  const asked = useShapes(at?.length_mm);
  const found = asked.isPlaceholderData ? undefined : asked.data?.shapes.find((one) => one.name === at?.shape);
  const tell = useEffectEvent(() => onShape(found));
  // biome-ignore lint/correctness/useExhaustiveDependencies: told once for each shape and length
  useEffect(() => tell(), [found]);
  return (
    <div className={classes.newShape}>
      <ShapeFields value={shaped} settings={settings} onChange={setShaped} />
      <div className={classes.shapeFields}>
        <TextInput
          label="Name"
          placeholder={called}
          maxLength={80}
          value={kept.name}
          onChange={(event) => onKept({ name: event.currentTarget.value })}
        />
        <NumberInput
          label="How many"
          min={0}
          max={100_000}
          allowDecimal={false}
          value={kept.stock}
          onChange={(stock) => stock !== '' && onKept({ stock: Number(stock) })}
        />
      </div>
    </div>
  );
}
