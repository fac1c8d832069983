import { NumberInput } from '@mantine/core';
import { useRef, useState } from 'react';
import { useLastWord } from './useLastWord';
import './controls';

interface Props {
  label: string;
  /** The label stands beside it already. */
  hidden?: boolean;
  value: number | null;
  min: number;
  max: number;
  step?: number;
  decimals?: number;
  /** What an empty field means; without it, an empty field goes back to the value. */
  empty?: string;
  /** Saves it; what it promises is waited for. Trouble is shown by whoever saves. */
  onSave: (value: number | null) => unknown;
}

const SETTLE_MS = 40;

/** A number that is saved as soon as it stands still. */
export function Figure({ label, hidden = false, value, min, max, step = 1, decimals = 2, empty, onSave }: Props) {
  // The field shows what is typed until it is left and everything is saved; then the value again.
  const [draft, setDraft] = useState<string | number | null>(null);
  const typing = useRef(false);
  const flying = useRef(0);
  const due = useRef<{ value: number | null; timer: ReturnType<typeof setTimeout>; save: () => void } | null>(null);
  const sent = useRef<number | null>(null);
  // Typed and not sent yet.
  const [waits, setWaits] = useState(false);

  // An invalid figure stays in the field and is marked when the field is left.
  const wrong = useRef(false);
  const [told, setTold] = useState(false);

  const rest = () => {
    if (!typing.current && flying.current === 0 && due.current === null && !wrong.current) setDraft(null);
  };
  const saveNow = () => {
    const last = due.current;
    if (last === null) return;
    clearTimeout(last.timer);
    due.current = null;
    setWaits(false);
    last.save();
  };
  const type = (typed: string | number) => {
    setDraft(typed);
    const next = typed === '' ? null : Number(typed);
    const fits = next === null ? empty !== undefined : next >= min && next <= max;
    wrong.current = next !== null && !fits;
    if (!wrong.current) setTold(false);
    if (due.current !== null) {
      if (fits && due.current.value === next) return;
      clearTimeout(due.current.timer);
      due.current = null;
      setWaits(false);
    }
    if (!fits || next === (flying.current > 0 ? sent.current : value)) return;
    const save = () => {
      sent.current = next;
      flying.current += 1;
      void Promise.resolve(onSave(next)).finally(() => {
        flying.current -= 1;
        rest();
      });
    };
    due.current = { value: next, save, timer: setTimeout(saveNow, SETTLE_MS) };
    setWaits(true);
  };

  useLastWord(saveNow);

  return (
    <NumberInput
      {...(hidden ? { 'aria-label': label } : { label })}
      data-due={waits || undefined}
      value={draft ?? value ?? ''}
      onChange={type}
      onFocus={() => {
        typing.current = true;
      }}
      onBlur={() => {
        typing.current = false;
        setTold(wrong.current);
        saveNow();
        rest();
      }}
      min={min}
      max={max}
      step={step}
      decimalScale={decimals}
      clampBehavior="none"
      error={trouble(told, value, min, max, empty)}
      placeholder={empty}
      size="xs"
    />
  );
}

/** What is wrong with a figure: typed outside its limits, or kept from a time when they were wider. */
function trouble(told: boolean, value: number | null, min: number, max: number, empty: string | undefined) {
  if (told) return `From ${min} to ${max}. Still ${value ?? empty}.`;
  // A hair's breadth is only its unit.
  const slack = 1e-6 * Math.max(1, Math.abs(max));
  const outside = value !== null && (value < min - slack || value > max + slack);
  return outside ? `Kept as it was; today’s limits are ${min} to ${max}.` : undefined;
}
