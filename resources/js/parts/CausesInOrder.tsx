import type { Cause } from '../api/types';
import classes from './causes.module.css';

interface Props {
  causes: Cause[];
  /** What to try, by cause. */
  tries: Map<string, string>;
}

/** What may be behind a fault, in the order to try. */
export function CausesInOrder({ causes, tries }: Props) {
  return (
    <ol className={classes.causes}>
      {causes.map(({ cause }) => (
        <li key={cause}>
          <b>{cause}</b>: {tries.get(cause)}
        </li>
      ))}
    </ol>
  );
}
