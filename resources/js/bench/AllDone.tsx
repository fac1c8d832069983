import { UnstyledButton } from '@mantine/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import classes from './bench.module.css';
import bigButtons from './big-buttons.module.css';

interface Props {
  finished: boolean;
  /** The server does not have everything yet, or does not answer. */
  away: boolean;
  pending: boolean;
  trouble: string;
  /** Baits that were not rejected. */
  kept: number;
  onFinish: () => void;
  onBack: () => void;
  /** What is still wet. */
  children: ReactNode;
}

/** All steps are done: the run is finished, or can be. */
export function AllDone({ finished, away, pending, trouble, kept, onFinish, onBack, children }: Props) {
  return (
    <>
      <p className={classes.benchHow}>
        {finished
          ? 'Its baits are in the log.'
          : away
            ? 'All is done. The run can be finished once Hawkbrush answers and has everything.'
            : kept === 0
              ? 'Every bait was rejected. Finished, the run goes to the log with the reasons.'
              : 'Finish the run and its baits go to the log under their numbers.'}
      </p>
      {children}
      {trouble !== '' && <p role="alert">{trouble}</p>}
      <div className={bigButtons.buttons}>
        {finished ? (
          <Link className={bigButtons.next} to="/log">
            To the log
          </Link>
        ) : (
          <UnstyledButton className={bigButtons.next} disabled={pending || away} onClick={onFinish}>
            Finish the run
          </UnstyledButton>
        )}
        {!finished && (
          <UnstyledButton className={bigButtons.side} onClick={onBack}>
            Back
          </UnstyledButton>
        )}
      </div>
    </>
  );
}
