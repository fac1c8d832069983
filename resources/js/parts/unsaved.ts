import { useCallback, useEffect, useId, useSyncExternalStore } from 'react';

/** What is not saved yet, in words, by whoever knows of it. */
const unsaved = new Map<string, string>();
const listeners = new Set<() => void>();
let all: string[] = [];

function tell(): void {
  all = [...unsaved.values()];
  for (const listener of listeners) listener();
}

/**
 * While it is given words, leaving the page asks first.
 *
 * @returns to be called when it was saved and the page is left in the same moment
 */
export function useUnsaved(what: string | null): () => void {
  const id = useId();
  useEffect(() => {
    if (what === null) return;
    unsaved.set(id, what);
    tell();
    return () => {
      unsaved.delete(id);
      tell();
    };
  }, [id, what]);
  return useCallback(() => {
    unsaved.delete(id);
    tell();
  }, [id]);
}

export function anyUnsaved(): boolean {
  return unsaved.size > 0;
}

export function useAllUnsaved(): string[] {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => all,
  );
}
