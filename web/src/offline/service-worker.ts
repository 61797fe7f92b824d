/// <reference lib="webworker" />

// Imports nothing, so that it is built as one plain file; the export at its end is for the types.
declare const self: ServiceWorkerGlobalScope

/**
 * Answers from what was kept for outside when there is no signal. With a signal everything comes
 * from the server, so nothing stale is ever shown for new.
 */
async function answer(request: Request): Promise<Response> {
  try {
    return await fetch(request)
  } catch (error) {
    const found = await caches.match(request.mode === 'navigate' ? '/' : request, {
      ignoreVary: true,
    })
    if (found) return found
    throw error
  }
}

self.addEventListener('install', () => void self.skipWaiting())
self.addEventListener('activate', (event) => event.waitUntil(self.clients.claim()))
self.addEventListener('fetch', (event) => {
  const { request } = event
  const isOwn = new URL(request.url).origin === self.location.origin
  if (isOwn && request.method === 'GET') event.respondWith(answer(request))
})

export {}
