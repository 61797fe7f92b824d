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

/** Mean and variance of values under weights. */
function momentsOf(values: readonly number[], weights: readonly number[]) {
  const sum = weights.reduce((total, weight) => total + weight, 0)
  const at = (index: number) => (weights[index] ?? 0) / sum
  const mean = values.reduce((total, value, index) => total + at(index) * value, 0)
  const variance = values.reduce(
    (total, value, index) => total + at(index) * (value - mean) ** 2,
    0,
  )
  return { mean, variance }
}

/**
 * Takes out of what is thought after looking what was thought before: what is left is what the looks
 * said. Undefined where they hardly said anything.
 */
function lessonOf(
  before: { readonly mean: number; readonly variance: number },
  after: { readonly mean: number; readonly variance: number },
): Lesson | undefined {
  const gained = 1 / after.variance - 1 / before.variance
  if (gained < saysLittle.value / before.variance) return undefined
  return {
    value: (after.mean / after.variance - before.mean / before.variance) / gained,
    deviation: Math.sqrt(1 / gained),
  }
}

/** Recoveries that answer, as is usual before anybody looks. */
function answeringDraws(response: Response, before: number) {
  const { gap, share } = gapBefore(before)
  const usual = {
    gain: gap * share.usual,
    full: middle(response.full),
    fade: middle(response.fades),
  }
  const recoveries = drawRecoveries(response, before)
  const answers = recoveries.flatMap(({ fate }, index) => (fate === 'fails' ? [] : [index]))
  const values = (name: LessonName) =>
    answers.flatMap((index) => {
      const recovery = recoveries[index]
      return recovery ? [measures[name](recovery, usual)] : []
    })
  return { recoveries, answers, values }
}

/** Pale as most stands are when they are treated. */
const usuallyPale = 0.4

/**
 * What is usual of each lesson before anybody looked.
 * @returns mean and one deviation of the logarithm of times the usual [ln]
 */
export function usualLessons(response: Response): Readonly<Record<LessonName, Lesson>> {
  const { answers, values } = answeringDraws(response, usuallyPale)
  const alike = answers.map(() => 1)
  const of = (name: LessonName): Lesson => {
    const { mean, variance } = momentsOf(values(name), alike)
    return { value: mean, deviation: Math.sqrt(variance) }
  }
  return { size: of('size'), onset: of('onset'), lasting: of('lasting') }
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
  if (gains.length === 0 || gapBefore(greenness).gap === 0) return undefined
  const { recoveries, answers, values } = answeringDraws(response, greenness)
  const all = weighRecoveries(recoveries, gains, watched.before)
  const weights = answers.map((index) => all[index] ?? 0)
  const answered = weights.reduce((sum, weight) => sum + weight, 0)
  // Of a treatment that more likely failed nothing is learnt but that.
  if (answered < 0.5) return { answered, lessons: {} }
  const lessons = lessonNames.flatMap((name) => {
    const drawn = values(name)
    const before = momentsOf(
      drawn,
      drawn.map(() => 1),
    )
    const lesson = lessonOf(before, momentsOf(drawn, weights))
    return lesson ? [[name, lesson] as const] : []
  })
  return { answered, lessons: Object.fromEntries(lessons) }
}
