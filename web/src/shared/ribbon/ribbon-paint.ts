import type { ExpectedGreenness } from '@spudder/core/outcome/regreening'
import { type SeenGreenness, leafColour } from '@spudder/core/seen/colour'
import { area } from 'd3-shape'
import { xOf, type TimeScale } from './time-axis.ts'

/** A stop of a colour gradient, at an x of the drawing. */
export interface ColourStop {
  readonly x: number
  readonly colour: string
}

/** One thread of the expected part: a possible course, thinner the more is in doubt. */
export interface Thread {
  readonly d: string
  readonly stops: readonly ColourStop[]
}

/** Stops closer than this cannot be told apart [px]. */
const closest = 3

interface Placed<Point> {
  readonly point: Point
  readonly x: number
}

/** Leaves out what is off the drawing (but the neighbours of its edges) or too close to be seen. */
function onView<Point extends { readonly day: string }>(
  points: readonly Point[],
  scale: TimeScale,
): Placed<Point>[] {
  const width = scale.range()[1] ?? 0
  const xs = points.map(({ day }) => xOf(scale, day))
  const kept: Placed<Point>[] = []
  points.forEach((point, index) => {
    const x = xs[index] ?? 0
    const beforeView = (xs[index + 1] ?? width) < 0
    const afterView = (xs[index - 1] ?? 0) > width
    const last = kept.at(-1)?.x ?? Number.NEGATIVE_INFINITY
    if (!beforeView && !afterView && x - last >= closest) kept.push({ point, x })
  })
  return kept
}

/** Colours that leaves really had. */
export function seenStops(seen: readonly SeenGreenness[], scale: TimeScale): ColourStop[] {
  return onView(seen, scale).map(({ point, x }) => ({ x, colour: leafColour(point.greenness) }))
}

/** The threads from the best course at the top to the worst at the bottom, 1 best to 0 worst. */
const threadLevels = [0.94, 0.72, 0.5, 0.28, 0.06] as const

function atLevel({ low, usual, high }: ExpectedGreenness, level: number): number {
  return level >= 0.5 ? usual + (high - usual) * (level - 0.5) * 2 : low + (usual - low) * level * 2
}

/** Share of its room that a thread fills: all of it where nothing is in doubt. */
const fullness = ({ low, high }: ExpectedGreenness): number =>
  Math.max(0.26, 1 - 1.35 * (high - low))

/**
 * The part of a ribbon right of today: it frays into threads as doubt grows, so that a pale leaf
 * and a doubtful one do not look alike.
 */
export function expectedThreads(
  expected: readonly ExpectedGreenness[],
  scale: TimeScale,
  bandHeight: number,
): Thread[] {
  const inView = onView(expected, scale)
  if (inView.length < 2) return []
  const room = bandHeight / threadLevels.length
  return threadLevels.map((level, index) => {
    const centre = room * (index + 0.5)
    const half = (each: ExpectedGreenness) => (room * fullness(each)) / 2
    const outline = area<Placed<ExpectedGreenness>>()
      .x(({ x }) => x)
      .y0(({ point }) => centre - half(point))
      .y1(({ point }) => centre + half(point))
    return {
      d: outline(inView) ?? '',
      stops: inView.map(({ point, x }) => ({ x, colour: leafColour(atLevel(point, level)) })),
    }
  })
}
