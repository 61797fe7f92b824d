import { group } from 'd3-array'
import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { failsOf } from '../regreening/index.ts'
import { askedBack } from './data/questions.ts'
import type { LearntResponse, LearntResponses } from './expected-here.ts'
import { lessonRows } from './lesson-rows.ts'
import type { KeptTreatment } from './seen-treatments.ts'

/** A figure of a kind of treatment that the place does not know, and what hangs on it. */
export interface OpenQuestion {
  readonly learnt: LearntResponse
  readonly name: 'lasting' | 'failing'
  /** Where it was put out most, so that a trial fits there. */
  readonly standId: string
  readonly sourceId: KeptTreatment['sourceId']
  readonly perYear: {
    readonly treatments: number
    /** In the money of the place; undefined where no price is known. */
    readonly cost: number | undefined
  }
  /** Share of that of which nobody can say whether it was needed [1]. */
  readonly unsure: number
  readonly low: number
  readonly high: number
}

/** Something that was put out, with what it cost where a price is known. */
export type PaidTreatment = KeptTreatment & { readonly cost?: number | undefined }

/** Over how many years some treatments were put out, one at least. */
export function yearsOf(treatments: readonly PaidTreatment[], on: Day): number {
  const first = treatments.reduce((least, { appliedOn }) => (appliedOn < least ? appliedOn : least), on) // prettier-ignore
  return Math.max(1, daysBetween(first, on) / 365)
}

/** What occurs most often, with its rows. */
function commonest<Row>(rows: readonly Row[], of: (row: Row) => string): readonly Row[] {
  return [...group(rows, of).values()].toSorted((a, b) => b.length - a.length)[0] ?? []
}

function questionsOf(learnt: LearntResponse, own: readonly PaidTreatment[], on: Day) {
  const years = yearsOf(own, on)
  const priced = own.filter(({ cost }) => cost !== undefined)
  const spent = priced.reduce((sum, { cost = 0 }) => sum + cost, 0)
  const perYear = {
    treatments: own.length / years,
    // Those without a price are taken to cost as much as the others.
    cost: priced.length === 0 ? undefined : (spent * (own.length / priced.length)) / years,
  }
  const [most] = commonest(
    commonest(own, ({ standId }) => standId),
    ({ sourceId }) => sourceId,
  )
  if (!most) return []
  const { standId, sourceId } = most
  return lessonRows(learnt, standId).flatMap(({ name, here: { low, high } }): OpenQuestion[] => {
    // How soon and how much it greens moves no money: it is put out all the same.
    if (name !== 'lasting' && name !== 'failing') return []
    // Failing as often as is usual stops nobody: only what may lie beyond it is in question.
    const beyond = Math.max(0, high - Math.max(low, failsOf.value))
    const unsure = name === 'lasting' ? 1 - low / high : beyond
    return [{ learnt, name, standId, sourceId, perYear, unsure, low, high }]
  })
}

/**
 * What a place does not know of its treatments, that first on which the most money hangs, and where no
 * price is known the most treatments.
 * @param treatments of the last years, with what they cost
 * @returns [money of the place a year], [treatments a year], ranges as {@link lessonRows} gives them
 */
export function openQuestions(
  learnt: LearntResponses,
  treatments: readonly PaidTreatment[],
  responseIdOf: (treatment: PaidTreatment) => string,
  on: Day,
): OpenQuestion[] {
  const late = treatments.filter(({ appliedOn }) => daysBetween(appliedOn, on) <= askedBack.value)
  const byResponse = group(late, responseIdOf)
  const stake = ({ perYear, unsure }: OpenQuestion) => unsure * (perYear.cost ?? 0)
  const work = ({ perYear, unsure }: OpenQuestion) => unsure * perYear.treatments
  return [...learnt]
    .flatMap(([id, each]) => questionsOf(each, byResponse.get(id) ?? [], on))
    .filter(({ unsure }) => unsure > 0)
    .toSorted((a, b) => stake(b) - stake(a) || work(b) - work(a))
}
