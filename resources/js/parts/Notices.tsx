import { Anchor } from '@mantine/core';
import '@mantine/core/styles/Notification.layer.css';
import '@mantine/notifications/styles.layer.css';
import { Notifications, notifications } from '@mantine/notifications';
import type { ReactNode } from 'react';
import './controls';

/** Where notices of a page show. */
export function Notices() {
  return <Notifications position="bottom-left" limit={3} />;
}

/** Says what was done, where nothing is to be undone. */
export function say(id: string, message: string): void {
  // One that is shown already would stay as it is.
  notifications.hide(id);
  notifications.show({ id, message, autoClose: 15_000 });
}

/** Says what was done, and offers to undo it. @param id one notice of each at a time */
export function offerUndo(id: string, message: ReactNode, undo: () => void): void {
  notifications.hide(id);
  notifications.show({
    id,
    message: (
      <span>
        {message}{' '}
        <Anchor
          component="button"
          type="button"
          onClick={() => {
            notifications.hide(id);
            undo();
          }}
        >
          Undo
        </Anchor>
      </span>
    ),
    autoClose: 9000,
  });
}
