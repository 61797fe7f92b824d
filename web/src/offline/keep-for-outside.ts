/** The name under which browsers keep what a sheet needs outside. */
const outsideCache = 'spudder-outside-1'

/** Scripts, styles and fonts that this page was made of. */
function ownParts(): string[] {
  const loaded = performance.getEntriesByType('resource').map(({ name }) => new URL(name))
  return loaded
    .filter(({ origin, pathname }) => origin === location.origin && pathname.startsWith('/assets/'))
    .map(({ pathname }) => pathname)
}

/**
 * Keeps the page as it was made, and answers of the server, so that it opens again without signal.
 * @param answers addresses that the page was filled from
 * @returns whether the browser can keep and did; false is no error, the open page still works
 */
export async function keepForOutside(answers: readonly string[]): Promise<boolean> {
  if (!('serviceWorker' in navigator) || !('caches' in window)) return false
  try {
    await navigator.serviceWorker.register('/service-worker.js')
    await navigator.serviceWorker.ready
    const kept = await caches.open(outsideCache)
    const paths = ['/', ...ownParts(), ...answers]
    await kept.addAll([...new Set(paths)])
    return true
  } catch {
    // No signal already, no room, or a browser that forbids it.
    return false
  }
}
