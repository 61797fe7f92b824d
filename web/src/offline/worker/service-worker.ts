/// <reference lib="webworker" />

import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute, type PrecacheEntry } from 'workbox-precaching' // prettier-ignore
import { NavigationRoute, registerRoute } from 'workbox-routing'
import { isRetired } from '../cache-names.ts'
import { answered } from './kept-answers.ts'
import { showPushed } from './pushed.ts'

declare const self: ServiceWorkerGlobalScope & { readonly __WB_MANIFEST: PrecacheEntry[] }

/** All code of the screens, kept as one version: a newer one comes in whole, when it is asked to. */
precacheAndRoute(self.__WB_MANIFEST)
cleanupOutdatedCaches()
registerRoute(new NavigationRoute(createHandlerBoundToURL('/index.html'), { denylist: [/^\/api\//] })) // prettier-ignore

registerRoute(
  ({ url, sameOrigin }) => sameOrigin && url.pathname.startsWith('/api/'),
  ({ request }) => answered(request),
)

async function tidy(): Promise<void> {
  for (const name of await caches.keys()) if (isRetired(name)) await caches.delete(name)
}

self.addEventListener('activate', (event) =>
  event.waitUntil(Promise.all([tidy(), self.clients.claim()])),
)
// Nobody's work is cut off by a new version: it comes when it is asked to.
self.addEventListener('message', ({ data }: ExtendableMessageEvent) => {
  if ((data as { readonly type?: string } | null)?.type === 'SKIP_WAITING') void self.skipWaiting()
})
showPushed(self)
