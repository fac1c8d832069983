import { NativeSelect } from '@mantine/core';
import { useQuery } from '@tanstack/react-query';
import { api, ask } from '../../api/client';
import type { Settings } from '../../api/types';
import { ZoneOutline } from '../../stage/ZoneOutline';
import { length } from '../../units/units';
import classes from './bodies.module.css';
import { Measure } from './Measure';

export interface Shaped {
  /** Empty: the first of the list. */
  shape: string;
  /** Null: as long as the shape usually is. */
  length_mm: number | null;
}

export const useShapes = (lengthMm?: number) =>
  useQuery({
    queryKey: ['shapes', lengthMm],
    queryFn: () =>
      ask(api.GET('/bodies/shapes', { params: { query: lengthMm === undefined ? {} : { length_mm: lengthMm } } })),
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  });

interface Props {
  value: Shaped;
  settings: Settings;
  onChange: (to: Shaped) => void;
}

/** A body by its shape and its length: all that is needed to begin. */
export function ShapeFields({ value, settings, onChange }: Props) {
  const shapes = useShapes().data?.shapes ?? [];
  const shape = shapes.find((one) => one.name === value.shape) ?? shapes[0];
  if (shape === undefined) return null;
  return (
    <div className={classes.shapeFields}>
      <NativeSelect
        label="Shape"
        data={shapes.map((one) => ({ value: one.name, label: `${one.name}: ${one.about}` }))}
        value={shape.name}
        onChange={(event) => onChange({ shape: event.currentTarget.value, length_mm: null })}
      />
      <Measure
        label="Its length"
        size="sm"
        settings={settings}
        value={value.length_mm ?? shape.usual_mm}
        min={5}
        max={1000}
        onChange={(length_mm) => onChange({ ...value, length_mm })}
      />
      <p>
        <ZoneOutline body={shape.shape} cover={undefined} />
        <span className="dim">
          Usually {length.show(shape.usual_mm, settings)} {length.unit(settings)}. Measure it later, when you have it in
          hand.
        </span>
      </p>
    </div>
  );
}

/** What is sent for it. */
export function shapedBody(value: Shaped, shapes: { name: string; usual_mm: number }[]) {
  const shape = shapes.find((one) => one.name === value.shape) ?? shapes[0];
  return shape === undefined ? undefined : { shape: shape.name, length_mm: value.length_mm ?? shape.usual_mm };
}
