import { NumberInput } from '@mantine/core';
import type { Settings } from '../../api/types';
import { length } from '../../units/units';
import '../../parts/controls';

interface Props {
  label: string;
  /** In mm; null: there is none. */
  value: number | null;
  settings: Settings;
  min?: number;
  max: number;
  /** What an empty field means. */
  empty?: string;
  /** The label is for those who do not see the column's head. */
  bare?: boolean;
  size?: 'xs' | 'sm';
  onChange: (mm: number | null) => void;
}

/** A length as calipers give it, in the painter's unit. */
export function Measure({ label, value, settings, min = 0, max, empty, bare = false, size = 'xs', onChange }: Props) {
  const named = `${label}, ${length.unit(settings)}`;
  return (
    <NumberInput
      size={size}
      label={bare ? undefined : named}
      aria-label={bare ? named : undefined}
      hideControls={bare}
      value={value === null ? '' : length.show(value, settings)}
      placeholder={empty}
      min={length.show(min, settings)}
      max={length.show(max, settings)}
      decimalScale={3}
      onChange={(typed) => {
        if (typed === '') {
          if (empty !== undefined) onChange(null);
          return;
        }
        const mm = length.read(Number(typed), settings);
        if (mm >= min && mm <= max && mm !== value) onChange(mm);
      }}
    />
  );
}
