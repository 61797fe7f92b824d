import { randomLcg } from 'd3-random'
import type { AgedLeaf, Paint } from '../finding/index.ts'
import type { FigureKind, LeafForm } from '../plant/index.ts'
import { leafFrame, type LeafPose } from './leaf-frame.ts'
import { paintLeaf } from './paint-leaf.ts'
import { figureSize, groundLevel, layLeaves, type PosedLeaf } from './pose-leaves.ts'
import { pathThrough, type Point, type Shape } from './shape.ts'

/** A leaf of the figure with its drawing. */
export interface FigureLeaf extends AgedLeaf {
  /** What it is called: "leaf 3 of 9, counted from the youngest". */
  readonly label: string
  readonly shapes: readonly Shape[]
}

/** A drawn plant, ready to be laid into any picture: stem and roots behind, then the leaves. */
export interface Figure {
  readonly width: number
  readonly height: number
  /** Where the plant begins; above it the picture is empty. */
  readonly top: number
  readonly ground: readonly Shape[]
  readonly roots: readonly Shape[]
  readonly stem: readonly Shape[]
  /** In the order in which they are laid down, the hindmost first. */
  readonly leaves: readonly FigureLeaf[]
}

export interface FigureInput {
  readonly kind: FigureKind
  readonly leafForm: LeafForm
  readonly paint: Paint
  /** The finding on roots, which tints them; absent: not looked. */
  readonly roots?: string | undefined
}

const rootColours: Readonly<Record<string, string>> = {
  white: '#f7f3ea',
  tan: '#cfae7d',
  'brown-soft': '#5f4330',
  knotted: '#b79a78',
  circling: '#c9b394',
}
const rootsNotLooked = '#a99f93'
const soil = '#d9d2c6'
const water = '#cfd6dc'
const woody = '#8b7a67'
const herbaceous = '#93a17a'

function paintGround(kind: FigureKind): Shape[] {
  const { width, height } = figureSize
  const level = groundLevel(kind)
  const block = (from: number, to: number, colour: string): Shape => ({
    kind: 'fill',
    colour,
    d: pathThrough(
      [
        [0, from],
        [width, from],
        [width, to],
        [0, to],
      ],
      true,
    ),
  })
  if (kind !== 'rosette') return [block(level, height, soil)]
  return [block(level + 14, height, water), block(level, level + 14, '#e9e6e0')]
}

/** Roots wander down and out from the crown; knots and circles where the finding says so. */
function paintRoots(kind: FigureKind, finding: string | undefined): Shape[] {
  const random = randomLcg(0.37)
  const colour = (finding && rootColours[finding]) ?? rootsNotLooked
  const level = groundLevel(kind)
  const centre = figureSize.width / 2
  const depth = figureSize.height - level - 10
  const strands = kind === 'tuft' || kind === 'rosette' ? 15 : 9
  const circling = finding === 'circling'
  return Array.from({ length: strands }, (_, index): Shape[] => {
    const spread = ((index / (strands - 1)) * 2 - 1) * (circling ? 0.5 : 1)
    const points = Array.from({ length: 9 }, (_, step): Point => {
      const down = step / 8
      const curl = circling ? Math.sin(down * 9 + index) * 26 : (random() - 0.5) * 7
      return [
        centre + spread * (18 + 105 * down ** 0.8) + curl * down,
        level + depth * (0.55 + 0.45 * (1 - Math.abs(spread))) * down,
      ]
    })
    const strand: Shape = { kind: 'line', d: pathThrough(points), colour, width: 2.6 }
    if (finding !== 'knotted') return [strand]
    const knots = points.slice(3, 7).map(([x, y]): Shape => ({
      kind: 'line',
      d: pathThrough([
        [x, y],
        [x + 0.1, y + 0.1],
      ]),
      colour,
      width: 9,
    }))
    return [strand, ...knots]
  }).flat()
}

function paintStem(kind: FigureKind, leafForm: LeafForm, posed: readonly PosedLeaf[]): Shape[] {
  if (kind === 'tuft' || kind === 'rosette') return []
  const tip = Math.min(...posed.map(({ pose }) => pose.y))
  const colour = kind === 'row-plant' || leafForm === 'blade' ? herbaceous : woody
  const centre = figureSize.width / 2
  const trunk: Shape = {
    kind: 'line',
    d: pathThrough([
      [centre, groundLevel(kind) + 8],
      [centre, tip - 4],
    ]),
    colour,
    width: 7,
  }
  const twigs = posed.map(({ pose }): Shape => ({
    kind: 'line',
    d: pathThrough([
      [centre, pose.y + 14],
      [pose.x, pose.y],
    ]),
    colour,
    width: 3.5,
  }))
  return [trunk, ...twigs]
}

/** The leaves of a figure with their ages, without drawing them. */
export function leavesOf(kind: FigureKind): readonly AgedLeaf[] {
  return layLeaves(kind).map(({ id, age }) => ({ id, age }))
}

const headroom = 16

/** The highest that any leaf reaches along its midrib, with some air above it. */
function topOf(posed: readonly PosedLeaf[]): number {
  const heights = posed.flatMap(({ pose }) => {
    const frame = leafFrame(pose)
    return [0.5, 0.75, 1].map((t) => frame(0, t)[1])
  })
  return Math.max(0, Math.min(...heights) - headroom)
}

const ageWords = (age: number): string => {
  if (age < 1 / 3) return 'young'
  return age < 2 / 3 ? 'middle' : 'old'
}

/** Draws the plant of a context with what was painted on its leaves. */
export function paintFigure({ kind, leafForm, paint, roots }: FigureInput): Figure {
  const posed = layLeaves(kind)
  const byAge = posed.toSorted((a, b) => a.age - b.age)
  const draw = (leaf: PosedLeaf, index: number): FigureLeaf => ({
    id: leaf.id,
    age: leaf.age,
    label: `leaf ${byAge.indexOf(leaf) + 1} of ${posed.length}, ${ageWords(leaf.age)}`,
    shapes: paintLeaf({
      form: leafForm,
      pose: fitLeaf(leaf.pose, leafForm),
      paint: paint[leaf.id],
      seed: (index + 1) / 32,
    }),
  })
  return {
    ...figureSize,
    top: topOf(posed),
    ground: paintGround(kind),
    roots: paintRoots(kind, roots),
    stem: paintStem(kind, leafForm, posed),
    leaves: posed.map(draw),
  }
}

const swatchPose: LeafPose = { x: 6, y: 22, angle: Math.PI / 2, length: 60, bend: 0 }
/** Size of the drawing that {@link paintSwatch} fills. */
export const swatchSize = { width: 72, height: 44 } as const

/** Leaves as broad as long are drawn shorter, so that they fill the same room. */
const lengthShare: Readonly<Partial<Record<LeafForm, number>>> = { lobed: 0.9, palmate: 0.72 }

function fitLeaf(pose: LeafPose, form: LeafForm): LeafPose {
  return { ...pose, length: pose.length * (lengthShare[form] ?? 1) }
}

/** One leaf lying on its side, for choosing a pattern or a severity by eye. */
export function paintSwatch(leafForm: LeafForm, paint: Paint[string]): readonly Shape[] {
  // A grass blade is too narrow to show a pattern at this size, so it is drawn closer.
  const pose =
    leafForm === 'blade' ? { ...swatchPose, x: -170, length: 400 } : fitLeaf(swatchPose, leafForm)
  return paintLeaf({ form: leafForm, pose, paint, seed: 0.5 })
}
