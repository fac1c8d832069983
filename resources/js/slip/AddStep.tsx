import { useRef, useState } from 'react';
import type { BodyShape, Vocabulary } from '../api/types';
import { Chooser } from '../parts/Chooser';
import { useKeys } from '../parts/keys';
import type { Kind } from '../steps/face';
import { KIND_NAMES, KINDS } from '../steps/kinds';
import tiles from '../steps/steps.module.css';
import { techniqueChoices, useDrawings } from '../steps/TechniqueChoice';
import { StepGlyph } from './StepGlyph';
import classes from './slip.module.css';

interface Props {
  body: BodyShape & { id: string };
  vocabulary: Vocabulary;
  disabled: boolean;
  onPaint: (technique: string) => void;
  onOther: (kind: Exclude<Kind, 'paint'>) => void;
}

/** What one does next: ways of putting paint on, and what is done besides. */
export function AddStep({ body, vocabulary, disabled, onPaint, onOther }: Props) {
  const [opened, setOpened] = useState(false);
  const drawings = useDrawings(body.id, opened);
  const others = KIND_NAMES.filter((kind): kind is Exclude<Kind, 'paint'> => kind !== 'paint');
  const by = (is: (technique: Vocabulary['techniques'][number]) => boolean) =>
    techniqueChoices(vocabulary.techniques.filter(is), body, drawings);
  const here = useRef<HTMLSpanElement>(null);
  useKeys('Pattern sheet', [
    { keys: 'A', does: 'add a step', run: () => here.current?.querySelector('button')?.click() },
    { keys: '←+→+↑+↓', does: 'move a handle that has the focus by half a millimetre, with Shift by two' },
    { keys: 'Escape', does: 'close the slip, or give a pull up' },
  ]);
  return (
    <span ref={here}>
      <Chooser
        tiles
        label="Add a step"
        find="What is done next?"
        disabled={disabled}
        className={classes.add}
        onOpen={() => setOpened(true)}
        groups={[
          { name: 'From the airbrush', choices: by((one) => one.sprayed && !one.cut) },
          { name: 'Through a mask that is cut', choices: by((one) => one.sprayed && one.cut) },
          { name: 'By hand', choices: by((one) => !one.sprayed) },
          {
            name: 'Besides',
            choices: others.map((kind) => ({
              value: `kind ${kind}`,
              text: KINDS[kind].name,
              shown: (
                <span className={tiles.tile}>
                  <StepGlyph kind={kind} />
                  {KINDS[kind].name}
                </span>
              ),
            })),
          },
        ]}
        onChoose={(value) => {
          const kind = others.find((one) => value === `kind ${one}`);
          if (kind === undefined) onPaint(value);
          else onOther(kind);
        }}
      >
        Add a step
      </Chooser>
    </span>
  );
}
