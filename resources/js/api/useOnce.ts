import { useRef } from 'react';
import { newId, write } from './client';

/**
 * Writes that may be sent again: a key is made for what is meant, and kept until that has succeeded. An answer that was
 * lost and a second press are then one write; another content is meant anew.
 */
export function useOnce() {
  const meant = useRef(new Map<string, string>());
  return async <T>(path: string, body: unknown = {}): Promise<T> => {
    const content = `${path} ${JSON.stringify(body)}`;
    const key = meant.current.get(content) ?? newId();
    meant.current.set(content, key);
    const made = await write<T>('POST', path, body, key);
    meant.current.delete(content);
    return made;
  };
}
