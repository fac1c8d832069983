/** From when on a page is being closed, what it sends has to outlive it. */
let leaving = false;

export function isLeaving(): boolean {
  return leaving;
}

/** Before anybody else hears that the page goes: fields give what was typed last at the same event. */
export function watchLeaving(): void {
  window.addEventListener(
    'pagehide',
    () => {
      leaving = true;
    },
    { capture: true },
  );
  window.addEventListener('pageshow', () => {
    leaving = false;
  });
}
