import { TextInput } from '@mantine/core';
import { useEffect, useState } from 'react';
import './controls';
import classes from './colour.module.css';

interface Props {
  label: string;
  value: string;
  /** The label stands beside it already. */
  hidden?: boolean;
  onColour: (hex: string) => void;
}

const HEX = /^#[0-9a-f]{6}$/;

/** A colour, typed as hex or picked; what is no colour yet is not passed on, and goes back when the field is left. */
export function ColourField({ label, value, hidden = false, onColour }: Props) {
  const [typed, setTyped] = useState(value);
  useEffect(() => setTyped(value), [value]);
  const give = (text: string) => {
    setTyped(text);
    const hex = text
      .trim()
      .toLowerCase()
      .replace(/^(?!#)/, '#');
    if (HEX.test(hex) && hex !== value) onColour(hex);
  };
  return (
    <TextInput
      {...(hidden ? { 'aria-label': label } : { label })}
      size="xs"
      maxLength={7}
      spellCheck={false}
      value={typed}
      onChange={(event) => give(event.currentTarget.value)}
      onBlur={() => setTyped(value)}
      leftSection={
        <input
          type="color"
          className={classes.pick}
          aria-label={`Pick: ${label}`}
          value={value}
          onChange={(event) => give(event.currentTarget.value)}
        />
      }
      style={hidden ? { width: 116 } : undefined}
    />
  );
}
