import { decodeQR, type FinderPoints } from 'qr/decode.js'
import { placeOfCard, type Place, type Point } from './card-place.ts'
import { lightTable, type Rgb } from './colour.ts'
import { colourCard, mostClippedPatch, mostUnlikeness, type CardPatch } from './data/card.ts'
import type { Picture } from './picture.ts'

/** What the camera made of a patch. */
export interface SeenPatch {
  readonly patch: CardPatch
  /** Mean light of its middle, 0 to 1. */
  readonly light: Rgb
  /** Share of its pixels that are burnt out. */
  readonly clipped: number
}

/** The card as it lies in a picture. */
export interface FoundCard {
  readonly seen: readonly SeenPatch[]
  /** From its millimetres to pixels. */
  readonly place: Place
  /** Its corners, in order around it [px]. */
  readonly corners: readonly Point[]
  readonly widthPx: number
  /** How much lighter its lightest white is than its darkest, as a share. */
  readonly unevenness: number
  /** Mean light of its bare paper, 0 to 1; undefined where that is burnt out. */
  readonly paper: Rgb | undefined
}

export interface Sample {
  readonly light: Rgb
  readonly clipped: number
}

/** Mean light of a square of the card, read at points strewn evenly over it. */
export function sampleOf({ width, height, data }: Picture, place: Place, square: Square): Sample {
  const steps = 12
  const sum = [0, 0, 0]
  let count = 0
  let clipped = 0
  for (let row = 0; row < steps; row++) {
    for (let column = 0; column < steps; column++) {
      const [px, py] = place(
        square.x + ((column + 0.5) / steps) * square.side,
        square.y + ((row + 0.5) / steps) * square.side,
      )
      const [x, y] = [Math.round(px), Math.round(py)]
      if (x < 0 || y < 0 || x >= width || y >= height) continue
      const at = (y * width + x) * 4
      const bytes = [data[at] ?? 0, data[at + 1] ?? 0, data[at + 2] ?? 0]
      bytes.forEach((byte, channel) => {
        sum[channel] = (sum[channel] ?? 0) + (lightTable[byte] ?? 0)
      })
      if (bytes.some((byte) => byte >= 254)) clipped += 1
      count += 1
    }
  }
  const [red = NaN, green = NaN, blue = NaN] = sum.map((each) => each / count)
  return { light: [red, green, blue], clipped: clipped / count }
}

export interface Square {
  readonly x: number
  readonly y: number
  readonly side: number
}

/** Bare paper at the four ends of the card. */
const whites: readonly Square[] = [
  { x: 1.5, y: 2, side: 4 },
  { x: colourCard.widthMm - 5.5, y: 2, side: 4 },
  { x: 1.5, y: colourCard.heightMm - 6, side: 4 },
  { x: colourCard.widthMm - 5.5, y: colourCard.heightMm - 6, side: 4 },
]

const distance = ([ax, ay]: Point, [bx, by]: Point): number => Math.hypot(ax - bx, ay - by)

/** What a reader of codes found: three marks, and what stands in the code where it could be read. */
interface FoundCode {
  readonly corners: readonly Point[]
  readonly text: string | undefined
}

function codeIn({ width, height, data }: Picture): FoundCode | undefined {
  const bytes = new Uint8ClampedArray(data.buffer, data.byteOffset, data.length)
  let found: FoundCode | undefined
  const pointsOnDetect = ({ bounds }: FinderPoints, result: string | Error) => {
    const text = typeof result === 'string' ? result : undefined
    found = { corners: bounds.map(({ x, y }) => [x, y] as const), text }
  }
  try {
    decodeQR({ width, height, data: bytes }, { pointsOnDetect })
  } catch {
    // It throws where it reads nothing; what it saw it has told by then.
  }
  return found
}

/** Where the card lies. One whose code is seen and not read, for it lies at a slant, is known by its colours. */
function placeIn(picture: Picture, text: string): Place | undefined {
  const code = codeIn(picture)
  if (!code || (code.text !== undefined && code.text !== text)) return undefined
  const { place, unlike } = placeOfCard(picture, code.corners)
  return code.text === undefined && unlike > mostUnlikeness.value ? undefined : place
}

/** Light of the paper, by those of its ends that are not burnt out. */
function meanOf(paper: readonly Sample[]): Rgb | undefined {
  const sound = paper.filter(
    ({ light, clipped }) => light.every(Number.isFinite) && clipped < mostClippedPatch.value,
  )
  if (sound.length === 0) return undefined
  const mean = (channel: 0 | 1 | 2) =>
    sound.reduce((sum, { light }) => sum + light[channel], 0) / sound.length
  return [mean(0), mean(1), mean(2)]
}

/**
 * Finds the colour card by its code and reads its patches; undefined where there is none.
 * @param text what stands in its code: a screen shows the card with another
 */
export function findCard(
  picture: Picture,
  text: string = colourCard.code.text,
): FoundCard | undefined {
  const place = placeIn(picture, text)
  return place && cardAt(picture, place)
}

/** Reads the card that lies so. */
function cardAt(picture: Picture, place: Place): FoundCard {
  const { widthMm, heightMm, patchSideMm, patches } = colourCard
  const middle = patchSideMm / 4
  const seen = patches.map((patch) => ({
    patch,
    ...sampleOf(picture, place, {
      x: patch.x + middle,
      y: patch.y + middle,
      side: patchSideMm / 2,
    }),
  }))
  const paper = whites.map((square) => sampleOf(picture, place, square))
  const green = paper.map(({ light }) => light[1])
  const corners = [place(0, 0), place(widthMm, 0), place(widthMm, heightMm), place(0, heightMm)]
  const [first = [0, 0], second = [0, 0]] = corners
  const widthPx = distance(first, second)
  return {
    seen,
    place,
    corners,
    widthPx,
    unevenness: Math.max(...green) / Math.min(...green) - 1,
    paper: meanOf(paper),
  }
}
