import { Button, Modal } from '@mantine/core';
import '../parts/controls';
import layout from '../parts/layout.module.css';

export interface LeaveDialogProps {
  unsaved: string[];
  onStay: () => void;
  onLeave: () => void;
}

/** What is not saved yet, and whether to leave it. */
export function LeaveDialog({ unsaved, onStay, onLeave }: LeaveDialogProps) {
  return (
    <Modal opened onClose={onStay} title="Unsaved changes. Leave and lose them?" centered>
      <ul>
        {unsaved.map((what) => (
          <li key={what}>{what}</li>
        ))}
      </ul>
      <p>Changes to a pattern stay in this browser until you open it again. Everything else is lost.</p>
      <p className={layout.actions}>
        <Button onClick={onStay}>Stay here</Button>
        <Button variant="default" onClick={onLeave}>
          Leave
        </Button>
      </p>
    </Modal>
  );
}
