import { useEffect, useRef } from 'react';

interface Taker {
  take: (picture: File) => void;
  /** What became of it, as a sentence ends: "is kept with this bait". */
  becomes: string;
}

/** What on the page takes a picture that is dropped anywhere or pasted; the last that came counts. */
const takers: { current: Taker }[] = [];

export function takesPictures(): Taker | undefined {
  return takers.at(-1)?.current;
}

/** Lets a part of a page take pictures that are dropped anywhere or pasted. */
export function useTakesPictures(take: Taker['take'], becomes: string): void {
  const taker = useRef({ take, becomes });
  taker.current = { take, becomes };
  useEffect(() => {
    takers.push(taker);
    return () => void takers.splice(takers.indexOf(taker), 1);
  }, []);
}
