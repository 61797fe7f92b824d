import { ownCaches } from '../../offline/cache-names.ts'
import { takenAlongKeys } from '../../offline/taken-along.ts'
import { forgetPush } from '../../shared/push/push-browser.ts'

/** Goes to signing in, and leaves nothing of whoever was here on the device but what waits to be sent. */
export async function leaveDevice(): Promise<void> {
  localStorage.removeItem('spudder:place')
  for (const kept of takenAlongKeys) localStorage.removeItem(kept)
  await forgetPush()
  // What was taken along is somebody's, as the code is not; a browser without such a store has none.
  if ('caches' in window) for (const name of Object.values(ownCaches)) await caches.delete(name)
  window.location.assign('/sign-in')
}
