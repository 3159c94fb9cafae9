import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';
import { remind } from './reminders';

/** How workbox-window says that the build that waits is wanted now. */
const USE_NEW_VERSION = 'SKIP_WAITING';

declare const self: ServiceWorkerGlobalScope & {
  /** The files of this build, written in when it is built. */
  readonly __WB_MANIFEST: Parameters<typeof precacheAndRoute>[0];
};

/**
 * Keeps one whole build of Omtel on the device, and opens every address with it: with no network too, and never with half of one build
 * and half of another. What a household recorded is not its business; the page keeps that itself.
 */
cleanupOutdatedCaches();
precacheAndRoute(self.__WB_MANIFEST);

/** What only a server can answer. */
const OF_SERVER = [/^\/api\//, /^\/calendar\//, /^\/push\//, /\.\w+$/];
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: OF_SERVER }));

// From the first visit on, so that a place nobody opened yet opens without a network as well.
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));

// A new build waits until somebody wants it: nobody is moved to another version while something is on the stove.
self.addEventListener('message', ({ data }: ExtendableMessageEvent) => {
  if ((data as { readonly type?: string } | null)?.type === USE_NEW_VERSION) void self.skipWaiting();
});

remind();
