import { Anchor } from '@mantine/core';
import { useState } from 'react';
import { words } from '../api/client';
import type { Sheet } from '../api/types';
import { useUnsaved } from '../parts/unsaved';
import { useLastWord } from '../parts/useLastWord';
import classes from './sheet.module.css';
import { usePatternChange } from './usePatternChange';

/** The name of the pattern, saved when the field is left; one that could not be kept stands there and says so. */
export function NameField({ sheet }: { sheet: Sheet }) {
  const known = sheet.pattern.name;
  const change = usePatternChange(sheet);
  const [typed, setTyped] = useState<string | null>(null);
  const shown = typed ?? known;
  const save = () => {
    const name = typed?.trim() ?? '';
    if (typed === null || change.isPending) return;
    if (name === '' || name === known) setTyped(null);
    else change.mutate({ name }, { onSuccess: () => setTyped(null) });
  };
  useLastWord(() => typed !== null && !change.isError && save());
  useUnsaved(change.isError ? `The name “${shown}”` : null);
  return (
    <>
      <input
        className={classes.sheetName}
        aria-label="Name of the pattern"
        value={shown}
        maxLength={120}
        size={Math.max(8, shown.length)}
        aria-invalid={change.isError}
        onChange={(event) => setTyped(event.currentTarget.value)}
        onBlur={save}
        onKeyDown={(event) => (event.key === 'Enter' || event.key === 'Escape') && event.currentTarget.blur()}
      />
      {change.isError && (
        <span className={classes.sheetUnkept} role="alert">
          The name was not kept. {words(change.error)}{' '}
          <Anchor component="button" type="button" onClick={save}>
            Keep it now
          </Anchor>{' '}
          <Anchor
            component="button"
            type="button"
            onClick={() => {
              change.reset();
              setTyped(null);
            }}
          >
            Back to “{known}”
          </Anchor>
        </span>
      )}
    </>
  );
}
