import {
  leastSide,
  measuredSide,
  measurePhoto,
  measureScreen,
  mostPixels,
  type Dab,
  type MeasuredScreen,
  type PhotoMeasure,
  type Picture,
} from '@spudder/core/seen/photo'
import { decodePicture, type DecodedPicture } from './decode-picture.ts'

/** What the worker is asked: a picture and what the brush said of it. */
export interface PhotoQuestion {
  readonly picture: Blob
  readonly dabs: readonly Dab[]
}

/** What it answers: the measure, or why there is none. */
export type PhotoAnswer = { readonly measure: PhotoMeasure } | { readonly refused: string }

/** The size a picture is measured at: its long side held to what is enough. */
export function sizeToMeasure(width: number, height: number): readonly [number, number] {
  const share = Math.min(1, measuredSide.value / Math.max(width, height))
  return [Math.max(1, Math.round(width * share)), Math.max(1, Math.round(height * share))]
}

/** The pixels of a picture, upright as its camera says, or why there are none. */
async function pixelsOf(
  picture: Blob,
): Promise<{ readonly pixels: Picture } | { readonly refused: string }> {
  let decoded: DecodedPicture
  try {
    decoded = await decodePicture(picture, measuredSide.value)
  } catch {
    return {
      refused:
        'This is no picture that can be read: it is broken, cut short, or of another kind. Send a JPEG or PNG.',
    }
  }
  try {
    const { width, height } = decoded
    if (width * height > mostPixels.value) {
      return { refused: 'The picture is too large to be held. Take it at a smaller size.' }
    }
    if (Math.min(width, height) < leastSide.value) {
      return { refused: 'The picture is too small to tell leaf from ground. Send the one from the camera, not a preview.' } // prettier-ignore
    }
    const [w, h] = sizeToMeasure(width, height)
    const canvas = new OffscreenCanvas(w, h)
    const context = canvas.getContext('2d', { willReadFrequently: true })
    if (!context) return { refused: 'This browser cannot read pictures here.' }
    context.drawImage(decoded.image, 0, 0, w, h)
    const { data } = context.getImageData(0, 0, w, h)
    return { pixels: { width: w, height: h, data } }
  } finally {
    decoded.close()
  }
}

/** Measures a picture; runs in a worker. */
export async function readPhoto({ picture, dabs }: PhotoQuestion): Promise<PhotoAnswer> {
  const answer = await pixelsOf(picture)
  return 'refused' in answer ? answer : { measure: measurePhoto(answer.pixels, dabs) }
}

/** Measures the screen in a picture by the card beside it; runs in a worker. */
export async function readScreen(picture: Blob): Promise<MeasuredScreen> {
  const answer = await pixelsOf(picture)
  return 'refused' in answer ? answer : measureScreen(answer.pixels)
}
