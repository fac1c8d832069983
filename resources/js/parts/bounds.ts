import type { Vocabulary } from '../api/types';

type Bounds = Vocabulary['bounds'][keyof Vocabulary['bounds']];

/** What is wrong with a figure, in words; nothing if it may be. */
export function wrong(value: number | string, { min, max }: { min: number; max: number }): string | undefined {
  return value !== '' && (Number(value) < min || Number(value) > max) ? `From ${min} to ${max}.` : undefined;
}

/** What a number field is held to, in the painter's units where it is shown in them. */
export function within(bounds: Bounds, show: (value: number) => number = (value) => value) {
  const [min = 0, max = Number.POSITIVE_INFINITY] = bounds;
  return { min: show(min), max: show(max) };
}
