import { Button, Textarea, TextInput } from '@mantine/core';
import { useRef, useState } from 'react';
import { words } from '../api/client';
import type { Sheet } from '../api/types';
import { keysOf } from '../parts/choices';
import { useUnsaved } from '../parts/unsaved';
import { useLastWord } from '../parts/useLastWord';
import { usePatternChange } from './usePatternChange';
import '../parts/controls';
import classes from './sheet.module.css';

const LEFT = 'hawkbrush-notes-';

type Texts = { species: string; water: string; notes: string };

/** Species, water and notes. Closed by Escape or with its page, what was typed is saved all the same. */
export function Notes({ sheet }: { sheet: Sheet }) {
  const { pattern } = sheet;
  const change = usePatternChange(sheet);
  const [texts, setTexts] = useState<Texts>(() => takeUp(pattern.id) ?? pattern);
  const given = { species: texts.species, water: texts.water, notes: texts.notes };
  const dirty = keysOf(given).some((name) => given[name] !== pattern[name]);
  const sent = useRef('');
  const save = () => {
    if (!dirty || change.isPending || sent.current === JSON.stringify(given)) return;
    sent.current = JSON.stringify(given);
    keepLeft(pattern.id, given);
    change.mutate(given, {
      onSuccess: () => keepLeft(pattern.id, null),
      onError: () => {
        sent.current = '';
      },
    });
  };
  useLastWord(save);
  useUnsaved(change.isError && dirty ? 'The notes of this pattern' : null);
  const field = (name: keyof Texts, max: number) => ({
    value: texts[name],
    maxLength: max,
    onChange: (event: { currentTarget: { value: string } }) => {
      const { value } = event.currentTarget;
      setTexts((now) => ({ ...now, [name]: value }));
    },
  });
  return (
    <form
      className={classes.notesForm}
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <TextInput label="Species" {...field('species', 60)} />
      <TextInput label="Water it suits" {...field('water', 60)} />
      <Textarea label="Notes" rows={4} {...field('notes', 4000)} />
      {change.isError && <p role="alert">Not kept. {words(change.error)}</p>}
      <p className={classes.sheetNotesDo}>
        <Button type="submit">{change.isSuccess && !dirty ? 'Saved' : 'Save'}</Button>
      </p>
    </form>
  );
}

/** Kept in this browser until the server has it. */
function keepLeft(id: string, texts: Texts | null): void {
  try {
    if (texts === null) localStorage.removeItem(LEFT + id);
    else localStorage.setItem(LEFT + id, JSON.stringify(texts));
  } catch {
    // Without storage it stays in the form as long as that is open.
  }
}

function takeUp(id: string): Texts | null {
  try {
    return JSON.parse(localStorage.getItem(LEFT + id) ?? 'null') as Texts | null;
  } catch {
    return null;
  }
}
