import { JPG } from 'image-size/types/jpg'

/** A picture as it can be drawn, upright as its camera says. */
export interface DecodedPicture {
  /** What it was taken at [px]; what is drawn may be smaller. */
  readonly width: number
  readonly height: number
  readonly image: CanvasImageSource
  readonly close: () => void
}

/** Sizes at which a JPEG comes out of its decoder without ever being whole: eighths of its own. */
const eighths = 8

/** EXIF orientations in which the camera was held on its side. */
const isOnItsSide = (orientation: number | undefined): boolean =>
  orientation !== undefined && orientation >= 5

async function decodeWhole(picture: Blob): Promise<DecodedPicture> {
  const image = await createImageBitmap(picture)
  return { width: image.width, height: image.height, image, close: () => image.close() }
}

/** A JPEG at the least eighth of its size that is enough; undefined where that is not to be had here. */
async function decodeReduced(picture: Blob, side: number): Promise<DecodedPicture | undefined> {
  if (picture.type !== 'image/jpeg' || !('ImageDecoder' in globalThis)) return undefined
  const data = new Uint8Array(await picture.arrayBuffer())
  const { width, height, orientation } = JPG.calculate(data)
  const isTurned = orientation !== undefined && orientation !== 1
  if (isTurned && !('rotation' in VideoFrame.prototype)) return undefined
  const share = Math.ceil((eighths * side) / Math.max(width, height)) / eighths
  if (share >= 1) return undefined
  const decoder = new ImageDecoder({
    data,
    type: picture.type,
    desiredWidth: Math.ceil(width * share),
    desiredHeight: Math.ceil(height * share),
  })
  try {
    const { image: frame } = await decoder.decode()
    // Drawn as it is, a frame stays in memory until nobody knows when; its bitmap goes when it is let go.
    const image = await createImageBitmap(frame).finally(() => frame.close())
    const [across, down] = isOnItsSide(orientation) ? [height, width] : [width, height]
    return { width: across, height: down, image, close: () => image.close() }
  } finally {
    decoder.close()
  }
}

/**
 * Decodes a picture as small as it may be: a large one never lies whole in memory where the browser can help it.
 * @param side what its long side has to be at least, where it is that long [px]
 * @throws {DOMException} where it is no picture that can be read
 */
export async function decodePicture(picture: Blob, side: number): Promise<DecodedPicture> {
  // What only the quick way refuses may still be read by the other.
  const reduced = await decodeReduced(picture, side).catch(() => undefined)
  return reduced ?? decodeWhole(picture)
}
