import { Anchor } from '@mantine/core';
import type { CleanFigures, HabitsChange } from '../../api/types';
import { Figure } from '../../parts/Figure';
import layout from '../../parts/layout.module.css';
import classes from './habits.module.css';

const LEVELS = [
  ['blow', 'Blow through'],
  ['rinse', 'Rinse'],
  ['flush', 'Flush'],
  ['strip', 'Strip and clean'],
] as const;

interface Props {
  now: CleanFigures;
  usual: CleanFigures;
  onSave: (clean: NonNullable<HabitsChange['clean']>) => unknown;
}

/** What each way of cleaning the airbrush leaves of the old colour, and takes in this shop. */
export function CleaningFigures({ now, usual, onSave }: Props) {
  const changed = LEVELS.some(([level]) => JSON.stringify(now[level]) !== JSON.stringify(usual[level]));
  return (
    <section aria-label="Cleaning" className={layout.below}>
      <div className={layout.head}>
        <h2>Cleaning between colours</h2>
        {changed && (
          <Anchor component="button" type="button" onClick={() => onSave(usual)}>
            As usual
          </Anchor>
        )}
      </div>
      <p className="dim">
        What is left of the old colour in the first of the next is a guess after common practice. Where you know yours
        better, enter it: plans and orders use it.
      </p>
      <div className={classes.levels}>
        {LEVELS.map(([level, name]) => (
          <fieldset key={level}>
            <legend>{name}</legend>
            <Figure
              label="Leaves, %"
              value={Math.round(now[level].left * 1000) / 10}
              min={0}
              max={50}
              decimals={1}
              onSave={(percent) => percent !== null && onSave({ [level]: { ...now[level], left: percent / 100 } })}
            />
            <Figure
              label="Minutes"
              value={now[level].minutes}
              min={0}
              max={60}
              decimals={1}
              onSave={(minutes) => minutes !== null && onSave({ [level]: { ...now[level], minutes } })}
            />
            <Figure
              label="Cleaner, ml"
              value={now[level].cleaner_ml}
              min={0}
              max={200}
              decimals={1}
              onSave={(ml) => ml !== null && onSave({ [level]: { ...now[level], cleaner_ml: ml } })}
            />
          </fieldset>
        ))}
      </div>
    </section>
  );
}
