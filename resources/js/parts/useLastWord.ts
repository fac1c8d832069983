import { useEffect, useRef } from 'react';

/** Calls it when the field goes away or the page is closed: what was typed last is saved all the same. */
export function useLastWord(save: () => void): void {
  const last = useRef(save);
  last.current = save;
  useEffect(() => {
    const leave = () => last.current();
    // Before anybody else hears that the page goes.
    window.addEventListener('pagehide', leave, { capture: true });
    return () => {
      window.removeEventListener('pagehide', leave, { capture: true });
      leave();
    };
  }, []);
}
