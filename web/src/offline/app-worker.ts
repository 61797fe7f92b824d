import { defineStore } from 'pinia'
import { ref } from 'vue'

/** What keeps the code of the screens on this device, once it is there; undefined where a browser has no such thing. */
let registered: Promise<ServiceWorkerRegistration | undefined> | undefined

/**
 * Lets this browser keep the code of the screens, so that they open without signal.
 * @returns undefined where it cannot, or may not
 */
export function appWorker(): Promise<ServiceWorkerRegistration | undefined> {
  registered ??=
    'serviceWorker' in navigator && import.meta.env.PROD
      ? navigator.serviceWorker.register('/service-worker.js').catch(() => undefined)
      : Promise.resolve(undefined)
  return registered
}

/** A newer version of Spudder that is there and waits: it is taken when somebody says so. */
export const useNewVersion = defineStore('new-version', () => {
  const isThere = ref(false)
  let waiting: ServiceWorker | null = null

  function offer(registration: ServiceWorkerRegistration): void {
    // The first one of a browser replaces nothing.
    if (!registration.waiting || !navigator.serviceWorker.controller) return
    waiting = registration.waiting
    isThere.value = true
  }
  async function watch(): Promise<void> {
    const registration = await appWorker()
    if (!registration) return
    offer(registration)
    registration.addEventListener('updatefound', () => {
      const { installing } = registration
      installing?.addEventListener('statechange', () => offer(registration))
    })
  }
  /** Whether there is one, asked of the server. */
  const ask = async (): Promise<void> =>
    void (await (await appWorker())?.update().catch(() => undefined))
  function take(): void {
    navigator.serviceWorker.addEventListener('controllerchange', () => window.location.reload(), {
      once: true,
    })
    waiting?.postMessage({ type: 'SKIP_WAITING' })
  }
  return { isThere, watch, ask, take }
})
