import type { FigureKind, LeafForm } from '../../stand/plant/index.ts'
import { figureSize, groundLevel, type PosedLeaf } from './pose-leaves.ts'
import { pathThrough, type Point, type Shape } from './shape.ts'

// Nothing here is green or yellow: those belong to leaves.
const soil = '#d9d2c6'
const medium = '#c9beae'
const clay = '#b98f74'
const clayRim = '#a67c61'
const water = '#cfd6dc'
const board = '#e9e6e0'
const trough = '#aeb6bc'
const ghost = '#e4ddd1'
const fish = '#94a0a8'
const woody = '#8b7a67'
const herbaceous = '#93a17a'

const { width, height } = figureSize
const centre = width / 2

const fill = (points: readonly Point[], colour: string): Shape => ({
  kind: 'fill',
  colour,
  d: pathThrough(points, true),
})
const line = (points: readonly Point[], colour: string, thick: number): Shape => ({
  kind: 'line',
  colour,
  width: thick,
  d: pathThrough(points),
})
const box = (x: number, y: number, to: Point, colour: string): Shape =>
  fill([[x, y], [to[0], y], to, [x, to[1]]], colour) // prettier-ignore

function disc([x, y]: Point, radius: number, colour: string, squash = 1): Shape {
  const points = Array.from({ length: 28 }, (_, index): Point => {
    const turn = (index / 28) * 2 * Math.PI
    return [x + radius * Math.cos(turn), y + radius * squash * Math.sin(turn)]
  })
  return fill(points, colour)
}

const ground = (kind: FigureKind): Shape => box(0, groundLevel(kind), [width, height], soil)

/** A crown behind the shoot, and the trunk that carries both. */
function tree(): Shape[] {
  const level = groundLevel('tree')
  const crown = (
    [
      [centre, 150, 128],
      [centre - 98, 214, 92],
      [centre + 98, 214, 92],
      [centre - 46, 268, 88],
      [centre + 46, 268, 88],
    ] as const
  ).map(([x, y, radius]) => disc([x, y], radius, ghost))
  const trunk = fill(
    [
      [centre - 26, level + 6],
      [centre - 15, 392],
      [centre - 11, 300],
      [centre + 11, 300],
      [centre + 15, 392],
      [centre + 26, level + 6],
    ],
    woody,
  )
  const branches = (
    [
      [-112, 236],
      [112, 228],
      [-66, 176],
      [70, 168],
    ] as const
  ).map(([x, y]) => line([[centre, 340], [centre + x * 0.45, 286], [centre + x, y]], '#b9ac9a', 5)) // prettier-ignore
  return [...crown, ground('tree'), ...branches, trunk]
}

/** Other stems of the same bush, and the mound that they make. */
function bush(): Shape[] {
  const level = groundLevel('bush')
  const stems = [-120, -74, 76, 122].map(
    (x) =>
    line([[centre + x * 0.18, level + 6], [centre + x * 0.7, level - 96], [centre + x, level - 196]], '#b9ac9a', 5), // prettier-ignore
  )
  return [disc([centre, level - 96], 196, ghost, 0.78), ground('bush'), ...stems]
}

function pot(): Shape[] {
  const level = groundLevel('pot')
  const [top, foot] = [level - 8, height - 10]
  return [
    box(0, height - 14, [width, height], '#e6e0d5'),
    fill([[centre - 104, top], [centre + 104, top], [centre + 78, foot], [centre - 78, foot]], clay), // prettier-ignore
    fill([[centre - 92, level], [centre + 92, level], [centre + 70, foot - 8], [centre - 70, foot - 8]], medium), // prettier-ignore
    box(centre - 112, top - 10, [centre + 112, top + 14], clayRim),
    box(centre - 96, top + 2, [centre + 96, top + 14], medium),
  ]
}

/** A trough cut open, with a film of solution running through it. */
function channel(): Shape[] {
  const level = groundLevel('channel')
  return [
    box(30, level + 4, [width - 30, level + 104], trough),
    box(40, level + 18, [width - 40, level + 94], '#f3f0ea'),
    box(40, level + 58, [width - 40, level + 94], water),
    box(30, level, [width - 30, level + 14], board),
    fill([[centre - 24, level], [centre + 24, level], [centre + 17, level + 26], [centre - 17, level + 26]], '#d3ccc1'), // prettier-ignore
    box(70, level + 104, [88, height], trough),
    box(width - 88, level + 104, [width - 70, height], trough),
  ]
}

function aFish([x, y]: Point, size: number): Shape[] {
  const tail: Point[] = [
    [x - size * 0.85, y],
    [x - size * 1.5, y - size * 0.42],
    [x - size * 1.5, y + size * 0.42],
  ]
  return [
    disc([x, y], size, fish, 0.42),
    fill(tail, fish),
    disc([x + size * 0.62, y - size * 0.08], size * 0.07, '#4f5b64'),
  ]
}

/** A raft afloat with fish below it. */
function raft(): Shape[] {
  const level = groundLevel('raft')
  return [
    box(0, level + 10, [width, height], water),
    ...aFish([96, level + 96], 34),
    ...aFish([392, level + 76], 25),
    box(14, level - 4, [width - 14, level + 18], board),
    fill([[centre - 22, level - 4], [centre + 22, level - 4], [centre + 15, level + 30], [centre - 15, level + 30]], '#d3ccc1'), // prettier-ignore
  ]
}

/** Rows of the same crop behind the plant. */
function row(): Shape[] {
  const level = groundLevel('row-plant')
  const neighbours = [58, 132, 348, 422].flatMap((x) => [
    line([[x, level + 2], [x, level - 78]], '#cfc6b6', 4), // prettier-ignore
    ...[-1, 1].flatMap((side) =>
      [22, 46, 66].map(
        (up) =>
        line([[x, level - up], [x + side * 20, level - up - 18], [x + side * 34, level - up - 8]], '#cfc6b6', 4), // prettier-ignore
      ),
    ),
  ])
  return [...neighbours, ground('row-plant')]
}

const sceneries: Readonly<Record<FigureKind, () => Shape[]>> = {
  tuft: () => [ground('tuft')],
  tree,
  bush,
  'row-plant': row,
  pot,
  channel,
  raft,
}

/** What the plant of a kind stands in: ground, pot, trough or raft, and what is seen behind it. */
export function paintScenery(kind: FigureKind): Shape[] {
  return sceneries[kind]()
}

/** The stem with its twigs; tufts and rosettes have none to see. */
export function paintStem(
  kind: FigureKind,
  leafForm: LeafForm,
  posed: readonly PosedLeaf[],
): Shape[] {
  if (kind === 'tuft' || kind === 'channel' || kind === 'raft') return []
  const tip = Math.min(...posed.map(({ pose }) => pose.y))
  const colour = kind === 'row-plant' || leafForm === 'blade' ? herbaceous : woody
  const foot = kind === 'tree' ? 384 : groundLevel(kind) + 8
  const twigs = posed.map(({ pose }) => line([[centre, pose.y + 14], [pose.x, pose.y]], colour, 3.5)) // prettier-ignore
  return [line([[centre, foot], [centre, tip - 4]], colour, 7), ...twigs] // prettier-ignore
}
