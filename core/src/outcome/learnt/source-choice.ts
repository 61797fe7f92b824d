import { group, mean as meanOf } from 'd3-array'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { learntOf, normalBelow } from '../../base/statistics/index.ts'
import { askedBack, leastWorth } from './data/questions.ts'
import type { LearntResponse, LearntResponses } from './expected-here.ts'
import { yearsOf, type PaidTreatment } from './open-questions.ts'
import type { KeptTreatment } from './seen-treatments.ts'

/** One of two ways to keep a stand green, as far as its place knows it. */
export interface ChoiceSide {
  readonly learnt: LearntResponse
  readonly sourceId: KeptTreatment['sourceId']
  /** What one treatment cost on the mean [money of the place]. */
  readonly cost: number
  /** How long one holds, and how often one fails [d], [1]. */
  readonly lasting: number
  readonly fails: number
  /** What a year of as many green days costs by it: on the mean, and one deviation of its logarithm. */
  readonly perYear: number
  readonly doubt: number
}

/** Two treatments of one stand of which it is not known which is cheaper. */
export interface SourceChoice {
  readonly standId: string
  /** The one that seems cheaper first. */
  readonly sides: readonly [ChoiceSide, ChoiceSide]
  /** What it would save a year on the mean to know [money of the place]. */
  readonly worth: number
}

/**
 * What it is worth to know which of two costs is less, before one is chosen.
 * @param one, other on the mean, and one deviation of each logarithm
 * @returns what choosing rightly saves on the mean, in the money of the two
 * @source Margrabe 1978, J. Finance 33:177: what the right to exchange one for another is worth (M)
 */
export function worthOfKnowing(
  one: Pick<ChoiceSide, 'perYear' | 'doubt'>,
  other: Pick<ChoiceSide, 'perYear' | 'doubt'>,
): number {
  const spread = Math.hypot(one.doubt, other.doubt)
  const [cheap, dear] = [one, other].toSorted((a, b) => a.perYear - b.perYear)
  if (!cheap || !dear || spread === 0) return 0
  const above = Math.log(cheap.perYear / dear.perYear) / spread + spread / 2
  return cheap.perYear * normalBelow(above) - dear.perYear * normalBelow(above - spread)
}

type Found = Omit<ChoiceSide, 'perYear'> & { readonly treatments: number }

/** What is known of a kind of treatment on a stand, by those of it that have a price. */
function sideOf(learnt: LearntResponse, own: readonly PaidTreatment[]): Found | undefined {
  const [first] = own
  const cost = meanOf(own, (each) => each.cost)
  if (!first || cost === undefined || !(cost > 0)) return undefined
  const { fades } = learnt.published
  const { mean, deviation } = learntOf(learnt.lessons.lasting, first.standId).own
  const lasting = Math.sqrt(fades.low * fades.high) * Math.exp(mean - learnt.usual.lasting.value)
  const fails = learnt.failures.after.mean
  return { learnt, sourceId: first.sourceId, cost, lasting, fails, doubt: deviation, treatments: own.length } // prettier-ignore
}

const greenDays = ({ lasting, fails }: Found): number => lasting * (1 - fails)

function choicesOf(standId: string, found: readonly Found[], years: number): SourceChoice[] {
  const wanted = found.reduce((sum, each) => sum + each.treatments * greenDays(each), 0) / years
  const sides = found
    .map((each): ChoiceSide => {
      const { treatments: _, ...side } = each
      // The mean of what is spread by its logarithm lies above its middle.
      const perYear = ((wanted * each.cost) / greenDays(each)) * Math.exp(each.doubt ** 2 / 2)
      return { ...side, perYear }
    })
    .toSorted((a, b) => a.perYear - b.perYear)
  return sides.flatMap((one, at) =>
    sides.slice(at + 1).map((other) => ({
      standId,
      sides: [one, other] as const,
      worth: worthOfKnowing(one, other),
    })),
  )
}

/**
 * Which of two treatments keeps a stand green for less, where both went out there in the last years and their prices
 * are known; that first of which knowing would save most, none of which it would hardly save anything.
 * @param treatments with what they cost
 */
export function sourceChoices(
  learnt: LearntResponses,
  treatments: readonly PaidTreatment[],
  responseIdOf: (treatment: PaidTreatment) => string,
  on: Day,
): SourceChoice[] {
  const late = treatments.filter(({ appliedOn }) => daysBetween(appliedOn, on) <= askedBack.value)
  return [...group(late, ({ standId }) => standId)]
    .flatMap(([standId, own]) => {
      const found = [...group(own, responseIdOf)].flatMap(([id, of]) => {
        const known = learnt.get(id)
        return (known && sideOf(known, of)) ?? []
      })
      return choicesOf(standId, found, yearsOf(own, on))
    })
    .filter(({ worth }) => worth >= leastWorth.value)
    .toSorted((a, b) => b.worth - a.worth)
}
