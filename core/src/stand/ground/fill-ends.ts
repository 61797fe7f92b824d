import { requireInRange } from '../../base/error/index.ts'
import { areaOf, boxOf, type GridPoint, type Outline } from './outline.ts'

/** Where on the ground a fill runs out, walking along the long way of a piece of ground. */
export interface FillEnd {
  /** Share of the whole job that is out by then [1]. */
  readonly share: number
  /** Along the long way from where one began [m]. */
  readonly alongM: number
  /** The line across at which it ends, for drawing. */
  readonly line: readonly [GridPoint, GridPoint]
}

/** The part of an outline up to a line across the axis (Sutherland-Hodgman with one edge). */
function upTo(outline: Outline, axis: 0 | 1, limit: number): Outline {
  return outline.flatMap((from, i): GridPoint[] => {
    const to = outline[(i + 1) % outline.length] ?? from
    const [isFromIn, isToIn] = [from[axis] <= limit, to[axis] <= limit]
    const cut = (limit - from[axis]) / (to[axis] - from[axis])
    const crossing: GridPoint = [
      from[0] + cut * (to[0] - from[0]),
      from[1] + cut * (to[1] - from[1]),
    ]
    if (isFromIn && isToIn) return [to]
    if (isFromIn) return [crossing]
    return isToIn ? [crossing, to] : []
  })
}

/**
 * Where each fill ends on a piece of ground that is walked along its longer side in even passes.
 * @param shares of the whole job that are out after each fill, rising, over 0 to 1 [1]
 * @returns one end a share, found to a millimetre
 * @throws {CoreError} out-of-range
 * @source derived: the line behind which that share of the area lies
 */
export function fillEnds(outline: Outline, shares: readonly number[]): readonly FillEnd[] {
  const box = boxOf(outline)
  const axis = box.east - box.west >= box.north - box.south ? 0 : 1
  const [start, end] = axis === 0 ? [box.west, box.east] : [box.south, box.north]
  const total = areaOf(outline)
  return shares.map((share) => {
    requireInRange('share', share, { min: 0, max: 1 + 1e-9 })
    let [low, high] = [start, end]
    while (high - low > 1e-3) {
      const middle = (low + high) / 2
      if (areaOf(upTo(outline, axis, middle)) < share * total) low = middle
      else high = middle
    }
    const at = (low + high) / 2
    const line: FillEnd['line'] =
      axis === 0
        ? [
            [at, box.south],
            [at, box.north],
          ]
        : [
            [box.west, at],
            [box.east, at],
          ]
    return { share, alongM: at - start, line }
  })
}
