import { daysBetween, type Day } from '../../base/calendar/index.ts'
import {
  learnChance,
  learnMean,
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
import type { LearntResponse, LearntResponses } from './expected-here.ts'
import {
  betweenPlaces,
  betweenStands,
  failuresWorth,
  halfForgotten,
  scalesWorth,
  stillAsDoubtful,
} from './data/learning.ts'

/** A treatment of a place with the colours seen around it. */
export interface SeenTreatment extends Watched {
  /** The entry that it is kept by. */
  readonly entryId: string
  readonly standId: string
  readonly response: Response
}

interface Taught extends TreatmentLessons {
  readonly treatment: SeenTreatment
  readonly age: number
}

/** What the published figures let expect, and how it is shared out between places, stands and times. */
function thoughtOf({ value, deviation }: Lesson): ThoughtBefore {
  const rest = 1 - betweenPlaces.value - betweenStands.value
  return {
    mean: value,
    deviation: deviation * Math.sqrt(betweenPlaces.value),
    groupScale: deviation * Math.sqrt(betweenStands.value),
    timeScale: deviation * Math.sqrt(rest),
    scalesWorth: scalesWorth.value,
    halfLife: halfForgotten.value,
  }
}

function learnOne(response: Response, taught: readonly Taught[]): LearntResponse {
  const usual = usualLessons(response)
  const learn = (name: LessonName): LearntMean =>
    learnMean(
      taught.flatMap(({ lessons, answered, treatment, age }) => {
        const lesson = lessons[name]
        if (!lesson) return []
        // What may have failed after all is the less sure of how it answered.
        const deviation = lesson.deviation / Math.sqrt(answered)
        return [{ group: treatment.standId, value: lesson.value, deviation, age }]
      }),
      thoughtOf(usual[name]),
    )
  const lessons = { size: learn('size'), onset: learn('onset'), lasting: learn('lasting') }
  return {
    published: response,
    entryIds: taught.map(({ treatment }) => treatment.entryId),
    failures: learnChance(
      taught.map(({ answered, age }) => ({ happened: 1 - answered, age })),
      { mean: failsOf.value, worth: failuresWorth.value, halfLife: halfForgotten.value },
    ),
    usual,
    lessons,
    knowsTooLittle: lessonNames.filter(
      (name) =>
        lessons[name].after.deviation > stillAsDoubtful.value * lessons[name].before.deviation,
    ),
  }
}

/** What one treatment taught by a day; undefined: nothing. */
function taughtBy(treatment: SeenTreatment, on: Day): Taught | undefined {
  const seen = treatment.seen.filter(({ day }) => day <= on)
  const lessons = lessonsOf(treatment.response, { ...treatment, seen })
  return lessons && { ...lessons, treatment, age: daysBetween(treatment.appliedOn, on) }
}

/**
 * Learns how the leaves of a place answer, kind of treatment by kind, from all that were watched.
 * @param on the day on which it is asked; what came later does not count
 * @returns steps, each the share of the treatments that is gone through, and at the end what was learnt
 */
export function* learningResponses(
  treatments: readonly SeenTreatment[],
  on: Day,
): Generator<number, LearntResponses> {
  const byResponse = new Map<string, Taught[]>()
  for (const [index, treatment] of treatments.entries()) {
    const taught = taughtBy(treatment, on)
    const { id } = treatment.response
    if (taught) byResponse.set(id, [...(byResponse.get(id) ?? []), taught])
    yield (index + 1) / treatments.length
  }
  return new Map(
    [...byResponse].flatMap(([id, taught]) => {
      const [first] = taught
      return first ? [[id, learnOne(first.treatment.response, taught)] as const] : []
    }),
  )
}

/** {@link learningResponses} in one go. */
export function learnResponses(treatments: readonly SeenTreatment[], on: Day): LearntResponses {
  const steps = learningResponses(treatments, on)
  for (;;) {
    const { done, value } = steps.next()
    if (done === true) return value
  }
}
