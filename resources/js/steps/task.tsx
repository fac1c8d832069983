import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import { SavedText } from '../parts/SavedText';
import { minutes } from '../units/units';
import type { DocumentOf, Face, FormProps } from './face';

type Task = DocumentOf<'prep' | 'wait' | 'inspect'>;

function face(name: string, unit: string): Face<Task> {
  return {
    name,
    Form: TaskForm,
    foot: ({ document }) => [minutes(document.minutes), ''],
    figures: () => ({}),
    bench: ({ document }) => [[minutes(document.minutes), unit]],
  };
}

export const prep = face('Prepare', 'a bait');
export const inspect = face('Inspect', 'a bait');
export const wait = face('Wait', 'to wait');

function TaskForm({ step: { document }, vocabulary, onChange }: FormProps<Task>) {
  return (
    <>
      <SavedText label="What to do" value={document.task} onSave={(task) => onChange({ task })} max={500} long />
      <Figure
        label="Minutes"
        value={document.minutes}
        {...within(vocabulary.bounds.minutes)}
        onSave={(minutes) => minutes !== null && onChange({ minutes })}
      />
    </>
  );
}
