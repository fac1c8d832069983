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
    <Modal opened onClose={onStay} title="Something here is not saved" centered>
      <ul>
        {unsaved.map((what) => (
          <li key={what}>{what}</li>
        ))}
      </ul>
      <p>Changes of a pattern are kept in this browser until it is opened again; what else stands here is lost.</p>
      <p className={layout.actions}>
        <Button onClick={onStay}>Stay here</Button>
        <Button variant="default" onClick={onLeave}>
          Leave all the same
        </Button>
      </p>
    </Modal>
  );
}
