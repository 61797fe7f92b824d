import { photoRoutes } from '@spudder/contract/photo'
import { addressOf, callFile } from './call.ts'

/** Where the bytes of a photo are. */
export const photoAddress = (photoId: string): string => addressOf(photoRoutes.show, { photoId })

/** The bytes of a photo; undefined where they cannot be had now. */
export const photoBytes = (photoId: string): Promise<Blob | undefined> =>
  callFile(photoRoutes.show, { photoId }).catch(() => undefined)

/** The name of a file as far as the server keeps it. */
export const keptFileName = (name: string): string => name.slice(-150)
