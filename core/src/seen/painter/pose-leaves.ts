import type { FigureKind } from '../../stand/plant/index.ts'
import type { LeafPose } from './leaf-frame.ts'

/** A leaf in its place on the figure. */
export interface PosedLeaf {
  readonly id: string
  /** 0 the youngest to 1 the oldest. */
  readonly age: number
  readonly pose: LeafPose
}

export const figureSize = { width: 480, height: 520 } as const

const levels: Readonly<Record<FigureKind, number>> = {
  tuft: 400,
  tree: 462,
  bush: 448,
  'row-plant': 448,
  pot: 376,
  channel: 380,
  raft: 372,
}

/** Height of the ground or raft in the drawing. */
export const groundLevel = (kind: FigureKind): number => levels[kind]

const centre = figureSize.width / 2
const count = (leaves: number): number[] => Array.from({ length: leaves }, (_, index) => index)
const id = (index: number): string => `leaf-${index + 1}`

/** A stem with its leaves: where the lowest one stands, how far up they go, how large they are. */
interface Stem {
  readonly foot: number
  readonly height: number
  readonly size: number
}

/** Blades fan out from the crown: the outer ones are the oldest. */
function tuft(): PosedLeaf[] {
  const blades = 13
  return count(blades).map((index) => {
    const side = index % 2 === 0 ? 1 : -1
    const age = 1 - index / (blades - 1)
    return {
      id: id(index),
      age,
      pose: {
        x: centre + side * (4 + 22 * age),
        y: levels.tuft + 4,
        angle: side * (0.06 + 0.44 * age),
        length: 285 - 30 * age,
        bend: side * (0.25 + 1.15 * age),
      },
    }
  })
}

/** Leaves up a stem, alternating: the lowest are the oldest, the topmost small and upright. */
function shoot({ foot, height, size }: Stem): PosedLeaf[] {
  const leaves = 9
  return count(leaves).map((index) => {
    const up = index / (leaves - 1)
    const side = index % 2 === 0 ? 1 : -1
    const top = index === leaves - 1
    return {
      id: id(index),
      age: 1 - up,
      pose: {
        x: centre + (top ? 0 : side * (30 - 16 * up)),
        y: foot - height * up ** 0.92,
        angle: top ? 0.05 : side * (1.35 - 0.75 * up),
        length: (168 - 62 * up) * size,
        bend: side * (0.25 - 0.1 * up),
      },
    }
  })
}

/** Long leaves arching off a stalk, alternating. */
function rowPlant(): PosedLeaf[] {
  const leaves = 9
  return count(leaves).map((index) => {
    const up = index / (leaves - 1)
    const side = index % 2 === 0 ? 1 : -1
    return {
      id: id(index),
      age: 1 - up,
      pose: {
        x: centre + side * 3,
        y: levels['row-plant'] - 26 - 270 * up,
        angle: side * (0.95 - 0.8 * up),
        length: 225 - 62 * up,
        bend: side * (1.15 - 0.75 * up),
      },
    }
  })
}

/** A head of leaves: the heart stands up at the back, the outer leaves lie low before it. */
function rosette(level: number): PosedLeaf[] {
  const leaves = 11
  return count(leaves).map((index) => {
    const outward = index / (leaves - 1)
    const side = index % 2 === 0 ? 1 : -1
    return {
      id: id(index),
      age: outward,
      pose: {
        x: centre + side * 22 * outward,
        y: level + 4,
        angle: side * (0.04 + 1.3 * outward ** 0.85),
        length: 236 - 46 * outward,
        bend: side * (0.12 + 0.12 * outward),
      },
    }
  })
}

const layouts: Readonly<Record<FigureKind, () => PosedLeaf[]>> = {
  tuft,
  tree: () => shoot({ foot: 352, height: 252, size: 0.86 }),
  bush: () => shoot({ foot: levels.bush - 42, height: 300, size: 1 }),
  'row-plant': rowPlant,
  pot: () => shoot({ foot: levels.pot - 26, height: 256, size: 0.9 }),
  channel: () => rosette(levels.channel),
  raft: () => rosette(levels.raft),
}

/** Every leaf of a kind of figure in its place, the hindmost first. */
export function layLeaves(kind: FigureKind): readonly PosedLeaf[] {
  return layouts[kind]()
}
