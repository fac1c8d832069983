import { Textarea, TextInput } from '@mantine/core';
import { useEffect, useRef, useState } from 'react';
import { useLastWord } from './useLastWord';
import './controls';

interface Props {
  label: string;
  value: string;
  placeholder?: string;
  max: number;
  long?: boolean;
  onSave: (value: string) => unknown;
}

/** A text that is saved when the field is left. */
export function SavedText({ label, value, placeholder, max, long, onSave }: Props) {
  const [shown, setShown] = useState(value);
  const saved = useRef(value);
  useEffect(() => {
    saved.current = value;
    setShown(value);
  }, [value]);
  const save = () => {
    if (shown === saved.current) return;
    saved.current = shown;
    onSave(shown);
  };
  useLastWord(save);
  const shared = { label, value: shown, placeholder, maxLength: max, size: 'xs' as const, onBlur: save };
  return long ? (
    <Textarea {...shared} rows={2} onChange={(event) => setShown(event.currentTarget.value)} />
  ) : (
    <TextInput
      {...shared}
      onChange={(event) => setShown(event.currentTarget.value)}
      onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
    />
  );
}
