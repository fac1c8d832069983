import { Textarea, TextInput } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { useLastWord } from './useLastWord';
import './controls';

interface Props {
  label: string;
  value: string;
  max: number;
  onSave: (value: string) => unknown;
  placeholder?: string;
  /** Id of a datalist to choose from. */
  list?: string;
  /** Left empty, it goes back to the value. */
  required?: boolean;
  long?: boolean;
}

/** A text that is saved when the field is left. What could not be saved stays in the field. */
export function SavedText({ value, max, onSave, required = false, long = false, ...field }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const sent = useRef<string | null>(null);
  const save = () => {
    const text = typed?.trim() ?? '';
    if (typed === null || text === sent.current) return;
    sent.current = text;
    if (text !== value && (text !== '' || !required)) onSave(text);
    else setTyped(null);
  };
  useLastWord(save);
  // Once saved, the text comes back as the value.
  useEffect(() => {
    sent.current = null;
    setTyped((now) => (now?.trim() === value ? null : now));
  }, [value]);
  const shared = { ...field, value: typed ?? value, maxLength: max, size: 'xs', onBlur: save } as const;
  return long ? (
    <Textarea {...shared} rows={2} onChange={(event) => setTyped(event.currentTarget.value)} />
  ) : (
    <TextInput
      {...shared}
      onChange={(event) => setTyped(event.currentTarget.value)}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}
