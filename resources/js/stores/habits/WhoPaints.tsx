import { Button, NativeSelect, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { Habits, HabitsChange } from '../../api/types';
import layout from '../../parts/layout.module.css';
import '../../parts/controls';

interface Props {
  habits: Habits;
  onChange: (change: HabitsChange) => void;
  onTakeOff: (painter: string) => void;
}

/** Whose habits count now, where more than one paints in this shop. */
export function WhoPaints({ habits: { painter, painters }, onChange, onTakeOff }: Props) {
  const [name, setName] = useState<string | null>(null);
  return (
    <form
      className={layout.row}
      aria-label="Who paints"
      onSubmit={(event) => {
        event.preventDefault();
        if (name !== null && name.trim() !== '') onChange({ painter: name.trim() });
        setName(null);
      }}
    >
      {painter !== '' && (
        <NativeSelect
          size="xs"
          aria-label="Who paints now"
          data={painters}
          value={painter}
          onChange={(event) => onChange({ painter: event.currentTarget.value })}
        />
      )}
      {name === null ? (
        <Button size="xs" variant="default" onClick={() => setName('')}>
          {painter === '' ? 'Say whose these are' : 'Another painter'}
        </Button>
      ) : (
        <>
          <TextInput
            size="xs"
            aria-label="Name"
            placeholder="Name"
            maxLength={40}
            value={name}
            onChange={(event) => setName(event.currentTarget.value)}
            data-autofocus
          />
          <Button size="xs" type="submit">
            Add
          </Button>
        </>
      )}
      {painters.length > 1 && name === null && (
        <Button size="xs" variant="default" onClick={() => onTakeOff(painter)}>
          Take {painter} off
        </Button>
      )}
    </form>
  );
}
