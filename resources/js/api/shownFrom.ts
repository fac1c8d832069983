import { useSyncExternalStore } from 'react';

/** Since when the page shows kept data because the server does not answer; null while it answers. */
let since: string | null = null;
const listeners = new Set<() => void>();

/** Of every answer: when it was kept, or null for one that came from the server. */
export function answered(keptAt: string | null): void {
  if (since === keptAt || (keptAt !== null && since !== null && since < keptAt)) return;
  since = keptAt;
  for (const listener of listeners) listener();
}

/** When the oldest of what is shown was kept; null while the server answers. */
export function useShownFrom(): string | null {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => since,
  );
}
