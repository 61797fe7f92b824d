import { forgetPush } from '../../shared/push/push-browser.ts'

/** Goes to signing in, and leaves nothing of whoever was here on the device but what waits to be sent. */
export async function leaveDevice(): Promise<void> {
  localStorage.removeItem('spudder:place')
  await forgetPush()
  // Sheets that were kept for outside are somebody's; a browser without such a store has none.
  if ('caches' in window) {
    for (const name of await caches.keys()) await caches.delete(name)
  }
  window.location.assign('/sign-in')
}
