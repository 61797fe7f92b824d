import type { ValueWeights } from './cause.ts'

/** Shortage of a nutrient that does not move out of old leaves. */
export const youngLeavesFirst: ValueWeights = {
  'youngest-only': 10,
  'youngest-spreading-down': 8,
  all: 1.5,
  scattered: 0.6,
  otherwise: 0.25,
}

/** Shortage of a nutrient that the plant moves out of its old leaves. */
export const oldLeavesFirst: ValueWeights = {
  'oldest-only': 8,
  'oldest-spreading-up': 9,
  all: 2,
  middle: 1,
  scattered: 0.6,
  otherwise: 0.25,
}

/** Leaf of a plant short of iron, whatever keeps the iron away. */
export const ironLeaf: ValueWeights = {
  'fine-green-veins': 12,
  stripes: 6,
  bleached: 3,
  'even-pale': 1.8,
  mottle: 0.6,
  'margin-scorch': 0.4,
  otherwise: 0.25,
}

/** Supply troubles leave the roots sound. */
export const soundRoots: ValueWeights = { white: 5, tan: 3, otherwise: 0.6 }

/** Trouble of the soil follows the ground. */
export const followsTheGround: ValueWeights = {
  everywhere: 4,
  patches: 4,
  'near-concrete': 2,
  'low-spots': 1.2,
  single: 0.8,
  otherwise: 0.2,
}

/** Nutrients that high pH ties up. */
export const tiedUpByPH: ValueWeights = {
  acid: 0.02,
  'slightly-acid': 0.12,
  neutral: 1,
  alkaline: 4,
  'strongly-alkaline': 5.5,
  otherwise: 1,
}
