import { Button, NumberInput, Textarea } from '@mantine/core';
import { useState } from 'react';
import { useVocabulary } from '../api/queries';
import type { Settings, Step } from '../api/types';
import { AskForm } from '../parts/AskForm';
import { within, wrong } from '../parts/bounds';
import { pressure } from '../units/units';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import classes from './bench.module.css';

interface Props {
  kind: 'figures' | 'note' | null;
  step: Step;
  settings: Settings;
  /** Those to begin with: as used so far, else as planned. */
  figures: { [name: string]: number | undefined };
  onClose: () => void;
  onNote: (text: string) => void;
  onFigures: (figures: { [name: string]: number }) => void;
}

/** A slip of paper: a note, or the figures really used. Each starts empty. */
export function Slip(props: Props) {
  if (props.kind === 'note') return <Note {...props} />;
  return props.kind === 'figures' ? <Figures {...props} /> : null;
}

/** What is noted most, to tap with paint on the fingers. */
const PHRASES = [
  'ran',
  'spider legs',
  'spat',
  'grainy',
  'edge blurred',
  'sides unlike',
  'lighter next time',
  'heavier next time',
];

function Note({ onNote, onClose }: Props) {
  const [text, setText] = useState('');
  const keep = () => {
    if (text.trim() !== '') onNote(text.trim());
    onClose();
  };
  return (
    <AskForm title="Note" action="Keep" opened pending={false} error={null} onClose={onClose} onSubmit={keep}>
      <Textarea
        label="What to remember of this step"
        rows={3}
        maxLength={1000}
        value={text}
        onChange={(event) => setText(event.currentTarget.value)}
        data-autofocus
        size="md"
      />
      <div className={layout.actions}>
        {PHRASES.map((phrase) => (
          <Button
            key={phrase}
            size="xs"
            variant="default"
            onClick={() => setText((now) => (now.trim() === '' ? phrase : `${now.trim()}, ${phrase}`).slice(0, 1000))}
          >
            {phrase}
          </Button>
        ))}
      </div>
    </AskForm>
  );
}

const WORDS: { [name in Step['shown']['figures'][number]]: string } = {
  psi: '',
  strokes: 'Strokes a side',
  coats: 'Coats',
  thinning_percent: 'Thinned, %',
};

/** How much one press of a large key changes, in the figure's own unit. */
const PRESS: { [name in Step['shown']['figures'][number]]: number } = {
  psi: 1,
  strokes: 1,
  coats: 1,
  thinning_percent: 5,
};

function Figures({ step, settings, figures, onFigures, onClose }: Props) {
  const bounds = useVocabulary().data?.bounds;
  const [typed, setTyped] = useState<{ [name: string]: number | string }>({});
  // What comes out of no airbrush has no pressure.
  const names = step.shown.figures.filter((name) => name !== 'psi' || step.shown.sprayed !== false);
  const fields = names.map((name) => {
    const psi = name === 'psi';
    const show = (value: number) => (psi ? pressure.show(value, settings) : value);
    const read = (shown: number) => (psi ? pressure.read(shown, settings) : shown);
    const planned = figures[name];
    const value = typed[name] ?? (planned === undefined ? '' : show(planned));
    const range = bounds === undefined ? { min: 0, max: Number.POSITIVE_INFINITY } : within(bounds[name], show);
    return {
      name,
      label: psi ? pressure.unit(settings) : WORDS[name],
      allowDecimal: psi || name === 'thinning_percent',
      value,
      ...range,
      error: wrong(value, range),
      read,
      press: (by: number) => {
        const next = show(read(Number(value)) + by * PRESS[name]);
        setTyped((now) => ({ ...now, [name]: Math.min(range.max, Math.max(range.min, next)) }));
      },
      changed: value !== '' && (planned === undefined || Number(value) !== show(planned)),
    };
  });
  const keep = () => {
    // A trial gives all of them; any other step gives only what was changed.
    const given = fields.filter((field) => field.value !== '' && (field.changed || step.shown.tries !== null));
    if (given.length > 0)
      onFigures(Object.fromEntries(given.map(({ name, value, read }) => [name, read(Number(value))])));
    onClose();
  };
  return (
    <AskForm
      title={step.shown.tries === null ? 'Figures really used' : 'Figures that gave it'}
      action="Keep these"
      opened
      // An invalid figure stays and is marked; nothing is saved until it is corrected.
      pending={fields.some((field) => field.error !== undefined)}
      error={null}
      onClose={onClose}
      onSubmit={keep}
    >
      <div className={layout.ask}>
        {fields.map(({ name, read, press, changed, ...field }, i) => (
          <div key={name} className={classes.figure}>
            <Button variant="default" aria-label={`${field.label}: less`} onClick={() => press(-1)}>
              −
            </Button>
            <NumberInput
              {...field}
              size="md"
              hideControls
              clampBehavior="none"
              onChange={(value) => setTyped((now) => ({ ...now, [name]: value }))}
              data-autofocus={i === 0 || undefined}
            />
            <Button variant="default" aria-label={`${field.label}: more`} onClick={() => press(1)}>
              +
            </Button>
          </div>
        ))}
      </div>
    </AskForm>
  );
}
