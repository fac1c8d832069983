import { NumberInput } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';

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
  // What was sent last is not sent again, whether it is still on its way or was refused; and what comes back of what is
  // on its way does not take the place of what was typed meanwhile.
  const sent = useRef<number | null>(value);
  const flying = useRef<(number | null)[]>([]);
  useEffect(() => {
    const own = flying.current.indexOf(value);
    if (own >= 0) {
      flying.current.splice(0, own + 1);
    } else if (value !== sent.current) {
      flying.current = [];
      sent.current = value;
      setShown(value ?? '');
    }
  }, [value]);

  useEffect(() => {
    const next = shown === '' ? null : Number(shown);
    const fits = next === null ? empty !== undefined : next >= min && next <= max;
    if (!fits || next === sent.current) return;
    const timer = setTimeout(() => {
      sent.current = next;
      flying.current.push(next);
      onSave(next);
    }, SETTLE_MS);
    return () => clearTimeout(timer);
  }, [shown, min, max, empty, onSave]);

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
