import type { Response } from '../../material/source/index.ts'
import { saysLittle } from './data/lessons.ts'
import { drawRecoveries, type DrawnRecovery } from './draw-recoveries.ts'
import { gapBefore, middle } from './recovery.ts'
import { gainsSeen, weighRecoveries, type Watched } from './weigh-recoveries.ts'

/** What one treatment can teach: each as the logarithm of times what is usual. */
export const lessonNames = ['size', 'onset', 'lasting'] as const
export type LessonName = (typeof lessonNames)[number]

/** What the looks alone said, what is usual taken out. */
export interface Lesson {
  /** 0 is as usual, 0.69 twice as much or as long [ln]. */
  readonly value: number
  readonly deviation: number
}

export interface TreatmentLessons {
  /** Chance that it answered at all. */
  readonly answered: number
  /** Only those of which the looks said something. */
  readonly lessons: Readonly<Partial<Record<LessonName, Lesson>>>
}

interface Usual {
  readonly gain: number
  readonly full: number
  readonly fade: number
}
const measures: Readonly<Record<LessonName, (of: DrawnRecovery, usual: Usual) => number>> = {
  size: ({ gain }, usual) => Math.log(gain / usual.gain),
  // By the day it is full: the first change is over before most people look.
  onset: ({ full }, usual) => Math.log(full / usual.full),
  lasting: ({ fade }, usual) => Math.log(fade / usual.fade),
}

interface Moments {
  readonly mean: number
  readonly variance: number
}

/** Mean and variance of values, all alike or under weights. */
function momentsOf(values: Float64Array, weights?: Float64Array): Moments {
  let [sum, mean, variance] = [0, 0, 0]
  for (let at = 0; at < values.length; at++) {
    const weight = weights?.[at] ?? 1
    sum += weight
    mean += weight * (values[at] ?? 0)
  }
  mean /= sum
  for (let at = 0; at < values.length; at++)
    variance += ((weights?.[at] ?? 1) * ((values[at] ?? 0) - mean) ** 2) / sum
  return { mean, variance }
}

/**
 * Takes out of what is thought after looking what was thought before: what is left is what the looks
 * said. Undefined where they hardly said anything.
 */
function lessonOf(before: Moments, after: Moments): Lesson | undefined {
  const gained = 1 / after.variance - 1 / before.variance
  if (gained < saysLittle.value / before.variance) return undefined
  return {
    value: (after.mean / after.variance - before.mean / before.variance) / gained,
    deviation: Math.sqrt(1 / gained),
  }
}

/** Recoveries that answer, as is usual before anybody looks. */
interface Answering {
  readonly recoveries: readonly DrawnRecovery[]
  /** Which of them answer. */
  readonly answers: Uint16Array
  readonly values: Readonly<Record<LessonName, Float64Array>>
  readonly moments: Readonly<Record<LessonName, Moments>>
}

function answeringDraws(response: Response, before: number): Answering {
  const { gap, share } = gapBefore(before, response)
  const usual = {
    gain: gap * share.usual,
    full: middle(response.full),
    fade: middle(response.fades),
  }
  const recoveries = drawRecoveries(response, before)
  const answers = Uint16Array.from(
    recoveries.flatMap(({ fate }, index) => (fate === 'fails' ? [] : [index])),
  )
  const answering = [...answers].flatMap((index) => recoveries[index] ?? [])
  const values = mapLessons((name) =>
    Float64Array.from(answering, (recovery) => measures[name](recovery, usual)),
  )
  return { recoveries, answers, values, moments: mapLessons((name) => momentsOf(values[name])) }
}

const mapLessons = <Of>(of: (name: LessonName) => Of): Record<LessonName, Of> => ({
  size: of('size'),
  onset: of('onset'),
  lasting: of('lasting'),
})

const kept = new WeakMap<Response, Map<number, Answering>>()
/** How finely the colour before is told apart: a fortieth of a grade of 9. */
const steps = 320
const mostKept = 24
/** Stands are much alike when they are treated, and a place that learns asks for each of many treatments. */
function keptDraws(response: Response, before: number): Answering {
  const own = kept.get(response) ?? new Map<number, Answering>()
  kept.set(response, own)
  const step = Math.round(before * steps)
  const found = own.get(step) ?? answeringDraws(response, step / steps)
  own.set(step, found)
  // Each weighs some hundred kilobytes: a server that learns for many places keeps few.
  const [oldest] = own.keys()
  if (own.size > mostKept && oldest !== undefined) own.delete(oldest)
  return found
}

/** Pale as most stands are when they are treated. */
const usuallyPale = 0.4

/**
 * What is usual of each lesson before anybody looked.
 * @returns mean and one deviation of the logarithm of times the usual [ln]
 */
export function usualLessons(response: Response): Readonly<Record<LessonName, Lesson>> {
  const { moments } = keptDraws(response, usuallyPale)
  return mapLessons((name) => ({
    value: moments[name].mean,
    deviation: Math.sqrt(moments[name].variance),
  }))
}

/**
 * What a treatment taught of responses: how large, how soon, for how long, each against what is usual.
 * @returns undefined before anybody looked, and where there was nothing to gain
 * @source recoveries drawn and weighed as for {@link judgeRegreening}; what was thought before divided out of
 *   their first two moments, as in expectation propagation (Minka 2001, M)
 */
export function lessonsOf(response: Response, watched: Watched): TreatmentLessons | undefined {
  const gains = gainsSeen(watched)
  const { greenness } = watched.before
  if (gains.length === 0 || gapBefore(greenness, response).gap === 0) return undefined
  const { recoveries, answers, values, moments } = keptDraws(response, greenness)
  const all = weighRecoveries(recoveries, gains, watched.before)
  const weights = Float64Array.from(answers, (index) => all[index] ?? 0)
  const answered = weights.reduce((sum, weight) => sum + weight, 0)
  // Of a treatment that more likely failed nothing is learnt but that.
  if (answered < 0.5) return { answered, lessons: {} }
  const lessons = lessonNames.flatMap((name) => {
    const lesson = lessonOf(moments[name], momentsOf(values[name], weights))
    return lesson ? [[name, lesson] as const] : []
  })
  return { answered, lessons: Object.fromEntries(lessons) }
}
