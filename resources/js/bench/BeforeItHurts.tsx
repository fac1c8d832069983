import { Button, Modal } from '@mantine/core';
import type { Cautions } from '../api/types';
import '../parts/controls';
import classes from './hurts.module.css';

interface Props {
  due: string[];
  cautions: Cautions | undefined;
  onKnown: () => void;
}

/** What can hurt in the step that begins, before it begins. It is acknowledged, not merely closed. */
export function BeforeItHurts({ due, cautions, onKnown }: Props) {
  const shown = cautions?.hazards.filter((hazard) => due.includes(hazard.name)) ?? [];
  if (shown.length === 0) return null;
  return (
    <Modal
      opened
      onClose={() => {}}
      title="Before you begin"
      size="lg"
      centered
      withCloseButton={false}
      closeOnClickOutside={false}
      closeOnEscape={false}
    >
      <ul className={classes.hurts}>
        {shown.map((hazard) => (
          <li key={hazard.name}>
            <b>{hazard.caution}</b>
            <p>{hazard.hurts}</p>
            {hazard.never !== null && <p className={classes.leave}>{hazard.never}</p>}
          </li>
        ))}
      </ul>
      <p className={`dim ${classes.last}`}>{cautions?.last}</p>
      <Button size="xl" fullWidth onClick={onKnown} data-autofocus>
        Ready, I’m protected
      </Button>
    </Modal>
  );
}
