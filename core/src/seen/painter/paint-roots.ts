import { randomLcg } from 'd3-random'
import type { FigureKind } from '../../stand/plant/index.ts'
import { figureSize, groundLevel } from './pose-leaves.ts'
import { pathThrough, type Point, type Shape } from './shape.ts'

const rootColours: Readonly<Record<string, string>> = {
  white: '#f7f3ea',
  tan: '#cfae7d',
  'brown-soft': '#5f4330',
  knotted: '#b79a78',
  circling: '#c9b394',
}
const rootsNotLooked = '#a99f93'

/** How many strands, how far they spread to a side and how deep they go. */
interface RootRoom {
  readonly strands: number
  readonly spread: number
  readonly depth: number
}

function roomOf(kind: FigureKind): RootRoom {
  const below = figureSize.height - groundLevel(kind)
  switch (kind) {
    case 'tuft':
      return { strands: 15, spread: 105, depth: below - 10 }
    case 'pot':
      return { strands: 13, spread: 62, depth: below - 34 }
    case 'channel':
      return { strands: 15, spread: 120, depth: 74 }
    case 'raft':
      return { strands: 15, spread: 70, depth: 104 }
    default:
      return { strands: 9, spread: 105, depth: below - 10 }
  }
}

const knot = ([x, y]: Point, colour: string): Shape => ({
  kind: 'line',
  d: pathThrough([
    [x, y],
    [x + 0.1, y + 0.1],
  ]),
  colour,
  width: 9,
})

/** Roots wander down and out from the crown; knots and circles where the finding says so. */
export function paintRoots(kind: FigureKind, finding: string | undefined): Shape[] {
  const random = randomLcg(0.37)
  const colour = (finding && rootColours[finding]) ?? rootsNotLooked
  const level = groundLevel(kind)
  const centre = figureSize.width / 2
  const { strands, spread, depth } = roomOf(kind)
  const circling = finding === 'circling'
  return Array.from({ length: strands }, (_, index): Shape[] => {
    const side = ((index / (strands - 1)) * 2 - 1) * (circling ? 0.5 : 1)
    const points = Array.from({ length: 9 }, (_, step): Point => {
      const down = step / 8
      const curl = circling ? Math.sin(down * 9 + index) * 26 : (random() - 0.5) * 7
      return [
        centre + side * (18 + spread * down ** 0.8) + curl * down,
        level + depth * (0.55 + 0.45 * (1 - Math.abs(side))) * down,
      ]
    })
    const strand: Shape = { kind: 'line', d: pathThrough(points), colour, width: 2.6 }
    const knots = finding === 'knotted' ? points.slice(3, 7).map((at) => knot(at, colour)) : []
    return [strand, ...knots]
  }).flat()
}
