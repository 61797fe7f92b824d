import { group } from 'd3-array'
import fQuantile from '@stdlib/stats-base-dists-f-quantile'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { weighMixedModel, type Contrast, type MixedModel } from '../../base/statistics/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { sharedFreedom, type EyeScale } from './data/eye-scales.ts'
import { alongScale, held, type Eye, type Held } from './eye.ts'

/** One answer of a sitting: what was said of a picture, and what it really was. */
export interface Rating {
  readonly picture: number
  readonly truth: number
  readonly said: number
}

/** What one person rated at one time, on one scale. */
export interface Sitting {
  readonly id: string
  /** Under whose name it was stored. */
  readonly person: string
  readonly ratedOn: Day
  /** What the pictures were looked at on; absent or empty where nobody said. */
  readonly screen?: string | null | undefined
  readonly ratings: readonly Rating[]
}

const mean = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value, 0) / values.length
const sumOfSquares = (values: readonly number[]): number =>
  values.reduce((sum, value) => sum + value * value, 0)

/** Both ratings of one picture, taken together. */
interface Pair {
  readonly sittingId: string
  readonly person: string
  /** The truth, −1 at one end of the scale and 1 at the other. */
  readonly along: number
  readonly error: number
  /** Half of the square that lies between the two. */
  readonly within: number
}

function pairsOf(scale: EyeScale, sitting: Sitting): Pair[] {
  const pictures = group(sitting.ratings, ({ picture }) => picture)
  return [...pictures.values()].flatMap((ratings) => {
    if (ratings.length < 2) return []
    const errors = ratings.map(({ said, truth }) => said - truth)
    const error = mean(errors)
    return {
      sittingId: sitting.id,
      person: sitting.person,
      along: alongScale(scale, mean(ratings.map(({ truth }) => truth))),
      error,
      within: sumOfSquares(errors.map((each) => each - error)),
    }
  })
}

/** A variance and how much stands behind it. */
interface Variance {
  readonly variance: number
  readonly freedom: number
}
const pooled = ({ variance, freedom }: Variance, own: Variance): Variance => ({
  variance: (freedom * variance + own.freedom * own.variance) / (freedom + own.freedom),
  freedom: freedom + own.freedom,
})
/** The sum of one variance and half of another, by Satterthwaite 1946. */
function withHalf(a: Variance, b: Variance): Variance {
  const variance = a.variance + b.variance / 2
  return {
    variance,
    freedom: variance ** 2 / (a.variance ** 2 / a.freedom + b.variance ** 2 / 4 / b.freedom),
  }
}
function heldDeviation({ variance, freedom }: Variance): Held {
  const many = 1e7
  // χ² of a freedom is F with endless freedom below, times its own.
  const at = (share: number) => Math.sqrt(variance / fQuantile(share, freedom, many))
  const deviation = Math.sqrt(variance)
  return {
    mean: deviation,
    deviation: deviation / Math.sqrt(2 * freedom),
    low: at(0.95),
    high: at(0.05),
  }
}

/** A line for everybody takes two of them, and fewer than three beside it say nothing of doubt. */
const fewestPairs = 5

const terms = { person: 'person', slope: 'person-slope', sitting: 'sitting' } as const

/** Both ratings of every picture of all sittings. */
export const pairsOfAll = (scale: EyeScale, sittings: readonly Sitting[]): Pair[] =>
  sittings.flatMap((sitting) => pairsOf(scale, sitting))

/** All ratings of all people on one scale as a mixed model of pairs: a line for each person, a shift for each sitting. */
export function ratingModel(pairs: readonly Pair[]): MixedModel {
  const along = pairs.map((pair) => pair.along)
  const people = pairs.map(({ person }) => person)
  return {
    y: pairs.map(({ error }) => error),
    fixed: [pairs.map(() => 1), along],
    random: [
      { name: terms.person, groups: people },
      { name: terms.slope, groups: people, along },
      { name: terms.sitting, groups: pairs.map(({ sittingId }) => sittingId) },
    ],
  }
}

const ofPerson = (person: string, along: number): Contrast => ({
  fixed: [1, along],
  groups: [
    { term: terms.person, group: person, by: 1 },
    { term: terms.slope, group: person, by: along },
  ],
})

/** What is left of each pair of a person beside that person's line and the day's shift. */
function restsOf(pairs: readonly Pair[]): { variance: number; freedom: number } {
  const bySitting = [...group(pairs, ({ sittingId }) => sittingId).values()]
  const centred = bySitting.flatMap((each) => {
    const [error, along] = [
      mean(each.map((pair) => pair.error)),
      mean(each.map((pair) => pair.along)),
    ]
    return each.map((pair) => ({ error: pair.error - error, along: pair.along - along }))
  })
  const spread = sumOfSquares(centred.map(({ along }) => along))
  const slope = centred.reduce((sum, { error, along }) => sum + error * along, 0) / (spread || 1)
  const freedom = Math.max(0, pairs.length - bySitting.length - 1)
  return {
    freedom,
    variance:
      sumOfSquares(centred.map(({ error, along }) => error - slope * along)) / Math.max(1, freedom),
  }
}

/**
 * Measures the eyes of all people who rated on a scale, by what they said of pictures whose truth is known.
 * People are drawn together as far as they resemble each other; doubt is what remains after all sittings.
 * @returns one a person, by name; empty where nobody rated a picture twice
 * @throws {CoreError} unknown-name for ratings of a sitting that is not there
 * @source a mixed model of pairs (`weighMixedModel`); spreads of single people drawn to that of all by
 *   a scaled χ², as Smyth 2004, Stat. Appl. Genet. Mol. Biol. 3:3 (M)
 */
export function measureEyes(
  scale: EyeScale,
  sittings: readonly Sitting[],
): ReadonlyMap<string, Eye> {
  const pairs = pairsOfAll(scale, sittings)
  if (pairs.length < fewestPairs) return new Map()
  const model = weighMixedModel(ratingModel(pairs))
  const own = group(pairs, ({ person }) => person)
  const repeats = {
    variance: mean(pairs.map(({ within }) => within)),
    freedom: sharedFreedom.value,
  }
  const rests = { variance: model.restVariance, freedom: sharedFreedom.value }
  const dayToDay = Math.sqrt(model.varianceOf(terms.sitting))

  const eyeOf = (person: string, pairsOfPerson: readonly Pair[]): Eye => {
    const ids = new Set(pairsOfPerson.map(({ sittingId }) => sittingId))
    const inOrder = sittings
      .filter(({ id }) => ids.has(id))
      .toSorted((a, b) => daysBetween(b.ratedOn, a.ratedOn))
    const [first, last] = [inOrder.at(0), inOrder.at(-1)]
    if (!first || !last)
      throw new CoreError('group-unknown', { parameter: 'sittings', received: person })
    const repeat = pooled(repeats, {
      variance: mean(pairsOfPerson.map(({ within }) => within)),
      freedom: pairsOfPerson.length,
    })
    const rest = pooled(rests, restsOf(pairsOfPerson))
    const at = (along: number) => model.estimate(ofPerson(person, along))
    const drift =
      first !== last
        ? held(
            model.estimate({
              fixed: [],
              groups: [
                { term: terms.sitting, group: last.id, by: 1 },
                { term: terms.sitting, group: first.id, by: -1 },
              ],
            }),
          )
        : undefined
    return {
      person,
      scale,
      sittings: inOrder.length,
      pictures: pairsOfPerson.length,
      lastOn: last.ratedOn,
      screens: [...new Set(inOrder.map(({ screen }) => (screen ?? '').trim().toLowerCase()))],
      bias: { low: at(-1), middle: at(0), high: at(1) },
      spread: heldDeviation(withHalf(rest, repeat)),
      repeat: Math.sqrt(repeat.variance),
      dayToDay,
      drift,
      hasDrifted: drift !== undefined && drift.low * drift.high > 0,
    }
  }
  return new Map([...own].map(([person, each]) => [person, eyeOf(person, each)]))
}
