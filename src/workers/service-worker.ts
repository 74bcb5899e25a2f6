/**
 * What a device needs without the server: the app's files, and the pages that were seen or asked for. Pages come from
 * the server where it answers, else as they were kept.
 */
import { ExpirationPlugin } from 'workbox-expiration';
import {
  addPlugins,
  cleanupOutdatedCaches,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute, setCatchHandler } from 'workbox-routing';
import { NetworkFirst } from 'workbox-strategies';
import { OFFLINE_PAGE, PAGES_CACHE, START_PAGES } from './kept-pages';

declare const self: {
  __WB_MANIFEST: (PrecacheEntry | string)[];
  skipWaiting: () => Promise<void>;
  addEventListener: (type: string, listener: (event: WorkerEvent) => void) => void;
};

interface WorkerEvent {
  data?: unknown;
  waitUntil: (work: Promise<unknown>) => void;
}

const PATIENCE_S = 6;
const MOST_PAGES = 150;
const UNPAIRED = 401;
const LAST_OUTING = /\/outing\/[^/]+\/snow$/;

/**
 * A worker reads from its own address what it is to run. Of a kept file it would be told the address under which that
 * was kept, which ends before; of a file without an address, the one it was asked for by.
 */
addPlugins([
  {
    handlerWillRespond: ({ request, response }) =>
      Promise.resolve(
        request.destination === 'worker' ? new Response(response.body, response) : response,
      ),
  },
]);
precacheAndRoute(self.__WB_MANIFEST);
cleanupOutdatedCaches();

registerRoute(
  new NavigationRoute(
    new NetworkFirst({
      cacheName: PAGES_CACHE,
      networkTimeoutSeconds: PATIENCE_S,
      plugins: [
        new ExpirationPlugin({ maxEntries: MOST_PAGES }),
        {
          // A device that was turned away keeps nothing of what it saw.
          fetchDidSucceed: async ({ response }) => {
            if (response.status === UNPAIRED) await caches.delete(PAGES_CACHE);
            return response;
          },
          cacheWillUpdate: ({ response }) =>
            Promise.resolve(response.status === 200 && !response.redirected ? response : null),
        },
      ],
    }),
    { denylist: [/^\/api\//, /^\/pair/, /^\/_next\//] },
  ),
);

/** A page that was not kept with these words in its address: the same page without, the start, or what says so. */
setCatchHandler(async ({ request }) => {
  if (request.mode !== 'navigate') return Response.error();
  const pages = await caches.open(PAGES_CACHE);
  const { pathname } = new URL(request.url);
  if (pathname === '/') {
    const kept = (await pages.keys()).map(({ url }) => url).filter((url) => LAST_OUTING.test(url));
    return Response.redirect(kept.at(-1) ?? '/quick');
  }
  const same = await pages.match(request, { ignoreSearch: true, ignoreVary: true });
  return same ?? (await pages.match(OFFLINE_PAGE, { ignoreVary: true })) ?? Response.error();
});

self.addEventListener('install', (event) => {
  // What must be there from the first moment on; the rest comes as pages are seen.
  event.waitUntil(
    caches.open(PAGES_CACHE).then((pages) =>
      Promise.all(
        START_PAGES.map(async (page) => {
          const answer = await fetch(page, { headers: { accept: 'text/html' } });
          if (answer.ok) await pages.put(page, answer);
        }),
      ),
    ),
  );
});

self.addEventListener('message', ({ data }) => {
  if (data === 'take-over') void self.skipWaiting();
});
