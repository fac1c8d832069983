import { Button, Checkbox, Modal } from '@mantine/core';
import { useState } from 'react';
import type { Settings, Version } from '../api/types';
import { changeWords } from '../ladder/words';
import { counted } from '../units/units';
import type { Waiting } from './editLine';
import '../parts/controls';
import classes from './sheet.module.css';

interface Props {
  clash: { theirs: Version; waiting: Waiting[] } | null;
  settings: Settings;
  /** The keys of the changes that are made on top of theirs; the others are left out. */
  onSettle: (chosen: string[]) => void;
}

/** Two tabs on one pattern: both sides are shown, and of the own changes each can be kept or left out. */
export function ClashDialog({ clash, settings, onSettle }: Props) {
  return (
    <Modal
      opened={clash !== null}
      onClose={() => {}}
      withCloseButton={false}
      closeOnEscape={false}
      closeOnClickOutside={false}
      title="Changed elsewhere"
      centered
    >
      {clash !== null && <Both {...clash} settings={settings} onSettle={onSettle} />}
    </Modal>
  );
}

function Both({ theirs, waiting, settings, onSettle }: NonNullable<Props['clash']> & Omit<Props, 'clash'>) {
  const [out, setOut] = useState<Set<string>>(new Set());
  const mine = waiting.map(({ key, wanted }) => {
    const change = typeof wanted === 'function' ? wanted(theirs) : wanted;
    const said =
      change === undefined
        ? 'a change of a step that is not there any more'
        : changeWords(change, theirs.steps, settings);
    return { key, words: said };
  });
  const chosen = mine.filter(({ key }) => !out.has(key)).map(({ key }) => key);
  const toggle = (key: string) =>
    setOut((before) => {
      const after = new Set(before);
      if (!after.delete(key)) after.add(key);
      return after;
    });
  return (
    <div style={{ display: 'grid', gap: 12 }}>
      <p>
        This pattern was changed in another tab or on another screen after you opened it.{' '}
        {counted(mine.length, 'change')} of yours {mine.length === 1 ? 'was' : 'were'} not saved yet.
      </p>
      <p>
        <b>There now:</b> version {theirs.number}, {theirs.steps.length} steps:{' '}
        {theirs.steps.map((s) => s.shown.name).join(', ')}.
      </p>
      <fieldset className={classes.clashMine}>
        <legend>Yours</legend>
        {mine.map(({ key, words }) => (
          <Checkbox key={key} label={words} checked={!out.has(key)} onChange={() => toggle(key)} />
        ))}
      </fieldset>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10 }}>
        <Button disabled={chosen.length === 0} onClick={() => onSettle(chosen)}>
          {mine.length === 1 ? 'Make my change on top' : `Make ${chosen.length} of ${mine.length} on top`}
        </Button>
        <Button variant="default" onClick={() => onSettle([])}>
          {mine.length === 1 ? 'Leave mine out' : 'Leave all of mine out'}
        </Button>
      </div>
    </div>
  );
}
