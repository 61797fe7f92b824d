import { daysBetween, type Day } from '../../base/calendar/index.ts'
import { tenthDeviation } from '../../base/reference/index.ts'
import {
  learnChance,
  learnMean,
  type Estimate,
  type LearntChance,
  type LearntMean,
  type ThoughtBefore,
} from '../../base/statistics/index.ts'
import type { Response } from '../../material/source/index.ts'
import {
  failsOf,
  lessonNames,
  lessonsOf,
  usualLessons,
  type Lesson,
  type LessonName,
  type TreatmentLessons,
  type Watched,
} from '../regreening/index.ts'
import {
  betweenPlaces,
  betweenStands,
  failuresWorth,
  halfForgotten,
  stillAsDoubtful,
} from './data/learning.ts'

/** A treatment of a place with the colours seen around it. */
export interface SeenTreatment extends Watched {
  /** The entry that it is kept by. */
  readonly entryId: string
  readonly standId: string
  readonly response: Response
}

/** What a place has taught of how leaves answer one kind of treatment. */
export interface LearntResponse {
  readonly published: Response
  /** Entries that it rests on. */
  readonly entryIds: readonly string[]
  readonly failures: LearntChance
  /** Each as the logarithm of times the published [ln]. */
  readonly lessons: Readonly<Record<LessonName, LearntMean>>
  /** Figures of which too little was seen to move what is published by anything that matters. */
  readonly knowsTooLittle: readonly LessonName[]
}

interface Taught extends TreatmentLessons {
  readonly treatment: SeenTreatment
  readonly age: number
}

/** What the published figures let expect, and how it is shared out between places, stands and times. */
function thoughtOf(response: Response, name: LessonName): ThoughtBefore {
  const { value, deviation } = usualLessons(response)[name]
  const rest = 1 - betweenPlaces.value - betweenStands.value
  return {
    mean: value,
    deviation: deviation * Math.sqrt(betweenPlaces.value),
    groupScale: deviation * Math.sqrt(betweenStands.value),
    timeScale: deviation * Math.sqrt(rest),
    halfLife: halfForgotten.value,
  }
}

function learnOne(response: Response, taught: readonly Taught[]): LearntResponse {
  const learn = (name: LessonName): LearntMean =>
    learnMean(
      taught.flatMap(({ lessons, answered, treatment, age }) => {
        const lesson = lessons[name]
        if (!lesson) return []
        // What may have failed after all is the less sure of how it answered.
        const deviation = lesson.deviation / Math.sqrt(answered)
        return [{ group: treatment.standId, value: lesson.value, deviation, age }]
      }),
      thoughtOf(response, name),
    )
  const lessons = { size: learn('size'), onset: learn('onset'), lasting: learn('lasting') }
  return {
    published: response,
    entryIds: taught.map(({ treatment }) => treatment.entryId),
    failures: learnChance(
      taught.map(({ answered, age }) => ({ happened: 1 - answered, age })),
      { mean: failsOf.value, worth: failuresWorth.value, halfLife: halfForgotten.value },
    ),
    lessons,
    knowsTooLittle: lessonNames.filter(
      (name) =>
        lessons[name].after.deviation > stillAsDoubtful.value * lessons[name].before.deviation,
    ),
  }
}

/**
 * Learns how the leaves of a place answer, kind of treatment by kind, from all that were watched.
 * @param on the day on which it is asked; what came later does not count
 * @returns by the id of the response; kinds that nobody watched are not in it
 */
export function learnResponses(
  treatments: readonly SeenTreatment[],
  on: Day,
): ReadonlyMap<string, LearntResponse> {
  const byResponse = new Map<string, Taught[]>()
  for (const treatment of treatments) {
    const seen = treatment.seen.filter(({ day }) => day <= on)
    const lessons = lessonsOf(treatment.response, { ...treatment, seen })
    if (!lessons) continue
    const { id } = treatment.response
    const age = daysBetween(treatment.appliedOn, on)
    byResponse.set(id, [...(byResponse.get(id) ?? []), { ...lessons, treatment, age }])
  }
  return new Map(
    [...byResponse].flatMap(([id, taught]) => {
      const [first] = taught
      return first ? [[id, learnOne(first.treatment.response, taught)] as const] : []
    }),
  )
}

interface Days {
  readonly low: number
  readonly high: number
}

/** The published range, moved and narrowed as the next time is foretold against what is usual. */
function moved({ low, high }: Days, next: Estimate, usual: Lesson): Days {
  const published = Math.log(high / low) / 2 / tenthDeviation
  const middle = Math.sqrt(low * high) * Math.exp(next.mean - usual.value)
  const times = Math.exp((tenthDeviation * published * next.deviation) / usual.deviation)
  return { low: middle / times, high: middle * times }
}

/**
 * How the leaves of a stand are expected to answer, by what its place taught.
 * @returns days as published where nothing was learnt [d]
 */
export function responseLearnt(learnt: LearntResponse, standId: string): Response {
  const { published, lessons } = learnt
  const usual = usualLessons(published)
  const [onset, lasting] = [lessons.onset.next(standId), lessons.lasting.next(standId)]
  return {
    ...published,
    firstChange: moved(published.firstChange, onset, usual.onset),
    full: moved(published.full, onset, usual.onset),
    fades: moved(published.fades, lasting, usual.lasting),
    source: `${published.source}; moved by ${learnt.entryIds.length} treatments of this place`,
    mark: 'D',
  }
}
