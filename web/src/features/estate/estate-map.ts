import { extent, max } from 'd3-array'
import type { ListedStand } from './estate-list.ts'

/** A stand on the map of the place: where its own grid begins [m]. */
export interface LaidStand {
  readonly stand: ListedStand
  readonly at: readonly [east: number, north: number]
}

const gapM = 12

interface Span {
  readonly west: number
  readonly south: number
  readonly width: number
  readonly height: number
}
function spanOf({ outline = [] }: ListedStand): Span {
  const [west = 0, east = 0] = extent(outline, ([x]) => x)
  const [south = 0, north = 0] = extent(outline, ([, y]) => y)
  return { west, south, width: east - west, height: north - south }
}

/**
 * Lays the stands that were drawn onto one map, to scale: where somebody put them, the others in rows
 * beside each other, below whatever was put.
 */
export function layStands(stands: readonly ListedStand[]): LaidStand[] {
  const drawn = stands.filter(({ outline }) => outline !== undefined)
  const put = drawn.flatMap((stand) => (stand.at ? [{ stand, at: stand.at }] : []))
  const others = drawn
    .filter(({ at }) => at === undefined)
    .map((stand) => ({ stand, span: spanOf(stand) }))
    .toSorted((one, other) => other.span.height - one.span.height)
  const whole = others.reduce((sum, { span }) => sum + span.width * span.height, 0)
  const rowM = Math.max(1.6 * Math.sqrt(whole), max(others, ({ span }) => span.width) ?? 0)
  const below = Math.min(0, ...put.map(({ stand, at }) => at[1] + spanOf(stand).south - 2 * gapM))
  let [x, top, rowHeight] = [0, below, 0]
  const laid = others.map(({ stand, span }) => {
    if (x > 0 && x + span.width > rowM) {
      top -= rowHeight + gapM
      ;[x, rowHeight] = [0, 0]
    }
    const at = [x - span.west, top - span.height - span.south] as const
    x += span.width + gapM
    rowHeight = Math.max(rowHeight, span.height)
    return { stand, at }
  })
  return [...put, ...laid]
}

/** Corners of a stand on the map, north and east as maps take them. */
export const cornersOf = ({ stand, at }: LaidStand): [north: number, east: number][] =>
  (stand.outline ?? []).map(([east, north]) => [north + at[1], east + at[0]])
