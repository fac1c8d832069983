import { useSyncExternalStore } from 'react';

/** Whether a part of this page is not to be had any more: Hawkbrush was exchanged for a newer one while it was open. */
let outdated = false;
const listeners = new Set<() => void>();

/** Vite says so when a part does not come; with the server away it does not come either, and that is no reason to reload. */
export function watchOutdated(): void {
  window.addEventListener('vite:preloadError', () => {
    fetch('/up', { cache: 'no-store' }).then(
      (answer) => {
        if (!answer.headers.has('X-Hawkbrush-Time')) return;
        outdated = true;
        for (const tell of listeners) tell();
      },
      () => {},
    );
  });
}

export function useOutdated(): boolean {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => outdated,
  );
}
