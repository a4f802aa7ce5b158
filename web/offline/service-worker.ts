import { clientsClaim } from 'workbox-core';
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import type { PrecacheEntry } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/** Every file of the screens; the build puts it here. */
declare const FILES: PrecacheEntry[];
declare const self: { skipWaiting(): Promise<void> };

// A newer Baros takes over at once: its page is read anew where it knows other files.
void self.skipWaiting();
clientsClaim();
precacheAndRoute(FILES);
cleanupOutdatedCaches();
registerRoute(new NavigationRoute(createHandlerBoundToURL('index.html'), { denylist: [/^\/api\//] }));
