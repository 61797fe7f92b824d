import type { Day } from '../../base/calendar/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import { healthyGreenness } from './data/greenness-marks.ts'
import {
  doubtOf,
  greennessScales,
  readingKinds,
  type ColourReadingKind,
  type Reading,
  type ReadingKind,
} from '../reading/index.ts'

/** Colour of a stand at one time: 0 a white leaf to 1 the deepest green, with one deviation. */
export interface Greenness {
  readonly greenness: number
  readonly doubt: number
}

/** A greenness seen on a day. */
export interface SeenGreenness extends Greenness {
  readonly day: Day
}

/** Whether a reading of the kind tells the colour of leaves. */
export const isColourKind = (kind: ReadingKind): kind is ColourReadingKind =>
  readingKinds[kind].isColour

const within = (value: number): number => Math.min(1, Math.max(0, value))

/**
 * A colour reading on the scale that ribbons are painted by.
 * @param value [unit of the kind]
 * @returns greenness, 0 white to 1 the deepest green [1]
 * @throws {CoreError} out-of-range for a value its scale cannot have
 * @source the scale of the kind, in `seen/reading`
 */
export function greennessOf(kind: ColourReadingKind, value: number): number {
  requireInRange(readingKinds[kind].label, value, readingKinds[kind])
  const { atWhite, atDeepGreen } = greennessScales[kind]
  return within((value - atWhite) / (atDeepGreen - atWhite))
}

/**
 * The value on a scale that a greenness stands for; the inverse of {@link greennessOf}.
 * @param greenness 0 to 1 [1]
 * @returns within what the scale has [unit of the kind]
 */
export function onScale(kind: ColourReadingKind, greenness: number): number {
  const { atWhite, atDeepGreen } = greennessScales[kind]
  const { min, max } = readingKinds[kind]
  return Math.min(max, Math.max(min, atWhite + greenness * (atDeepGreen - atWhite)))
}

/** A colour reading as greenness with its doubt. */
export function greennessReading(
  reading: Pick<Reading, 'method' | 'value' | 'doubt'> & { readonly kind: ColourReadingKind },
): Greenness {
  const { atWhite, atDeepGreen, mappingDoubt } = greennessScales[reading.kind]
  const ofReading = doubtOf(reading) / Math.abs(atDeepGreen - atWhite)
  return {
    greenness: greennessOf(reading.kind, reading.value),
    doubt: Math.hypot(ofReading, mappingDoubt),
  }
}

/**
 * How pale leaves are, by which pale days are paid for.
 * @param greenness [1]
 * @returns 0 as green as a healthy leaf, to 1 white [1]
 */
export const paleness = (greenness: number): number =>
  within(1 - greenness / healthyGreenness.value)

/** Words for a greenness, 0 to 1 [1], for those who do not see the colour. */
export function greennessWords(greenness: number): string {
  if (greenness >= 0.8) return 'deep green'
  if (greenness >= 0.62) return 'green'
  if (greenness >= 0.42) return 'pale'
  return greenness >= 0.2 ? 'yellow' : 'white'
}
