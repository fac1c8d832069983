import { useEffect, useRef, useState } from 'react';

const KEPT = 'hawkbrush-pedal';

/** The key that a foot pedal at this device sends, by its code; none until it is set. */
function known(): string {
  try {
    return localStorage.getItem(KEPT) ?? '';
  } catch {
    return '';
  }
}

/** A foot pedal: the key it sends does the next thing. It belongs to this device and is kept in its browser. */
export function usePedal(next: () => void, listening: boolean) {
  const [code, setCode] = useState(known);
  const press = useRef(next);
  press.current = next;
  useEffect(() => {
    if (!listening || code === '') return;
    const keys = (event: KeyboardEvent) => {
      if (event.code !== code || event.repeat) return;
      event.preventDefault();
      event.stopPropagation();
      press.current();
    };
    // Before any key of the page, so that a pedal may send one of these.
    window.addEventListener('keydown', keys, { capture: true });
    return () => window.removeEventListener('keydown', keys, { capture: true });
  }, [code, listening]);
  const set = (wanted: string) => {
    setCode(wanted);
    try {
      if (wanted === '') localStorage.removeItem(KEPT);
      else localStorage.setItem(KEPT, wanted);
    } catch {
      // Without storage it holds as long as the page is open.
    }
  };
  return { code, set };
}
