import { photoAddress } from '../api/photos.ts'
import { ownCaches } from './cache-names.ts'
import type { Outgoing } from './outgoing.ts'

/** Shows a photo that waits under the address that it will have; a browser without such a store shows none. */
export async function showWaiting(
  { name, id }: Outgoing,
  picture: Blob | undefined,
): Promise<void> {
  if (name !== 'photo' || !picture || !('caches' in window)) return
  const cache = await caches.open(ownCaches.pictures).catch(() => undefined)
  const answer = new Response(picture, { headers: { 'content-type': picture.type } })
  await cache?.put(photoAddress(id), answer).catch(() => undefined)
}

/** From now on it is the server’s, or gone. */
export async function hideWaiting({ name, id }: Outgoing): Promise<void> {
  if (name !== 'photo' || !('caches' in window)) return
  const cache = await caches.open(ownCaches.pictures).catch(() => undefined)
  await cache?.delete(photoAddress(id)).catch(() => undefined)
}
