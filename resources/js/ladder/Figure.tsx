import { NumberInput } from '@mantine/core';
import { useEffect, useState } from 'react';

interface Props {
  label: string;
  value: number | null;
  min: number;
  max: number;
  step?: number;
  decimals?: number;
  /** What an empty field means; without it, an empty field goes back to the value. */
  empty?: string;
  onSave: (value: number | null) => void;
}

const SETTLE_MS = 40;

/** A number that is saved as soon as it stands still. */
export function Figure({ label, value, min, max, step = 1, decimals = 2, empty, onSave }: Props) {
  const [shown, setShown] = useState<string | number>(value ?? '');
  useEffect(() => setShown(value ?? ''), [value]);

  useEffect(() => {
    const next = shown === '' ? null : Number(shown);
    if (next === value || (next === null && empty === undefined) || (next !== null && !(next >= min && next <= max)))
      return;
    const timer = setTimeout(() => onSave(next), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [shown, value, min, max, empty, onSave]);

  return (
    <NumberInput
      label={label}
      value={shown}
      onChange={setShown}
      onBlur={() => {
        if (shown === '' && empty === undefined) setShown(value ?? '');
      }}
      min={min}
      max={max}
      step={step}
      decimalScale={decimals}
      clampBehavior="blur"
      placeholder={empty}
      size="xs"
    />
  );
}
