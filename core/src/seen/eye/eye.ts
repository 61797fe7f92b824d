import type { Day } from '../../base/calendar/index.ts'
import type { Estimate } from '../../base/statistics/index.ts'
import { readingKinds } from '../reading/index.ts'
import type { EyeScale } from './data/eye-scales.ts'

/** A value with the interval that holds it nine times in ten. */
export interface Held extends Estimate {
  readonly low: number
  readonly high: number
}

/** How one person's eye rates on one scale; everything in units of the scale. */
export interface Eye {
  readonly person: string
  readonly scale: EyeScale
  readonly sittings: number
  readonly pictures: number
  readonly lastOn: Day
  /** What was sat at, by name; an empty one where nobody said. */
  readonly screens: readonly string[]
  /** What is said above the truth, at the ends and in the middle of the scale; between them a line. */
  readonly bias: { readonly low: Estimate; readonly middle: Estimate; readonly high: Estimate }
  /** One deviation of a single rating about this person's own line. */
  readonly spread: Held
  /** How far two ratings of one picture lie apart, one deviation of each. */
  readonly repeat: number
  /** How far the eye strays from one day to another, one deviation. */
  readonly dayToDay: number
  /** What the last sitting was above the first; undefined: one sitting alone. */
  readonly drift: Held | undefined
  readonly hasDrifted: boolean
}

/** One time that a picture was shown, and what an eye without fault says of it as it is drawn or was measured. */
export interface ShownOnce {
  readonly picture: number
  readonly truth: number
  /** Which photo it was; absent: it was drawn. */
  readonly photoId?: string | undefined
}

/** A sitting as it is kept: what was shown, and what was said of it. */
export interface KeptSitting {
  readonly id: string
  readonly scale: EyeScale
  readonly createdBy: string
  readonly ratedOn: Day
  readonly screen?: string | null | undefined
  readonly shown: readonly ShownOnce[]
  readonly said: readonly number[]
}

/** Deviations within which a bell holds nine in ten. */
const nine = 1.6449
export const held = ({ mean, deviation }: Estimate): Held => ({
  mean,
  deviation,
  low: mean - nine * deviation,
  high: mean + nine * deviation,
})

/** Where on a scale a value lies: −1 at one end, 1 at the other. */
export function alongScale(scale: EyeScale, value: number): number {
  const { min, max } = readingKinds[scale]
  return (value - (min + max) / 2) / ((max - min) / 2)
}
