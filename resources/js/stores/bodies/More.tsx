import type { ReactNode } from 'react';
import classes from './bodies.module.css';

/** What a new body need not have yet; of one that is kept all of it is there. */
export function More({ open, children }: { open: boolean; children: ReactNode }) {
  if (open) return children;
  return (
    <details className={classes.more}>
      <summary>More: what it is made of, measures with calipers, a photograph to trace, zones</summary>
      {children}
    </details>
  );
}
