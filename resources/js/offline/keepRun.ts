import { get } from '../api/client';
import type { Run } from '../api/types';

/** The address of the picture of a run after a step. */
export function runTexturePath(run: string, upto: string | null, look: string): string {
  return `/runs/${run}/texture?look=${look}${upto === null ? '' : `&upto=${upto}`}`;
}

/** Asks for all that a run needs at the bench, so that the service worker has it when the server does not answer. */
export async function keepRun(run: Run, signal: AbortSignal): Promise<void> {
  if (navigator.serviceWorker === undefined || !(await controlled(signal))) return;
  const textures = [...run.steps.map((s) => s.document.id), null].map((upto) => runTexturePath(run.id, upto, 'clear'));
  for (const path of ['/settings', '/vocabulary', '/runs', `/runs/${run.id}`, ...textures]) {
    if (signal.aborted) return;
    const there = textures.includes(path) && (await caches.match(`/api/v1${path}`)) !== undefined;
    if (!there) await get(path).catch(() => {});
  }
}

/** The first page of all is loaded before there is a service worker; from when on it goes through it. */
async function controlled(signal: AbortSignal): Promise<boolean> {
  if (navigator.serviceWorker.controller !== null) return true;
  return new Promise((is) => {
    navigator.serviceWorker.addEventListener('controllerchange', () => is(true), { once: true, signal });
    signal.addEventListener('abort', () => is(false));
  });
}
