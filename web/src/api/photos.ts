import { photoRoutes } from '@spudder/contract/photo'
import { addressOf, callFile } from './call.ts'
import { carrier } from './carrier.ts'

/** Where the server shows a photo that it has. */
export const photoAddress = (photoId: string): string => addressOf(photoRoutes.show, { photoId })

/** The bytes of a photo, which may still be on this device alone; undefined where they cannot be had now. */
export async function photoBytes(photoId: string): Promise<Blob | undefined> {
  const waiting = await carrier().pictureOf(photoId)
  return waiting ?? callFile(photoRoutes.show, { photoId }).catch(() => undefined)
}

/** The name of a file as far as the server keeps it. */
export const keptFileName = (name: string): string => name.slice(-150)
