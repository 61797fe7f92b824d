import type { AgedLeaf, Paint } from '../finding/index.ts'
import type { FigureKind, LeafForm } from '../../stand/plant/index.ts'
import { leafFrame, type LeafPose } from './leaf-frame.ts'
import { paintLeaf } from './paint-leaf.ts'
import { paintRoots } from './paint-roots.ts'
import { figureSize, groundLevel, layLeaves, type PosedLeaf } from './pose-leaves.ts'
import { paintScenery, paintStem } from './scenery.ts'
import type { Shape } from './shape.ts'

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
  /** Where the ground, the medium or the raft begins. */
  readonly groundY: number
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

/** Draws once what is asked for again and again: the same input, the same shapes. */
function drawnOnce<Drawn>(): (key: string, draw: () => Drawn) => Drawn {
  const drawn = new Map<string, Drawn>()
  return (key, draw) => {
    const known = drawn.get(key)
    if (known !== undefined) return known
    const fresh = draw()
    drawn.set(key, fresh)
    return fresh
  }
}
const scenery = drawnOnce<readonly Shape[]>()
const roots = drawnOnce<readonly Shape[]>()
const stems = drawnOnce<readonly Shape[]>()
const leaves = drawnOnce<readonly Shape[]>()

/** Draws the plant of a context with what was painted on its leaves; unchanged parts stay the same. */
export function paintFigure({ kind, leafForm, paint, roots: finding }: FigureInput): Figure {
  const posed = layLeaves(kind)
  const byAge = posed.toSorted((a, b) => a.age - b.age)
  const draw = (leaf: PosedLeaf, index: number): FigureLeaf => {
    const painted = paint[leaf.id]
    const worn = painted && painted.severity > 0 ? `${painted.severity}${painted.pattern}` : ''
    return {
      id: leaf.id,
      age: leaf.age,
      label: `leaf ${byAge.indexOf(leaf) + 1} of ${posed.length}, ${ageWords(leaf.age)}`,
      shapes: leaves(`${kind}|${leafForm}|${leaf.id}|${worn}`, () =>
        paintLeaf({
          form: leafForm,
          pose: fitLeaf(leaf.pose, leafForm),
          paint: painted,
          seed: (index + 1) / 32,
        }),
      ),
    }
  }
  return {
    ...figureSize,
    top: topOf(posed),
    groundY: groundLevel(kind),
    ground: scenery(kind, () => paintScenery(kind)),
    roots: roots(`${kind}|${finding ?? ''}`, () => paintRoots(kind, finding)),
    stem: stems(`${kind}|${leafForm}`, () => paintStem(kind, leafForm, posed)),
    leaves: posed.map(draw),
  }
}

const swatchPose: LeafPose = { x: 6, y: 22, angle: Math.PI / 2, length: 60, bend: 0 }
/** Size of the drawing that {@link paintSwatch} fills. */
export const swatchSize = { width: 72, height: 44 } as const

/** Leaves as broad as long are drawn shorter, so that they fill the same room. */
const lengthShare: Readonly<Partial<Record<LeafForm, number>>> = {
  lobed: 0.9,
  palmate: 0.72,
  needle: 1.02,
  frond: 1.05,
}

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
