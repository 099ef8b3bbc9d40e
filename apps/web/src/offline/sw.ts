/**
 * Keeps the program itself on a device on which a class is taught, so that it opens while nothing answers. It holds
 * files of ours alone: what is known of people never passes through it.
 */
import {
  cleanupOutdatedCaches,
  matchPrecache,
  precacheAndRoute,
  type PrecacheEntry,
} from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/** Every file of the build that a screen may need: see `buildOffline.mjs`. */
declare const __PRECACHE__: PrecacheEntry[];
declare const self: {
  skipWaiting(): Promise<void>;
  clients: { claim(): Promise<void> };
  addEventListener(
    type: 'install' | 'activate',
    listener: (event: { waitUntil(done: Promise<unknown>): void }) => void,
  ): void;
};

/** A page that is not answered for so long comes from this device, milliseconds. */
const ANSWERED_WITHIN = 4000;

self.addEventListener('install', () => void self.skipWaiting());
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()));
cleanupOutdatedCaches();
precacheAndRoute(__PRECACHE__);
// What the server has is always newer: its page is taken where it answers, and its files have names of their own.
registerRoute(
  new NavigationRoute(
    async ({ request }) => {
      const kept = await matchPrecache('/index.html');
      return fetch(request, { signal: AbortSignal.timeout(ANSWERED_WITHIN) }).catch(
        () => kept ?? Response.error(),
      );
    },
    { denylist: [/^\/api\//] },
  ),
);
