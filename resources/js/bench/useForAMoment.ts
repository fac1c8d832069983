import { useCallback, useEffect, useState } from 'react';

const SHOWN_MS = 4000;

/** Something that is said for a moment. */
export function useForAMoment() {
  const [at, setAt] = useState(0);
  useEffect(() => {
    if (at === 0) return;
    const gone = setTimeout(() => setAt(0), SHOWN_MS);
    return () => clearTimeout(gone);
  }, [at]);
  const say = useCallback(() => setAt(performance.now()), []);
  return { said: at !== 0, say };
}
