import { type ComponentType, useEffect, useState } from 'react';
import { useBlocker } from 'react-router';
import { anyUnsaved, useAllUnsaved } from '../parts/unsaved';
import type { LeaveDialogProps } from './LeaveDialog';

/** Asks before a page with something unsaved on it is left, for another page or altogether. */
export function LeaveGuard() {
  const unsaved = useAllUnsaved();
  const any = unsaved.length > 0;
  // Loaded beforehand: it is wanted when the server does not answer.
  const [Dialog, setDialog] = useState<ComponentType<LeaveDialogProps> | null>(null);
  useEffect(
    () =>
      void import('./LeaveDialog').then(
        (file) => setDialog(() => file.LeaveDialog),
        () => {},
      ),
    [],
  );
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => anyUnsaved() && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (!any) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [any]);
  useEffect(() => {
    if (blocker.state !== 'blocked' || Dialog !== null) return;
    // It could not be loaded: the browser's own question does.
    if (window.confirm(`Not saved yet: ${unsaved.join(', ')}. Leave all the same?`)) blocker.proceed();
    else blocker.reset();
  }, [blocker, Dialog, unsaved]);
  if (blocker.state !== 'blocked' || Dialog === null) return null;
  return <Dialog unsaved={unsaved} onStay={() => blocker.reset()} onLeave={() => blocker.proceed()} />;
}
