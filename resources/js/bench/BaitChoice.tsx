import { Button, Modal, TextInput } from '@mantine/core';
import { useState } from 'react';
import type { BenchRecord, Run } from '../api/types';
import '../parts/controls';
import layout from '../parts/layout.module.css';
import choice from './choice.module.css';

interface Props {
  run: Run;
  record: BenchRecord;
  /** The bait that was tapped; null while none is. */
  bait: number | null;
  /** Whether this step can be worked on it now. */
  isOpen: boolean;
  /** Whether another waits at this step. */
  canSkip: boolean;
  onWork: () => void;
  onSkip: () => void;
  onReject: (reason: string) => void;
  onTakeBack: () => void;
  onClose: () => void;
}

/** Why baits are given up most, to tap. Common practice, no published source. */
const REASONS = [
  'it leaks',
  'seam or blob',
  'line tie is off',
  'paint ran',
  'colour lifted',
  'fell',
  'clear went wrong',
];

/** What is done with a bait that was tapped: gone to, skipped for now, rejected with the reason, or taken back. */
export function BaitChoice(props: Props) {
  const { run, record, bait, onClose } = props;
  const [typed, setTyped] = useState('');
  const label = run.baits.find((one) => one.position === bait)?.label ?? '';
  const rejected = bait === null ? undefined : record.rejected[bait];
  const close = (act: () => void) => () => {
    onClose();
    setTyped('');
    act();
  };
  return (
    <Modal opened={bait !== null} onClose={onClose} title={label} centered>
      {rejected !== undefined ? (
        <div className={choice.choice}>
          <p>Rejected: {rejected}. It is out of the count and of the plan.</p>
          <Button onClick={close(props.onTakeBack)} data-autofocus>
            Take it back
          </Button>
        </div>
      ) : (
        <div className={choice.choice}>
          <div className={layout.two}>
            <Button disabled={!props.isOpen} onClick={close(props.onWork)} data-autofocus>
              Work on it
            </Button>
            <Button variant="default" disabled={!props.isOpen || !props.canSkip} onClick={close(props.onSkip)}>
              Skip it for now
            </Button>
          </div>
          <h3>Reject it, because</h3>
          <div className={choice.reasons}>
            {REASONS.map((reason) => (
              <Button key={reason} variant="default" onClick={close(() => props.onReject(reason))}>
                {reason}
              </Button>
            ))}
          </div>
          <form
            className={choice.typed}
            onSubmit={(event) => {
              event.preventDefault();
              if (typed.trim() !== '') close(() => props.onReject(typed.trim()))();
            }}
          >
            <TextInput
              aria-label="Another reason"
              placeholder="another reason"
              maxLength={200}
              value={typed}
              onChange={(event) => setTyped(event.currentTarget.value)}
            />
            <Button type="submit" variant="default" disabled={typed.trim() === ''}>
              Reject
            </Button>
          </form>
        </div>
      )}
    </Modal>
  );
}
