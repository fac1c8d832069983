import { useHotkeys } from '@mantine/hooks';
import { useEffect, useSyncExternalStore } from 'react';

/** A key of a page: how it is pressed, what it does. Without `run`, whoever has the focus handles it. */
export interface Key {
  keys: string;
  does: string;
  run?: (event: KeyboardEvent) => void;
}

interface Group {
  place: string;
  keys: Key[];
}

let groups: Group[] = [];
const listeners = new Set<() => void>();

function put(next: Group[]) {
  groups = next;
  for (const listener of listeners) listener();
}

/** Listens for the keys of a place while it is shown and lists them in the overview. A held key counts once. */
export function useKeys(place: string, keys: Key[], listening = true): void {
  useHotkeys(
    keys.flatMap(({ keys: hotkey, run }) =>
      run === undefined || !listening
        ? []
        : [[hotkey, (event: KeyboardEvent) => event.repeat || run(event), { preventDefault: true }] as const],
    ),
  );
  // The overview lists what keys do, which does not change while a page is shown.
  // biome-ignore lint/correctness/useExhaustiveDependencies: the handlers change with every drawing
  useEffect(() => {
    const group = { place, keys };
    put([...groups, group]);
    return () => put(groups.filter((other) => other !== group));
  }, [place, keys.map((key) => key.keys).join(' ')]);
}

const subscribe = (listener: () => void) => {
  listeners.add(listener);
  return () => void listeners.delete(listener);
};

/** The keys of all that is shown. */
export function useKeyGroups(): Group[] {
  return useSyncExternalStore(subscribe, () => groups);
}
