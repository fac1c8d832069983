import { within } from '../parts/bounds';
import { Figure } from '../parts/Figure';
import { SavedText } from '../parts/SavedText';
import { minutes } from '../units/units';
import type { DocumentOf, Face, FormProps } from './face';

type Task = DocumentOf<'prep' | 'wait' | 'inspect'>;

function face(type: Task['type'], name: string, start: { task?: string; minutes: number }, unit: string): Face<Task> {
  return {
    name,
    fresh: () => ({ type, title: name, ...start }),
    Form: TaskForm,
    foot: ({ document }) => [minutes(document.minutes), ''],
    figures: () => ({}),
    bench: ({ document }) => [[minutes(document.minutes), unit]],
  };
}

export const prep = face('prep', 'Prepare', { task: '', minutes: 3 }, 'a bait');
export const inspect = face('inspect', 'Inspect', { task: '', minutes: 3 }, 'a bait');
export const wait = face('wait', 'Wait', { minutes: 20 }, 'to wait');

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
