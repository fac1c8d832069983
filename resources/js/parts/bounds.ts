import type { Vocabulary } from '../api/types';

type Bounds = Vocabulary['bounds'][keyof Vocabulary['bounds']];

/** The error message for a figure; undefined if it is valid. */
export function wrong(value: number | string, { min, max }: { min: number; max: number }): string | undefined {
  return value !== '' && (Number(value) < min || Number(value) > max) ? `From ${min} to ${max}.` : undefined;
}

/** Minimum and maximum of a number field, in the painter's units where it is shown in them. */
export function within(bounds: Bounds, show: (value: number) => number = (value) => value) {
  const [min = 0, max = Number.POSITIVE_INFINITY] = bounds;
  return { min: show(min), max: show(max) };
}
