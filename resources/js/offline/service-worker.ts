/// <reference lib="webworker" />
import { ExpirationPlugin } from 'workbox-expiration';
import { matchPrecache, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { NetworkFirst, NetworkOnly } from 'workbox-strategies';

declare const self: ServiceWorkerGlobalScope;

/** When an answer was kept; the pages say so when they show one from before. */
const KEPT = 'X-Hawkbrush-Kept';
const MOST_ANSWERS = 600;
const PATIENCE_S = 20;

// The page and all its parts; they open with the server down.
precacheAndRoute(self.__WB_MANIFEST);

/** A server in front of Hawkbrush answers in its place when it is away: that is no answer. */
const onlyHawkbrush = {
  fetchDidSucceed: async ({ response }: { response: Response }) => {
    if (response.status >= 502 && !response.headers.has('X-Hawkbrush-Time')) throw new Error('Hawkbrush is away.');
    return response;
  },
};

const page = new NetworkOnly({
  plugins: [onlyHawkbrush, { handlerDidError: async () => (await matchPrecache('/')) ?? Response.error() }],
});
registerRoute(new NavigationRoute(page, { denylist: [/^\/api\//, /^\/build\//] }));

/** Everything that is asked for is kept, and given again only while the server does not answer. */
registerRoute(
  ({ url, request }) =>
    request.method === 'GET' &&
    url.origin === self.location.origin &&
    url.pathname.startsWith('/api/v1/') &&
    !/\/(export|backups|rack\.|cards\.|masks\/sheet)/.test(url.pathname),
  new NetworkFirst({
    cacheName: 'answers',
    networkTimeoutSeconds: PATIENCE_S,
    plugins: [
      onlyHawkbrush,
      {
        cacheWillUpdate: async ({ response }) => (response.ok ? marked(response) : null),
      },
      new ExpirationPlugin({ maxEntries: MOST_ANSWERS, purgeOnQuotaError: true }),
    ],
  }),
);

function marked(response: Response): Response {
  const headers = new Headers(response.headers);
  headers.set(KEPT, new Date().toISOString());
  return new Response(response.body, { status: response.status, headers });
}

// The first page is served by it at once; a later version waits until the last page of the one before is closed.
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
