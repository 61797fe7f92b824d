import type { FigureRange } from './figure-range.ts'
import type { Sourced } from './sourced.ts'

/** A figure that changes with pH, at points from low to high pH joined by straight lines. */
export interface FigureByPH extends Sourced {
  readonly points: readonly (FigureRange & { readonly pH: number })[]
}

/**
 * The figure at a pH, on lines between its points; level beyond the first and the last.
 * @returns [unit of the figure]
 */
export function readAtPH({ points }: FigureByPH, pH: number, which: keyof FigureRange): number {
  const after = points.findIndex((point) => point.pH >= pH)
  const right = points[after === -1 ? points.length - 1 : after]
  const left = points[after - 1]
  if (!right) return 0
  if (!left || after === -1) return right[which]
  return left[which] + ((right[which] - left[which]) * (pH - left.pH)) / (right.pH - left.pH)
}

/** One point of a figure by pH: least, usual and most [unit of the figure]. */
export const atPH = (pH: number, low: number, usual: number, high: number) => ({
  pH,
  low,
  usual,
  high,
})
