import { UnstyledButton } from '@mantine/core';
import { type ReactNode, useState } from 'react';
import classes from './steps.module.css';

export interface RestPart {
  /** What it is for. */
  name: string;
  words: string;
  fields: ReactNode;
}

/** What is as usual, in one line of words; each opens what it is set by. */
export function Rest({ parts }: { parts: RestPart[] }) {
  const [open, setOpen] = useState<string | null>(null);
  const opened = parts.find((part) => part.name === open);
  return (
    <>
      <p className={classes.rest}>
        {parts.map((part, i) => (
          <span key={part.name}>
            {i > 0 && ' · '}
            <UnstyledButton
              component="button"
              className={classes.phrase}
              aria-label={`${part.name}: ${part.words}`}
              aria-expanded={part.name === open}
              onClick={() => setOpen(part.name === open ? null : part.name)}
            >
              {part.words}
            </UnstyledButton>
          </span>
        ))}
      </p>
      {opened !== undefined && (
        <fieldset className={classes.part}>
          <legend>{opened.name}</legend>
          {opened.fields}
        </fieldset>
      )}
    </>
  );
}
