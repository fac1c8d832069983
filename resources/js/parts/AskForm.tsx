import { Button, Modal } from '@mantine/core';
import type { ReactNode } from 'react';
import { words } from '../api/client';
import './controls';
import layout from './layout.module.css';

interface Props {
  title: string;
  action: string;
  opened: boolean;
  pending: boolean;
  error: unknown;
  onClose: () => void;
  onSubmit: () => void;
  children: ReactNode;
  /** What stands under the form, outside of it. */
  below?: ReactNode;
}

/** A small form over the page: fields, what is wrong, and the one thing it does. A click beside it loses nothing. */
export function AskForm({ title, action, opened, pending, error, onClose, onSubmit, children, below }: Props) {
  return (
    <Modal opened={opened} onClose={onClose} title={title} centered closeOnClickOutside={false}>
      <form
        className={layout.ask}
        // From a text of several lines too, where Enter only begins another.
        onKeyDown={(event) => {
          if (event.key === 'Enter' && (event.ctrlKey || event.metaKey)) event.currentTarget.requestSubmit();
        }}
        onSubmit={(event) => {
          event.preventDefault();
          onSubmit();
        }}
      >
        {children}
        {error != null && (
          <p role="alert" className="notice">
            {words(error)}
          </p>
        )}
        <Button type="submit" disabled={pending}>
          {action}
        </Button>
      </form>
      {below}
    </Modal>
  );
}
