import { boxOf, holdsPoint, type GridPoint, type Outline } from '@spudder/core/stand/ground'
import type { Plot } from '@spudder/core/outcome/trial'

/** A plot as a rectangle on the grid of the stand [m]. */
export interface PlacedPlot {
  readonly number: number
  readonly west: number
  readonly south: number
}

/** Plots in their true size in the middle of the ground, and whether all of them lie on it. */
export function placePlots(
  plots: readonly Plot[],
  { length, width }: { readonly length: number; readonly width: number },
  ground: Outline,
): { readonly placed: readonly PlacedPlot[]; readonly fits: boolean } {
  const { west, east, south, north } = boxOf(ground)
  const across = (Math.max(...plots.map(({ column }) => column)) + 1) * width
  const along = (Math.max(...plots.map(({ row }) => row)) + 1) * length
  const from = [(west + east - across) / 2, (south + north - along) / 2] as const
  const placed = plots.map(({ number, row, column }) => ({
    number,
    west: from[0] + column * width,
    south: from[1] + row * length,
  }))
  const cornersOf = ({ west: x, south: y }: PlacedPlot): GridPoint[] => [
    [x, y],
    [x + width, y],
    [x + width, y + length],
    [x, y + length],
  ]
  const fits = placed.flatMap(cornersOf).every((corner) => holdsPoint(ground, corner))
  return { placed, fits }
}
