import { ColorInput } from '@mantine/core';
import '@mantine/core/styles/ColorInput.layer.css';
import '@mantine/core/styles/ColorPicker.layer.css';
import '@mantine/core/styles/ColorSwatch.layer.css';
import { useEffect, useState } from 'react';
import './controls';

interface Props {
  label: string;
  value: string;
  /** The label stands beside it already. */
  hidden?: boolean;
  onColour: (hex: string) => void;
}

const HEX = /^#[0-9a-f]{6}$/;

/** A colour, picked or typed as hex; what is no colour yet is not passed on, and goes back when the field is left. */
export function ColourField({ label, value, hidden = false, onColour }: Props) {
  const [typed, setTyped] = useState(value);
  useEffect(() => setTyped(value), [value]);
  return (
    <ColorInput
      {...(hidden ? { 'aria-label': label } : { label })}
      size="xs"
      format="hex"
      withEyeDropper={false}
      value={typed}
      onChange={setTyped}
      onChangeEnd={(hex) => HEX.test(hex.toLowerCase()) && hex.toLowerCase() !== value && onColour(hex.toLowerCase())}
      onBlur={() => setTyped(value)}
      style={hidden ? { width: 116 } : undefined}
    />
  );
}
