import type { ExpectedGreenness, SeenGreenness } from '@spudder/core/regreening'
import { leafColour } from '@spudder/core/regreening'
import { xOf, type TimeScale } from './time-axis.ts'

/** A stop of a colour gradient, at an x of the drawing. */
export interface ColourStop {
  readonly x: number
  readonly colour: string
  readonly opacity: number
}

/** Stops closer than this cannot be told apart [px]. */
const closest = 2.5

/** Leaves out what is off the drawing (but the neighbours of its edges) or too close to be seen. */
function onView<Point>(points: readonly Point[], xs: readonly number[], width: number): Point[] {
  const kept: Point[] = []
  let last = Number.NEGATIVE_INFINITY
  points.forEach((point, index) => {
    const x = xs[index] ?? 0
    const beforeView = (xs[index + 1] ?? width) < 0
    const afterView = (xs[index - 1] ?? 0) > width
    if (beforeView || afterView || x - last < closest) return
    kept.push(point)
    last = x
  })
  return kept
}

/** Colours that leaves really had. */
export function seenStops(seen: readonly SeenGreenness[], scale: TimeScale): ColourStop[] {
  const width = scale.range()[1] ?? 0
  const stops = seen.map(({ day, greenness }) => ({
    x: xOf(scale, day),
    colour: leafColour(greenness),
    opacity: 1,
  }))
  return onView(
    stops,
    stops.map(({ x }) => x),
    width,
  )
}

/** How pale a colour is drawn for the spread of what may come. */
const opacityFor = ({ low, high }: ExpectedGreenness): number =>
  Math.max(0.22, 0.92 - 1.05 * (high - low))

/** Heights in the band of what may come, from the best at the top to the worst at the bottom. */
export const expectedLevels = [0.92, 0.5, 0.08] as const

function atLevel({ low, usual, high }: ExpectedGreenness, level: number): number {
  return level >= 0.5
    ? usual + (high - usual) * (level - 0.5) * 2
    : low + (usual - low) * level * 2
}

/** Colours to be expected at one level of the band. */
export function expectedStops(
  expected: readonly ExpectedGreenness[],
  scale: TimeScale,
  level: number,
): ColourStop[] {
  const width = scale.range()[1] ?? 0
  const stops = expected.map((each) => ({
    x: xOf(scale, each.day),
    colour: leafColour(atLevel(each, level)),
    opacity: opacityFor(each),
  }))
  return onView(
    stops,
    stops.map(({ x }) => x),
    width,
  )
}
