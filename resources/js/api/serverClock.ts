/**
 * The time, by the server's clock. A device's own clock may be wrong or be set while the page is open, so what the server
 * said last is carried on by the browser's monotone clock. Without a connection after a reload, it is the device's
 * clock put right by what it was off by when the server was last heard.
 */

const OFF_BY = 'hawkbrush-clock-off-by';
/** So much apart, the two clocks of the device have not just been read at different moments. */
const JUMPED_MS = 2000;

interface Mark {
  server: number;
  monotone: number;
  device: number;
}

let mark: Mark | null = null;

/** Bound when the page loads: a test that lets a moment pass for a press does not move the clock of the record with it. */
const monotone = performance.now.bind(performance);

const take = (server: number): Mark => ({ server, monotone: monotone(), device: Date.now() });

/** What the server has just said the time is, in milliseconds. */
export function heardTime(server: number): void {
  mark = take(server);
  try {
    localStorage.setItem(OFF_BY, String(server - Date.now()));
  } catch {
    // Without storage it is known for as long as the page is open.
  }
}

/** Milliseconds since 1970, by the server's clock. */
export function now(): number {
  mark ??= take(Date.now() + offBy());
  return mark.server + monotone() - mark.monotone;
}

export function nowIso(): string {
  return new Date(now()).toISOString();
}

function offBy(): number {
  try {
    return Number(localStorage.getItem(OFF_BY) ?? 0) || 0;
  } catch {
    return 0;
  }
}

/**
 * A device that slept has stopped its monotone clock on some systems. What its other clock ran ahead by while the page
 * was out of sight was sleep; what it jumps by in plain sight is somebody setting it, and is left out.
 */
function wake(): void {
  if (mark === null) return;
  const slept = Date.now() - mark.device - (monotone() - mark.monotone);
  if (slept > JUMPED_MS) mark = take(now() + slept);
}

/** Keeps the time right through a sleep of the device. */
export function watchSleep(): void {
  let hidden = document.visibilityState === 'hidden';
  document.addEventListener('visibilitychange', () => {
    if (document.visibilityState === 'visible' && hidden) wake();
    hidden = document.visibilityState === 'hidden';
    // From here on, the device's clock counts from this moment.
    if (hidden && mark !== null) mark = take(now());
  });
}
