import { UnstyledButton } from '@mantine/core';
import bigButtons from './big-buttons.module.css';

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
    <div className={bigButtons.buttons}>
      {sides.map((side) => (
        <UnstyledButton
          key={side}
          type="button"
          className={bigButtons.side}
          aria-pressed={done.includes(side)}
          onClick={() => onSide(side)}
        >
          {done.includes(side) ? '✓ ' : ''}
          {side === 'left' ? 'Left side' : 'Right side'} <kbd>{side === 'left' ? 'L' : 'R'}</kbd>
        </UnstyledButton>
      ))}
      {onWrong !== undefined && (
        <UnstyledButton className={bigButtons.wrong} onClick={onWrong}>
          Something is wrong <kbd>W</kbd>
        </UnstyledButton>
      )}
      <UnstyledButton className={bigButtons.next} onClick={onNext}>
        {next} <kbd>Space</kbd>
      </UnstyledButton>
    </div>
  );
}
