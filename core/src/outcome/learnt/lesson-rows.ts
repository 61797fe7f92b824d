import { tenthDeviation } from '../../base/reference/index.ts'
import { learntOf } from '../../base/statistics/index.ts'
import { lessonNames, type LessonName } from '../regreening/index.ts'
import { fewestToSay } from './data/learning.ts'
import { responseLearnt, type LearntResponse } from './expected-here.ts'

/** From least to most. */
export interface Span {
  readonly low: number
  readonly high: number
  /** What is likeliest, of a chance. */
  readonly mean?: number
}

/** What was published of a figure, what was seen of it here, and what is expected here now. */
export interface LessonRow {
  readonly name: LessonName | 'failing'
  /** Days; for the size times what is usual; for failing a share of all times. */
  readonly unit: 'days' | 'times' | 'share'
  readonly published: Span
  /** By itself, without what was thought before; undefined where nothing was seen of it. */
  readonly seen: { readonly value: number; readonly count: number } | undefined
  readonly here: Span
  /** Too little was seen to move what is published by anything that matters. */
  readonly knowsTooLittle: boolean
}

/** @param middle [ln], as times of what is usual */
function timesOf(middle: number, deviation: number): Span {
  const at = (deviations: number) => Math.exp(middle + deviations * deviation)
  return { low: at(-tenthDeviation), high: at(tenthDeviation) }
}

/**
 * What a kind of treatment taught, figure by figure: prior, data and posterior side by side.
 * @param standId of which it is asked; one that taught nothing is any stand of the place
 * @returns ranges hold eight of ten times; of failing the chance itself, nine in ten [d], [times] or [1]
 */
export function lessonRows(learnt: LearntResponse, standId: string): LessonRow[] {
  const { published, usual, lessons } = learnt
  const here = responseLearnt(learnt, standId)
  const size = learntOf(lessons.size, standId).next
  const ranges: Readonly<Record<LessonName, Pick<LessonRow, 'unit' | 'published' | 'here'>>> = {
    size: {
      unit: 'times',
      published: timesOf(0, usual.size.deviation),
      here: timesOf(size.mean - usual.size.value, size.deviation),
    },
    onset: { unit: 'days', published: published.full, here: here.full },
    lasting: { unit: 'days', published: published.fades, here: here.fades },
  }
  const rows = lessonNames.map((name): LessonRow => {
    const { seen } = lessons[name]
    const { unit, published: range } = ranges[name]
    const middle = unit === 'days' ? Math.sqrt(range.low * range.high) : 1
    return {
      name,
      ...ranges[name],
      seen: seen && {
        value: middle * Math.exp(seen.mean - usual[name].value),
        count: seen.count,
      },
      knowsTooLittle: learnt.knowsTooLittle.includes(name),
    }
  })
  const { before, seen, after } = learnt.failures
  return [
    ...rows,
    {
      name: 'failing',
      unit: 'share',
      published: before,
      seen: seen.count === 0 ? undefined : { value: seen.happened / seen.count, count: seen.count },
      here: after,
      knowsTooLittle: seen.count < fewestToSay.value,
    },
  ]
}
