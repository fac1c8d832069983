import { Suspense, useRef, useState } from 'react';
import type { NewStep, Paint, Settings, Version, Vocabulary } from '../api/types';
import { Chooser } from '../parts/Chooser';
import { useKeys } from '../parts/keys';
import { part } from '../parts/part';
import type { Kind } from '../steps/face';
import { KIND_NAMES, KINDS } from '../steps/kinds';
import tiles from '../steps/steps.module.css';
import { techniqueChoices, useDrawings } from '../steps/TechniqueChoice';
import { StepGlyph } from './StepGlyph';
import classes from './slip.module.css';
import { IN_WORDS, useTypedStep } from './useTypedStep';

const NewPaint = part(async () => (await import('../parts/NewPaint')).NewPaint);

interface Props {
  version: Pick<Version, 'id' | 'revision' | 'body' | 'usually_next'>;
  /** The step that the new one comes after. */
  after: string | null;
  /** None on the rack: one is asked for before the first coat. */
  paints: Paint[];
  vocabulary: Vocabulary;
  settings: Settings;
  disabled: boolean;
  onPaint: (technique: string) => void;
  /** One that is begun already: another kind, or said in words. */
  onStep: (step: NewStep) => void;
}

/** The first handle of the step whose slip is open. */
function holdFirst(): void {
  document.querySelector<HTMLElement>('[data-handle]')?.focus();
}

/** What one does next: ways of putting paint on, and what is done besides. */
export function AddStep({ version, after, paints, vocabulary, settings, disabled, onPaint, onStep }: Props) {
  const { body } = version;
  const next = version.usually_next.map(({ kind, technique }) => technique ?? `kind ${kind}`);
  // A coat that waits for the first paint of the rack.
  const [without, setWithout] = useState<string | null>(null);
  const [opened, setOpened] = useState(false);
  const drawings = useDrawings(body.id, opened);
  const others = KIND_NAMES.filter((kind): kind is Exclude<Kind, 'paint'> => kind !== 'paint');
  const by = (is: (technique: Vocabulary['techniques'][number]) => boolean) =>
    techniqueChoices(vocabulary.techniques.filter(is), body, drawings);
  const besides = others.map((kind) => ({
    value: `kind ${kind}`,
    text: KINDS[kind].name,
    shown: (
      <span className={tiles.tile}>
        <StepGlyph kind={kind} />
        {KINDS[kind].name}
      </span>
    ),
  }));
  const all = [...by(() => true), ...besides];
  const typed = useTypedStep(version, after, settings, onStep);
  const here = useRef<HTMLSpanElement>(null);
  useKeys('Pattern sheet', [
    { keys: 'A', does: 'add a step', run: () => here.current?.querySelector('button')?.click() },
    { keys: '←+→+↑+↓', does: 'move a handle that has the focus by half a millimetre, with Shift by two' },
    { keys: 'H', does: 'with its slip open, take hold of the step on the bait', run: holdFirst },
    { keys: 'Escape', does: 'close the slip, or give a pull up' },
  ]);
  return (
    <span ref={here}>
      <Chooser
        tiles
        label="Add a step"
        find="Find a step, or say it: smoke mesh flank 8 psi"
        onTyped={typed.read}
        typed={typed.group}
        disabled={disabled}
        className={classes.add}
        onOpen={() => setOpened(true)}
        groups={[
          { name: 'Usually next', choices: next.flatMap((name) => all.find((one) => one.value === name) ?? []) },
          { name: 'Besides paint', choices: besides },
          { name: 'From the airbrush', choices: by((one) => one.sprayed && !one.cut) },
          { name: 'Through a mask that is cut', choices: by((one) => one.sprayed && one.cut) },
          { name: 'By hand', choices: by((one) => !one.sprayed) },
        ].map((group, i) => ({
          ...group,
          choices: i === 0 ? group.choices : group.choices.filter((one) => !next.includes(one.value)),
        }))}
        onChoose={(value) => {
          const kind = others.find((one) => value === `kind ${one}`);
          if (value === IN_WORDS) void typed.add();
          else if (kind !== undefined) onStep(vocabulary.fresh[kind]);
          else if (paints.some((paint) => !paint.archived)) onPaint(value);
          else setWithout(value);
        }}
      >
        Add a step
      </Chooser>
      {without !== null && (
        <Suspense>
          <NewPaint opened first onClose={() => setWithout(null)} onAdded={() => onPaint(without)} />
        </Suspense>
      )}
    </span>
  );
}
