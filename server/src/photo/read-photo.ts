import exifr from 'exifr'
import { latestToday } from '@spudder/contract/validation'
import { isDay } from '@spudder/core/base/calendar'
import { ServiceError } from '../problem/service-error.ts'

/** What a picture says of itself. */
export interface PhotoFacts {
  readonly type: 'image/jpeg' | 'image/png'
  readonly widthPx: number
  readonly heightPx: number
  /** The day the camera wrote; null where it wrote none that can be. */
  readonly takenOn: string | null
}

const refuse = (message: string) =>
  new ServiceError('invalid-body', message, [{ field: 'photo', message }])

const pngStart = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a])

interface Size {
  readonly widthPx: number
  readonly heightPx: number
}

/** PNG: the header chunk comes first and begins with width and height. */
function pngSize(bytes: Buffer): Size | undefined {
  if (!bytes.subarray(0, 8).equals(pngStart) || bytes.length < 24) return undefined
  return { widthPx: bytes.readUInt32BE(16), heightPx: bytes.readUInt32BE(20) }
}

/** Markers of a JPEG frame; the three left out in their row are tables. */
const isFrame = (marker: number): boolean =>
  marker >= 0xc0 && marker <= 0xcf && ![0xc4, 0xc8, 0xcc].includes(marker)

/** JPEG: segments one after another until the frame, which holds height and width. */
function jpegSize(bytes: Buffer): Size | undefined {
  if (bytes.length < 4 || bytes.readUInt16BE(0) !== 0xffd8) return undefined
  let at = 2
  while (at + 9 < bytes.length && bytes[at] === 0xff) {
    const marker = bytes[at + 1] ?? 0
    if (isFrame(marker)) {
      return { heightPx: bytes.readUInt16BE(at + 5), widthPx: bytes.readUInt16BE(at + 7) }
    }
    at += 2 + bytes.readUInt16BE(at + 2)
  }
  return undefined
}

interface ExifDays {
  readonly DateTimeOriginal?: string
  readonly CreateDate?: string
}

/** The camera's own day: EXIF has no time zone, so its text is taken as it stands. */
async function exifDay(bytes: Buffer): Promise<string | null> {
  const found = (await exifr
    .parse(bytes, { pick: ['DateTimeOriginal', 'CreateDate'], reviveValues: false })
    .catch(() => undefined)) as ExifDays | undefined
  const text = found?.DateTimeOriginal ?? found?.CreateDate ?? ''
  const day = String(text).slice(0, 10).replace(/:/g, '-')
  // A camera whose clock runs ahead says nothing of the day.
  return isDay(day) && day <= latestToday() ? day : null
}

/** No JPEG can be larger; a PNG that says so is none that a camera made. */
const mostPx = 65_535

/**
 * Reads what a photo says of itself, whatever name or type it was sent under.
 * @throws {ServiceError} invalid-body for what is no JPEG or PNG
 */
export async function readPhoto(bytes: Buffer): Promise<PhotoFacts> {
  const [png, jpeg] = [pngSize(bytes), jpegSize(bytes)]
  const size = png ?? jpeg
  if (!size || size.widthPx === 0 || size.heightPx === 0) {
    throw refuse('Photo: give a JPEG or PNG picture; this file is neither, or it is cut short.')
  }
  if (Math.max(size.widthPx, size.heightPx) > mostPx) {
    throw refuse(`Photo: give a picture of at most ${mostPx} pixels a side.`)
  }
  return { type: png ? 'image/png' : 'image/jpeg', ...size, takenOn: await exifDay(bytes) }
}
