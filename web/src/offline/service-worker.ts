/// <reference lib="webworker" />

import type { Pushed } from '@spudder/contract/push'

// Imports nothing but types, so that it is built as one plain file; the export at its end is for the types.
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

/** Shows what was pushed. Browsers ask that something is shown each time, and show words of their own else. */
function show(event: PushEvent): Promise<void> {
  const { title, words, path } = event.data?.json() as Pushed
  return self.registration.showNotification(title, {
    body: words,
    icon: '/leaf.svg',
    lang: 'en',
    data: path,
  })
}

/** Opens what a notice tells of: where Spudder is open already, there. */
async function open(path: string): Promise<void> {
  const [page] = await self.clients.matchAll({ type: 'window', includeUncontrolled: true })
  if (!page) return void (await self.clients.openWindow(path))
  const focused = await page.focus()
  await focused.navigate(path).catch(() => self.clients.openWindow(path))
}

self.addEventListener('push', (event) => event.waitUntil(show(event)))
self.addEventListener('notificationclick', (event) => {
  event.notification.close()
  event.waitUntil(open(String(event.notification.data)))
})

export {}
