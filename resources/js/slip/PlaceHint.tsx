import { Anchor } from '@mantine/core';
import { useEffect, useRef } from 'react';
import classes from './slip.module.css';

interface Props {
  what: string;
  onUsual: () => void;
  onCancel: () => void;
}

/** A mark is chosen: it is put where the bait is pressed, or where it usually stands. */
export function PlaceHint({ what, onUsual, onCancel }: Props) {
  const usual = useRef<HTMLButtonElement>(null);
  useEffect(() => usual.current?.focus(), []);
  return (
    <section
      className={classes.placeHint}
      aria-label="Where it goes"
      onKeyDown={(event) => event.key === 'Escape' && onCancel()}
    >
      <p>
        <b>{what}</b>: click the bait where it should go.
      </p>
      <p>
        <Anchor component="button" type="button" ref={usual} onClick={onUsual}>
          Put it where it usually stands
        </Anchor>
        <Anchor component="button" type="button" onClick={onCancel}>
          Cancel
        </Anchor>
      </p>
    </section>
  );
}
