import type { ByValue } from './cause.ts'

/** Shortage of a nutrient that does not move out of old leaves (Marschner). */
export const youngLeavesFirst: ByValue = {
  'youngest-only': 10,
  'youngest-spreading-down': 8,
  all: 2,
  'oldest-spreading-up': 0.4,
  'oldest-only': 0.2,
  middle: 0.3,
  scattered: 0.6,
}

/** Shortage of a nutrient that the plant moves out of its old leaves (Marschner). */
export const oldLeavesFirst: ByValue = {
  'youngest-only': 0.3,
  'youngest-spreading-down': 0.3,
  all: 2.2,
  'oldest-spreading-up': 9,
  'oldest-only': 8,
  middle: 1.2,
  scattered: 0.6,
}

/** Leaf of a plant short of iron, whatever keeps the iron away. */
export const ironLeaf: ByValue = {
  'fine-green-veins': 12,
  bleached: 2.6,
  'even-pale': 2,
  mottle: 0.7,
  'broad-green-bands': 0.8,
  'margin-scorch': 0.4,
  otherwise: 0.08,
}
/** The same on a grass blade, where the veins run along it. */
export const ironBlade: ByValue = {
  stripes: 11,
  'fine-green-veins': 4,
  'even-pale': 3.2,
  bleached: 2.4,
  mottle: 0.6,
  otherwise: 0.1,
}

/** Trouble of the soil follows the ground. */
export const followsTheGround: ByValue = {
  everywhere: 4,
  patches: 4.5,
  'near-concrete': 1.6,
  'low-spots': 0.9,
  single: 0.9,
  otherwise: 0.06,
}
/** Trouble of the feed or the whole soil is everywhere. */
export const everywhere: ByValue = {
  everywhere: 7,
  patches: 1.8,
  single: 0.7,
  'low-spots': 0.5,
  'machine-stripes': 0.5,
  otherwise: 0.1,
}

/** Nutrients that high pH ties up. */
export const tiedUpByPH: ByValue = {
  acid: 0.03,
  'slightly-acid': 0.12,
  neutral: 0.7,
  alkaline: 2.2,
  'strongly-alkaline': 2.8,
}

/** A shortage shows while a plant grows, not where it goes to rest. */
export const pastItsGrowth: ByValue = { rest: 0.25, winter: 0.5, otherwise: 1 }

/** Nothing living is found where a supply is at fault. */
export const nothingLiving: ByValue = {
  nothing: 9.3,
  'root-rot': 0.5,
  'ring-fungus': 0.05,
  virus: 0.15,
  otherwise: 0.1,
}

/** Of all the leaves painted, the one that was short greens. */
export const greensWith = (nutrient: string): ByValue => ({
  [nutrient]: 7.5,
  none: 2,
  otherwise: 0.2,
})
/** None of the nutrients painted on helps. */
export const greensWithNothing: ByValue = { none: 9, otherwise: 0.25 }

export const lowInLeaf: ByValue = { low: 6.5, marginal: 2.8, enough: 0.7 }
