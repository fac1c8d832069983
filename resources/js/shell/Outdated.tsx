import { Button } from '@mantine/core';
import { useAllUnsaved } from '../parts/unsaved';
import { useOutdated } from './outdated';
import classes from './shell.module.css';

/** Offers to reload the page once Hawkbrush was updated under it; what is not saved is named first. */
export function Outdated() {
  const outdated = useOutdated();
  const unsaved = useAllUnsaved();
  if (!outdated) return null;
  return (
    <div className={`${classes.shellNotice} ${classes.shellBar}`} role="alert">
      <p>
        Hawkbrush was updated while this page was open, so a part of it is missing.
        {unsaved.length > 0 && ` Not saved yet: ${unsaved.join(', ')}. Save or copy it first.`}
      </p>
      <Button onClick={() => window.location.reload()}>Reload</Button>
    </div>
  );
}
