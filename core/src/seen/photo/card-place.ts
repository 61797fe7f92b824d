import { lightTable, type Rgb } from './colour.ts'
import { colourCard } from './data/card.ts'
import type { Picture } from './picture.ts'

export type Point = readonly [x: number, y: number]

/** Millimetres of the card to pixels of the picture, through perspective. */
export type Place = (x: number, y: number) => Point

/** An upright rectangle on the card [mm]. */
interface Part {
  readonly x: number
  readonly y: number
  readonly width: number
  readonly height: number
}

/**
 * The card's place, by where the corners of a part of it lie, in order around it from the upper left one.
 * @source Heckbert 1989, Fundamentals of Texture Mapping and Image Warping, section 2.2.3: square to quadrilateral
 */
function placeBy(part: Part, corners: readonly Point[]): Place {
  const [[x0, y0] = none, [x1, y1] = none, [x2, y2] = none, [x3, y3] = none] = corners
  const [dx1, dx2, sx] = [x1 - x2, x3 - x2, x0 - x1 + x2 - x3]
  const [dy1, dy2, sy] = [y1 - y2, y3 - y2, y0 - y1 + y2 - y3]
  const by = dx1 * dy2 - dx2 * dy1
  const g = (sx * dy2 - dx2 * sy) / by
  const h = (dx1 * sy - sx * dy1) / by
  const [a, b] = [x1 - x0 + g * x1, x3 - x0 + h * x3]
  const [d, e] = [y1 - y0 + g * y1, y3 - y0 + h * y3]
  return (x, y) => {
    const u = (x - part.x) / part.width
    const v = (y - part.y) / part.height
    const depth = g * u + h * v + 1
    return [(a * u + b * v + x0) / depth, (d * u + e * v + y0) / depth]
  }
}
const none: Point = [NaN, NaN]

/** Places across a patch at which its light is looked at, as shares of its side: nearly to its edges. */
const across = [0.08, 0.5, 0.92]

const { widthMm, heightMm, patches, patchSideMm } = colourCard
/** Bare paper: along the edges of the card, and between its patches. */
const paper: readonly Point[] = [
  ...[3, widthMm / 4, widthMm / 2, (3 * widthMm) / 4, widthMm - 3].flatMap((x): Point[] => [
    [x, 3],
    [x, heightMm - 3],
  ]),
  ...[0.25, 0.5, 0.75].map((share): Point => [widthMm - 3, share * heightMm]),
  ...patches.flatMap(({ x, y }): Point[] => [
    [x + patchSideMm + 1, y + patchSideMm / 2],
    [x + patchSideMm / 2, y + patchSideMm + 1],
  ]),
]

/** Light that is added before shares of it are compared: the black patch is not to rule. */
const floor = 0.02
const depths = Float64Array.from(lightTable, (light) => Math.log(light + floor))

/** Places of the card, and the colour that is drawn there. */
const drawn: readonly { readonly at: Point; readonly rgb: Rgb }[] = [
  ...paper.map((at) => ({ at, rgb: [255, 255, 255] as const })),
  ...patches.flatMap(({ x, y, rgb }) =>
    across.flatMap((down) =>
      across.map((right) => ({
        at: [x + right * patchSideMm, y + down * patchSideMm] as const,
        rgb,
      })),
    ),
  ),
]

/** How deep a channel is drawn at each place, about its mean, with squares that sum to one. */
function patternOf(channel: 0 | 1 | 2): Float64Array {
  const deep = drawn.map(({ rgb }) => depths[rgb[channel]] ?? NaN)
  const mean = deep.reduce((sum, each) => sum + each, 0) / deep.length
  const length = Math.sqrt(deep.reduce((sum, each) => sum + (each - mean) ** 2, 0))
  return Float64Array.from(deep, (each) => (each - mean) / length)
}
const patterns = ([0, 1, 2] as const).map(patternOf)

/**
 * What the pixels say against the card lying so: the share of their spread that is not as drawn, in whatever light;
 * 0 to 1, infinite where it would lie beyond the picture.
 */
function unlikeness({ width, height, data }: Picture, place: Place): number {
  const [sums, squares, shared] = [
    [0, 0, 0],
    [0, 0, 0],
    [0, 0, 0],
  ]
  for (const [index, { at }] of drawn.entries()) {
    const [px, py] = place(...at)
    const [x, y] = [Math.round(px), Math.round(py)]
    if (!(x >= 0 && y >= 0 && x < width && y < height)) return Infinity
    const pixel = (y * width + x) * 4
    for (let channel = 0; channel < 3; channel++) {
      const depth = depths[data[pixel + channel] ?? 0] ?? 0
      sums[channel] = (sums[channel] ?? 0) + depth
      squares[channel] = (squares[channel] ?? 0) + depth * depth
      shared[channel] = (shared[channel] ?? 0) + depth * (patterns[channel]?.[index] ?? 0)
    }
  }
  const unlike = shared.map((share, channel) => {
    const spread = (squares[channel] ?? 0) - (sums[channel] ?? 0) ** 2 / drawn.length
    return spread > 0 ? 1 - share ** 2 / spread : 1
  })
  return unlike.reduce((sum, each) => sum + each, 0) / unlike.length
}

const { x, y, side: codeSide } = colourCard.code
const code: Part = { x, y, width: codeSide, height: codeSide }
const whole: Part = { x: 0, y: 0, width: widthMm, height: heightMm }

/** How a corner is looked for: about where it was thought to be, then about the best so far, ever closer. */
interface Search {
  /** How far away it may be, as a share of the code's side; then in pixels. */
  readonly reach: number
  readonly tries: readonly number[]
  readonly rounds: number
}
/** The fourth corner of a code that lies at a slant is far from where it would be if it lay flat. */
const byCodeAlone: Search = {
  reach: 0.4,
  tries: [-1, -0.75, -0.5, -0.25, 0, 0.25, 0.5, 0.75, 1],
  rounds: 4,
}
/** The corners of the card are then wrong by no more than what the code's are, three times over. */
const afterwards: Search = { reach: 0.12, tries: [-1, -0.5, 0, 0.5, 1], rounds: 4 }

/** The corners of which one is moved so that the card is least unlike its drawing. */
function settled(
  picture: Picture,
  { part, corners, index }: { readonly part: Part; readonly corners: readonly Point[]; readonly index: number }, // prettier-ignore
  { reach, tries, rounds }: Search,
): readonly Point[] {
  let best = corners
  let least = unlikeness(picture, placeBy(part, best))
  let span = reach
  for (let round = 0; round < rounds; round++, span /= 2.5) {
    const [atX, atY] = best[index] ?? none
    for (const right of tries) {
      for (const down of tries) {
        const tried = best.with(index, [atX + right * span, atY + down * span])
        const off = unlikeness(picture, placeBy(part, tried))
        if (off < least) [best, least] = [tried, off]
      }
    }
  }
  return best
}

/**
 * Where the card lies, by the corners of its code. A code as small as this has no mark at its fourth corner, and its
 * reader takes it to lie flat: that corner is moved until the card is as like its drawing as it can be, and then,
 * a little, the corners of the card.
 * @param codeCorners in order around it from its upper left one [px]
 * @returns with how unlike its drawing the card is there, 0 to 1
 */
export function placeOfCard(
  picture: Picture,
  codeCorners: readonly Point[],
): { readonly place: Place; readonly unlike: number } {
  const [first = [0, 0], second = [0, 0]] = codeCorners
  const side = Math.hypot(second[0] - first[0], second[1] - first[1])
  const inPixels = (search: Search): Search => ({ ...search, reach: search.reach * side })
  const moved = settled(
    picture,
    { part: code, corners: codeCorners, index: 2 },
    inPixels(byCodeAlone),
  )
  const byCode = placeBy(code, moved)
  let corners: readonly Point[] = cornersOf(whole).map(([atX, atY]) => byCode(atX, atY))
  for (const index of [2, 1, 3])
    corners = settled(picture, { part: whole, corners, index }, inPixels(afterwards))
  const place = placeBy(whole, corners)
  return { place, unlike: unlikeness(picture, place) }
}

const cornersOf = ({ x: left, y: top, width, height }: Part): readonly Point[] => [
  [left, top],
  [left + width, top],
  [left + width, top + height],
  [left, top + height],
]
