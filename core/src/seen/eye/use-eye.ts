import { daysBetween, type Day } from '../../base/calendar/index.ts'
import type { Estimate } from '../../base/statistics/index.ts'
import { readingKinds, type Came, type ReadingKind, type ReadingMethod } from '../reading/index.ts'
import { staleAfter } from './data/eye-scales.ts'
import { alongScale, held, type Eye, type Held } from './eye.ts'

/** Whether an eye was measured so long ago that it is due again. */
export const isStale = ({ lastOn }: Pick<Eye, 'lastOn'>, on: Day): boolean =>
  daysBetween(lastOn, on) > staleAfter.value

/** A rating as an eye without fault would have given it, with the doubt of this one. */
export interface Comparable {
  /** Within the scale [unit of the scale]. */
  readonly value: number
  readonly doubt: number
}

/** What a person says above the truth where the truth is given [unit of the scale]. */
export function biasAt({ scale, bias }: Pick<Eye, 'scale' | 'bias'>, truth: number): Held {
  const along = alongScale(scale, truth)
  const { low, middle, high } = bias
  const variance = ({ deviation }: Estimate) => deviation ** 2
  // Of a line the variance is a parabola: three points tell it whole.
  const bend = (variance(high) + variance(low)) / 2 - variance(middle)
  const lean = (variance(high) - variance(low)) / 2
  return held({
    mean: middle.mean + ((high.mean - low.mean) / 2) * along,
    deviation: Math.sqrt(variance(middle) + lean * along + bend * along ** 2),
  })
}

/** What a person says above the truth in the middle of the scale [unit of the scale]. */
export function biasInMiddle(eye: Pick<Eye, 'scale' | 'bias'>): Held {
  const { min, max } = readingKinds[eye.scale]
  return biasAt(eye, (min + max) / 2)
}

/**
 * Takes a person's bias out of what was said, and says what doubt remains.
 * @param said, and what is returned [unit of the scale]
 */
export function comparable(eye: Eye, said: number): Comparable {
  const { min, max } = readingKinds[eye.scale]
  // said = truth + bias, and bias is a line over the truth.
  const slope = (eye.bias.high.mean - eye.bias.low.mean) / (max - min)
  const truth = (said - eye.bias.low.mean + slope * min) / (1 + slope)
  const value = Math.min(max, Math.max(min, truth))
  const { deviation } = biasAt(eye, value)
  return {
    value,
    doubt: Math.hypot(eye.spread.mean, eye.dayToDay, deviation) / (1 + slope),
  }
}

/**
 * How far one person's ratings lie above another's of the same thing, in the middle of the scale. What both
 * were measured by alike is counted twice, so the interval is rather too wide.
 */
export const between = (one: Eye, other: Eye): Held =>
  held({
    mean: one.bias.middle.mean - other.bias.middle.mean,
    deviation: Math.hypot(one.bias.middle.deviation, other.bias.middle.deviation),
  })

/** Whether pictures were looked at on one screen: a screen is part of what is measured. */
type SameScreen = 'same' | 'different' | 'unnamed'

/** Whether some eyes were measured at one screen; of several sittings at several it is not known which is which. */
export function screensOf(...eyes: readonly Pick<Eye, 'screens'>[]): SameScreen {
  const names = new Set(eyes.flatMap(({ screens }) => screens))
  if (names.has('')) return 'unnamed'
  return names.size > 1 ? 'different' : 'same'
}

/**
 * Who rated a colour by eye. Undefined for what was measured, and for what came from a file or was made
 * up: there whoever stored it did not rate it.
 */
export const raterOf = (of: {
  readonly method: ReadingMethod
  readonly came: Came
  readonly createdBy: string
}): string | undefined =>
  of.method === 'eye' && of.came.how === 'typed' ? of.createdBy : undefined

/** A colour as somebody rated it. */
export interface Rated {
  readonly kind: ReadingKind
  readonly value: number
  readonly doubt?: number | null | undefined
  readonly ratedBy?: string | undefined
}

/** The eye by which a rating was given, where it was ever measured on that scale. */
export const eyeBehind = (
  eyes: readonly Eye[],
  { kind, ratedBy }: Pick<Rated, 'kind' | 'ratedBy'>,
): Eye | undefined => eyes.find(({ scale, person }) => scale === kind && person === ratedBy)

/**
 * A rating put right by the eye that gave it, with the doubt of that eye; a doubt that was given with it
 * stays. As it came where that eye was never measured.
 */
export function seenWith<Of extends Rated>(eyes: readonly Eye[], rated: Of): Of {
  const eye = eyeBehind(eyes, rated)
  if (!eye) return rated
  const { value, doubt } = comparable(eye, rated.value)
  return { ...rated, value, doubt: rated.doubt ?? doubt }
}
