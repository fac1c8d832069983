import { NativeSelect } from '@mantine/core';
import { oneOf } from './choices';
import './controls';

interface Props<T extends string> {
  label: string;
  options: readonly T[];
  value: T;
  onChoose: (chosen: T) => unknown;
}

/** One of some words, chosen at once. */
export function Select<T extends string>({ label, options, value, onChoose }: Props<T>) {
  return (
    <NativeSelect
      label={label}
      size="xs"
      data={[...options]}
      value={value}
      onChange={(event) => {
        const chosen = oneOf(event.currentTarget.value, options);
        if (chosen !== undefined) void onChoose(chosen);
      }}
    />
  );
}
