import { lazy, Suspense, useEffect } from 'react';
import { useBlocker } from 'react-router';
import { anyUnsaved, useAllUnsaved } from './unsaved';

const LeaveDialog = lazy(async () => ({ default: (await import('./LeaveDialog')).LeaveDialog }));

/** Asks before a page with something unsaved on it is left, for another page or altogether. */
export function LeaveGuard() {
  const unsaved = useAllUnsaved();
  const any = unsaved.length > 0;
  const blocker = useBlocker(
    ({ currentLocation, nextLocation }) => anyUnsaved() && currentLocation.pathname !== nextLocation.pathname,
  );
  useEffect(() => {
    if (!any) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [any]);
  return (
    <Suspense>
      {blocker.state === 'blocked' && (
        <LeaveDialog unsaved={unsaved} onStay={() => blocker.reset()} onLeave={() => blocker.proceed()} />
      )}
    </Suspense>
  );
}
