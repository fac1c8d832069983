import { Anchor, Collapse, UnstyledButton } from '@mantine/core';
import type { ReactNode } from 'react';
import { words } from '../../api/client';
import '../../parts/controls';
import classes from './things.module.css';

interface Props {
  name: string;
  /** One lower where things stand in groups. */
  Heading?: 'h2' | 'h3';
  drawing: ReactNode;
  /** A few words after its name. */
  mark?: ReactNode;
  /** What it is good for here and now. */
  children: ReactNode;
  /** Its figures, to be changed: they show while it is open. */
  figures: ReactNode;
  opened: boolean;
  onOpen: () => void;
  archived: boolean;
  onArchive: () => void;
  error: Error | null;
}

/** A thing of a store: drawn first, a sentence of what it is good for, its figures when it is opened. */
export function Thing(props: Props) {
  const { name, opened, archived, Heading = 'h2' } = props;
  return (
    <li data-thing={name} data-opened={opened || undefined} className={archived ? classes.away : undefined}>
      <div className={classes.face}>
        <span className={`${classes.drawing} on-stage`}>{props.drawing}</span>
        <div className={classes.says}>
          <div className={classes.title}>
            <Heading>
              <UnstyledButton className={classes.name} aria-expanded={opened} onClick={props.onOpen}>
                {name}
              </UnstyledButton>
            </Heading>
            {props.mark}
          </div>
          {props.children}
        </div>
      </div>
      <Collapse expanded={opened} transitionDuration={0}>
        {opened && (
          <div className={classes.figures}>
            {props.figures}
            <Anchor component="button" type="button" onClick={props.onArchive}>
              {archived ? 'Bring back' : 'Put away'}
            </Anchor>
          </div>
        )}
      </Collapse>
      {props.error !== null && <p role="alert">{words(props.error)}</p>}
    </li>
  );
}

/** Things side by side; the one that is open takes a whole row. */
export function Things({ children }: { children: ReactNode }) {
  return <ul className={classes.things}>{children}</ul>;
}
