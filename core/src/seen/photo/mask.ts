import type { FoundCard } from './find-card.ts'
import { plantTable, tableIndex } from './plant-table.ts'

/** A dab of the brush: what lies under it is plant, or is not. */
export interface Dab {
  readonly is: 'plant' | 'not-plant'
  /** Middle as shares of width and height, radius as a share of the width. */
  readonly x: number
  readonly y: number
  readonly radius: number
  /** Whether it says the same of everything of its colours. */
  readonly andAlike: boolean
}

/** A picture in its own colours, one plane a channel, 0 to 255. */
export interface Planes {
  readonly width: number
  readonly height: number
  readonly red: Uint8Array
  readonly green: Uint8Array
  readonly blue: Uint8Array
}

/** What a pixel is. */
export const pixelKinds = { other: 0, plant: 1, card: 2 } as const

/** Calls back for every pixel under a dab. */
function eachUnder({ width, height }: Planes, dab: Dab, visit: (index: number) => void): void {
  const [cx, cy, radius] = [dab.x * width, dab.y * height, dab.radius * width]
  const [top, bottom] = [
    Math.max(0, Math.floor(cy - radius)),
    Math.min(height - 1, Math.ceil(cy + radius)),
  ]
  for (let y = top; y <= bottom; y++) {
    const half = Math.sqrt(Math.max(0, radius ** 2 - (y - cy) ** 2))
    const right = Math.min(width - 1, Math.floor(cx + half))
    for (let x = Math.max(0, Math.ceil(cx - half)); x <= right; x++) visit(y * width + x)
  }
}

const coarse = 16
/** Colours in 16 steps a channel: near enough to be alike, wide enough to be met again. */
const coarseIndex = ({ red, green, blue }: Planes, pixel: number): number =>
  (((red[pixel] ?? 0) >> 4) << 8) | (((green[pixel] ?? 0) >> 4) << 4) | ((blue[pixel] ?? 0) >> 4)

/** Counts of colours, each lent to its neighbours, as shares of all. */
function smoothed(counts: Float64Array): Float64Array {
  const total = counts.reduce((sum, each) => sum + each, 0) || 1
  let now = counts
  for (const stride of [1, coarse, coarse * coarse]) {
    const next = new Float64Array(now.length)
    for (let index = 0; index < now.length; index++) {
      const place = Math.floor(index / stride) % coarse
      const below = place > 0 ? (now[index - stride] ?? 0) : 0
      const above = place < coarse - 1 ? (now[index + stride] ?? 0) : 0
      next[index] = (below + 2 * (now[index] ?? 0) + above) / 4
    }
    now = next
  }
  return now.map((each) => each / total)
}

/** Colours that dabs say are commoner under them than among the plant elsewhere. */
function coloursLike(planes: Planes, dabs: readonly Dab[], kinds: Uint8Array): Uint8Array {
  const under = new Float64Array(coarse ** 3)
  const rest = new Float64Array(coarse ** 3)
  const isUnder = new Uint8Array(kinds.length)
  for (const dab of dabs) {
    eachUnder(planes, dab, (pixel) => {
      isUnder[pixel] = 1
      under[coarseIndex(planes, pixel)] = (under[coarseIndex(planes, pixel)] ?? 0) + 1
    })
  }
  for (let pixel = 0; pixel < kinds.length; pixel++) {
    if (kinds[pixel] !== pixelKinds.plant || isUnder[pixel] === 1) continue
    const index = coarseIndex(planes, pixel)
    rest[index] = (rest[index] ?? 0) + 1
  }
  const [mine, others] = [smoothed(under), smoothed(rest)]
  return Uint8Array.from(mine, (share, index) =>
    share > 1e-4 && share > (others[index] ?? 0) ? 1 : 0,
  )
}

function coverCard({ width, height }: Planes, kinds: Uint8Array, { corners }: FoundCard): void {
  const xs = corners.map(([x]) => x)
  const ys = corners.map(([, y]) => y)
  const clamp = (value: number, most: number) => Math.min(most, Math.max(0, Math.round(value)))
  const [left, right] = [clamp(Math.min(...xs), width - 1), clamp(Math.max(...xs), width - 1)]
  const [top, bottom] = [clamp(Math.min(...ys), height - 1), clamp(Math.max(...ys), height - 1)]
  for (let y = top; y <= bottom; y++) {
    for (let x = left; x <= right; x++) {
      const isInside = corners.every(([ax, ay], index) => {
        const [bx, by] = corners[(index + 1) % corners.length] ?? [ax, ay]
        return (bx - ax) * (y - ay) - (by - ay) * (x - ax) >= 0
      })
      if (isInside) kinds[y * width + x] = pixelKinds.card
    }
  }
}

/**
 * What every pixel is: plant by its colour, then as the dabs say, the last one counting.
 * @returns one of {@link pixelKinds} for each pixel
 */
export function maskOf(
  planes: Planes,
  dabs: readonly Dab[],
  card: FoundCard | undefined,
): Uint8Array {
  const { red, green, blue } = planes
  const { isPlant } = plantTable()
  const kinds = new Uint8Array(red.length)
  for (let pixel = 0; pixel < kinds.length; pixel++) {
    kinds[pixel] = isPlant[tableIndex(red[pixel] ?? 0, green[pixel] ?? 0, blue[pixel] ?? 0)] ?? 0
  }
  for (const is of ['plant', 'not-plant'] as const) {
    const alike = dabs.filter((dab) => dab.is === is && dab.andAlike)
    if (alike.length === 0) continue
    const colours = coloursLike(planes, alike, kinds)
    for (let pixel = 0; pixel < kinds.length; pixel++) {
      if (colours[coarseIndex(planes, pixel)] === 1) kinds[pixel] = pixelKinds[kindOf(is)]
    }
  }
  for (const dab of dabs) {
    eachUnder(planes, dab, (pixel) => {
      kinds[pixel] = pixelKinds[kindOf(dab.is)]
    })
  }
  if (card) coverCard(planes, kinds, card)
  return kinds
}

const kindOf = (is: Dab['is']): 'plant' | 'other' => (is === 'plant' ? 'plant' : 'other')
