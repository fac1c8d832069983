import { api, ask } from '../api/client';
import { askRunTexture } from '../api/queries';
import type { Run } from '../api/types';

/** Asks for all that a run needs at the bench, so that the service worker has it when the server does not answer. */
export async function keepRun(run: Run, signal: AbortSignal): Promise<void> {
  if (navigator.serviceWorker === undefined || !(await controlled(signal))) return;
  const needed: (() => Promise<unknown>)[] = [
    () => ask(api.GET('/settings')),
    () => ask(api.GET('/vocabulary')),
    () => ask(api.GET('/cautions')),
    () => ask(api.GET('/faults')),
    () => ask(api.GET('/runs')),
    () => ask(api.GET('/runs/{id}', { params: { path: { id: run.id } } })),
    ...[...run.steps.map((s) => s.document.id), null].map((upto) => async () => {
      // Pictures of a run never change: one that is kept already is not asked for again.
      const path = `/api/v1/runs/${run.id}/texture?look=clear${upto === null ? '' : `&upto=${upto}`}`;
      return (await caches.match(path)) ?? askRunTexture(run.id, upto, 'clear');
    }),
  ];
  for (const one of needed) {
    if (signal.aborted) return;
    await one().catch(() => {});
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
