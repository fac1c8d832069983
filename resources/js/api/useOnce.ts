import { useRef } from 'react';
import { keyed, newId } from './client';

/**
 * Writes that may be sent again: a key is made for what is meant, and kept until that has succeeded. An answer that was
 * lost and a second press are then one write; another body is meant anew.
 */
export function useOnce() {
  const meant = useRef(new Map<string, string>());
  return async <B, T>(body: B, send: (body: B, headers: ReturnType<typeof keyed>) => Promise<T>): Promise<T> => {
    const content =
      body instanceof File ? `${body.name} ${body.size} ${body.lastModified}` : JSON.stringify(body ?? null);
    const key = meant.current.get(content) ?? newId();
    meant.current.set(content, key);
    const made = await send(body, keyed(key));
    meant.current.delete(content);
    return made;
  };
}
