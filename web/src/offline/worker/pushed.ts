/// <reference lib="webworker" />

import type { Pushed } from '@spudder/contract/push'

/** Shows what was pushed. Browsers ask that something is shown each time, and show words of their own else. */
function show(worker: ServiceWorkerGlobalScope, event: PushEvent): Promise<void> {
  const { title, words, path } = event.data?.json() as Pushed
  const icon = '/icon-192.png'
  return worker.registration.showNotification(title, { body: words, icon, lang: 'en', data: path })
}

/** Opens what a notice tells of: where Spudder is open already, there. */
async function open({ clients }: ServiceWorkerGlobalScope, path: string): Promise<void> {
  const [page] = await clients.matchAll({ type: 'window', includeUncontrolled: true })
  if (!page) return void (await clients.openWindow(path))
  const focused = await page.focus()
  await focused.navigate(path).catch(() => clients.openWindow(path))
}

/** Lets a worker show what is pushed, and open it. */
export function showPushed(worker: ServiceWorkerGlobalScope): void {
  worker.addEventListener('push', (event) => event.waitUntil(show(worker, event)))
  worker.addEventListener('notificationclick', (event) => {
    event.notification.close()
    event.waitUntil(open(worker, String(event.notification.data)))
  })
}
