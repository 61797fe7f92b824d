import { extent } from 'd3-array'
import { polygonArea, polygonCentroid, polygonContains } from 'd3-polygon'
import { CoreError } from '../../base/error/index.ts'

/** A corner on the plain local grid: east and north of any origin [m]. */
export type GridPoint = readonly [eastM: number, northM: number]

/** The edge of a piece of ground, corner by corner; the last joins the first. */
export type Outline = readonly GridPoint[]

/** Corners as they travel, pairs of metres, as an outline. */
export const toOutline = (corners: readonly (readonly number[])[]): Outline =>
  corners.map(([east = 0, north = 0]): GridPoint => [east, north])

const at = (outline: Outline, index: number): GridPoint => {
  const point = outline[index % outline.length]
  if (!point) throw new CoreError('outline-empty', { parameter: 'outline' })
  return point
}

/** Twice the signed area of a triangle: over 0 where c lies left of a→b. */
const turn = (a: GridPoint, b: GridPoint, c: GridPoint): number =>
  (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0])

const crosses = (a: GridPoint, b: GridPoint, c: GridPoint, d: GridPoint): boolean =>
  turn(a, b, c) * turn(a, b, d) < 0 && turn(c, d, a) * turn(c, d, b) < 0

/** Whether two sides of an outline cross each other. */
function isCrossed(outline: Outline): boolean {
  return outline.some((a, i) =>
    outline.some((c, j) => j > i + 1 && crosses(a, at(outline, i + 1), c, at(outline, j + 1))),
  )
}

/**
 * Returns the outline when it encloses ground.
 * @throws {CoreError} not-applicable for fewer than three corners, crossing sides, no area
 */
export function checkOutline(outline: Outline): Outline {
  if (outline.length < 3) {
    throw new CoreError('outline-too-short', {
      parameter: 'outline',
      received: String(outline.length),
    })
  }
  if (outline.some((point) => !point.every((each) => Number.isFinite(each)))) {
    throw new CoreError('outline-no-numbers', { parameter: 'outline' })
  }
  if (isCrossed(outline)) {
    throw new CoreError('outline-crosses-itself', {
      parameter: 'outline',
    })
  }
  if (areaOf(outline) < 0.01) {
    throw new CoreError('outline-in-a-line', {
      parameter: 'outline',
    })
  }
  return outline
}

/** Points and outlines as d3-polygon takes them, which writes to neither. */
const open = ([x, y]: GridPoint): [number, number] => [x, y]

/**
 * Area inside an outline.
 * @returns [m²]
 */
export const areaOf = (outline: Outline): number => Math.abs(polygonArea(outline.map(open)))

/** Whether corners run with the clock, seen from above. */
export const runsWithClock = (outline: Outline): boolean => polygonArea(outline.map(open)) > 0

/**
 * Where the ground balances: for a name written on it.
 * @returns east and north [m]
 */
export const middleOf = (outline: Outline): GridPoint => polygonCentroid(outline.map(open))

/** The box around an outline [m]. */
export function boxOf(outline: Outline) {
  const [west = 0, east = 0] = extent(outline, ([x]) => x)
  const [south = 0, north = 0] = extent(outline, ([, y]) => y)
  return { west, east, south, north }
}

/** Whether a point lies within an outline; on its very edge it may count either way. */
export const holdsPoint = (outline: Outline, point: GridPoint): boolean =>
  polygonContains(outline.map(open), open(point))
