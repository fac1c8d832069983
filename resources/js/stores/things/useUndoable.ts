import { useRef } from 'react';
import { offerUndo } from '../../parts/Notices';

/** Changes of the same fields that follow each other this soon are one: a figure is saved while it is typed. */
const ONE_CHANGE_MS = 5000;

/**
 * Saves fields of a thing and offers to set them back.
 *
 * @param kept what it is now, by field
 * @param send saves them; trouble is shown by whoever sends
 */
export function useUndoable<C extends object>(name: string, kept: C, send: (fields: C) => Promise<unknown>) {
  const last = useRef<{ names: string; before: C; at: number } | null>(null);
  return async (fields: C): Promise<void> => {
    const keys = Object.keys(fields) as (keyof C)[];
    const names = keys.join(' ');
    const now = Date.now();
    const goesOn = last.current?.names === names && now - last.current.at < ONE_CHANGE_MS;
    const was = Object.fromEntries(keys.map((key) => [key, kept[key]])) as C;
    const before = goesOn && last.current !== null ? last.current.before : was;
    last.current = { names, before, at: now };
    try {
      await send(fields);
    } catch {
      return;
    }
    offerUndo(`kept ${name}`, `${name}: saved.`, () => {
      last.current = null;
      void send(before).catch(() => {});
    });
  };
}
