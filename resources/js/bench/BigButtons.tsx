import { UnstyledButton } from '@mantine/core';
import classes from './bench.module.css';

type Side = 'left' | 'right';

interface Props {
  sides: Side[];
  done: string[];
  /** What the big button says. */
  next: string;
  onSide: (side: Side) => void;
  onNext: () => void;
  onWrong?: () => void;
}

/** Both sides, and on: for a knuckle. */
export function BigButtons({ sides, done, next, onSide, onNext, onWrong }: Props) {
  return (
    <div className={classes.benchButtons}>
      {sides.map((side) => (
        <UnstyledButton
          key={side}
          type="button"
          className={classes.benchSide}
          aria-pressed={done.includes(side)}
          onClick={() => onSide(side)}
        >
          {done.includes(side) ? '✓ ' : ''}
          {side === 'left' ? 'Left side' : 'Right side'} <kbd>{side === 'left' ? 'L' : 'R'}</kbd>
        </UnstyledButton>
      ))}
      {onWrong !== undefined && (
        <UnstyledButton className={classes.benchWrong} onClick={onWrong}>
          Something is wrong <kbd>W</kbd>
        </UnstyledButton>
      )}
      <UnstyledButton className={classes.benchNext} onClick={onNext}>
        {next} <kbd>Space</kbd>
      </UnstyledButton>
    </div>
  );
}
