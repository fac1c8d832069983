import { Modal } from '@mantine/core';
import { useEffect } from 'react';
import { useBlocker } from 'react-router';
import { useAllUnsaved } from './unsaved';

/** Asks before a page with something unsaved on it is left, for another page or altogether. */
export function LeaveGuard() {
  const unsaved = useAllUnsaved();
  const any = unsaved.length > 0;
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => any && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (!any) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [any]);
  return (
    <Modal
      opened={blocker.state === 'blocked'}
      onClose={() => blocker.reset?.()}
      title="Something here is not saved"
      centered
    >
      <ul>
        {unsaved.map((what) => (
          <li key={what}>{what}</li>
        ))}
      </ul>
      <p className="aside-do">
        <button type="button" className="plain-button" onClick={() => blocker.reset?.()}>
          Stay here
        </button>
        <button type="button" className="plain-button quiet" onClick={() => blocker.proceed?.()}>
          Leave without it
        </button>
      </p>
    </Modal>
  );
}
