import { tenthDeviation } from '../../base/reference/index.ts'
import {
  learntOf,
  type Estimate,
  type LearntChance,
  type LearntMean,
} from '../../base/statistics/index.ts'
import type { Response } from '../../material/source/index.ts'
import type { Lesson, LessonName } from '../regreening/index.ts'

/** What a place has taught of how leaves answer one kind of treatment. */
export interface LearntResponse {
  readonly published: Response
  /** Entries that it rests on. */
  readonly entryIds: readonly string[]
  readonly failures: LearntChance
  /** What is usual before anybody looked, each as the logarithm of times the published [ln]. */
  readonly usual: Readonly<Record<LessonName, Lesson>>
  /** What is thought after looking, in the same unit. */
  readonly lessons: Readonly<Record<LessonName, LearntMean>>
  /** Figures of which too little was seen to move what is published by anything that matters. */
  readonly knowsTooLittle: readonly LessonName[]
}

/** What a place has taught, by the id of the response; kinds of treatment that nobody watched are not in it. */
export type LearntResponses = ReadonlyMap<string, LearntResponse>

interface Days {
  readonly low: number
  readonly high: number
}

/** The published range in whole days, moved and narrowed as the next time is foretold against what is usual. */
function moved({ low, high }: Days, next: Estimate, usual: Lesson): Days {
  const published = Math.log(high / low) / 2 / tenthDeviation
  const middle = Math.sqrt(low * high) * Math.exp(next.mean - usual.value)
  const times = Math.exp((tenthDeviation * published * next.deviation) / usual.deviation)
  return { low: Math.round(middle / times), high: Math.round(middle * times) }
}

/**
 * How the leaves of a stand are expected to answer, by what its place taught: how soon, how long, how much,
 * and how often not at all.
 * @returns days as published where nothing was learnt [d]
 */
export function responseLearnt(learnt: LearntResponse, standId: string): Response {
  const { published, lessons, usual } = learnt
  const next = (name: LessonName) => learntOf(lessons[name], standId).next
  const [onset, lasting] = [next('onset'), next('lasting')]
  return {
    ...published,
    firstChange: moved(published.firstChange, onset, usual.onset),
    full: moved(published.full, onset, usual.onset),
    fades: moved(published.fades, lasting, usual.lasting),
    taught: {
      times: Math.exp(next('size').mean - usual.size.value),
      fails: learnt.failures.after.mean,
    },
    source: `${published.source}; moved by ${learnt.entryIds.length} treatments of this place`,
    mark: 'D',
  }
}

/** What is expected of a treatment on a stand: as its place taught, or as published where it taught nothing. */
export function expectedHere(
  learnt: LearntResponses,
  published: Response,
  standId: string,
): Response {
  const own = learnt.get(published.id)
  return own ? responseLearnt(own, standId) : published
}
