import jsQR from 'jsqr'
import { Matrix, solve } from 'ml-matrix'
import { lightTable, type Rgb } from './colour.ts'
import { colourCard, type CardPatch } from './data/card.ts'
import type { Picture } from './picture.ts'

type Point = readonly [x: number, y: number]

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
  /** Its corners, in order around it [px]. */
  readonly corners: readonly Point[]
  readonly widthPx: number
  /** How much lighter its lightest white is than its darkest, as a share. */
  readonly unevenness: number
}

/** Millimetres of the card to pixels of the picture, through perspective. */
type Place = (x: number, y: number) => Point

function placeBy(from: readonly Point[], to: readonly Point[]): Place {
  const rows = from.flatMap(([x, y], index) => {
    const [u, v] = to[index] ?? [NaN, NaN]
    return [
      [x, y, 1, 0, 0, 0, -u * x, -u * y],
      [0, 0, 0, x, y, 1, -v * x, -v * y],
    ]
  })
  const [a = 0, b = 0, c = 0, d = 0, e = 0, f = 0, g = 0, h = 0] = solve(
    new Matrix(rows),
    Matrix.columnVector(to.flat()),
  ).to1DArray()
  return (x, y) => {
    const depth = g * x + h * y + 1
    return [(a * x + b * y + c) / depth, (d * x + e * y + f) / depth]
  }
}

interface Sample {
  readonly light: Rgb
  readonly clipped: number
}

/** Mean light of a square of the card, read at points strewn evenly over it. */
function sampleOf({ width, height, data }: Picture, place: Place, square: Square): Sample {
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

interface Square {
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

/** Finds the colour card by its code and reads its patches; undefined where there is none. */
export function findCard(picture: Picture): FoundCard | undefined {
  const { width, height, data } = picture
  const bytes = new Uint8ClampedArray(data.buffer, data.byteOffset, data.length)
  const code = jsQR(bytes, width, height, { inversionAttempts: 'dontInvert' })
  if (code?.data !== colourCard.code.text) return undefined
  const { topLeftCorner, topRightCorner, bottomRightCorner, bottomLeftCorner } = code.location
  const { x, y, side } = colourCard.code
  const place = placeBy(
    [
      [x, y],
      [x + side, y],
      [x + side, y + side],
      [x, y + side],
    ],
    [topLeftCorner, topRightCorner, bottomRightCorner, bottomLeftCorner].map(
      (corner) => [corner.x, corner.y] as const,
    ),
  )
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
  const paper = whites.map((square) => sampleOf(picture, place, square).light[1])
  const corners = [place(0, 0), place(widthMm, 0), place(widthMm, heightMm), place(0, heightMm)]
  const [first = [0, 0], second = [0, 0]] = corners
  const widthPx = distance(first, second)
  return {
    seen,
    corners,
    widthPx,
    unevenness: Math.max(...paper) / Math.min(...paper) - 1,
  }
}
