import { appWorker } from './app-worker.ts'
import { ownCaches } from './cache-names.ts'

/** Whether this browser can keep anything for outside: old ones, and pages without https, cannot. */
export const canKeep = (): boolean => 'serviceWorker' in navigator && 'caches' in window

/**
 * Keeps answers of the server, and no others, so that what is filled from them opens again without signal. The
 * code of the screens is kept by itself.
 * @param addresses of the answers; one that is kept already is asked for anew
 * @returns whether the browser can keep and did; false is no error, the open page still works
 */
export async function keepForOutside(addresses: readonly string[]): Promise<boolean> {
  if (!canKeep()) return false
  try {
    if (!(await appWorker())) return false
    await navigator.serviceWorker.ready
    // Asked once there is something to lose; some browsers ask whoever is there, others decide.
    await navigator.storage?.persist?.()
    const kept = await caches.open(ownCaches.answers)
    const wanted = [...new Set(addresses)]
    await kept.addAll(wanted)
    for (const request of await kept.keys()) {
      const { pathname, search } = new URL(request.url)
      if (!wanted.includes(pathname + search)) await kept.delete(request)
    }
    return true
  } catch {
    // No signal already, no room, or a browser that forbids it.
    return false
  }
}
