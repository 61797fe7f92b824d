import { addDays, dayToDate, type Day } from '@spudder/core/base/calendar'
import { scaleUtc, type ScaleTime } from 'd3-scale'

/** Days from left to right of a drawing. */
export type TimeScale = ScaleTime<number, number>

/** The stretch of time on view. */
export interface TimeWindow {
  readonly from: Day
  readonly to: Day
}

/** How much time is shown at once, by the names on the buttons. */
export const spans = [
  { name: 'month', before: 24, after: 14 },
  { name: 'season', before: 110, after: 45 },
  { name: 'year', before: 300, after: 75 },
  { name: '5 years', before: 1740, after: 100 },
] as const

export type SpanName = (typeof spans)[number]['name']

/** The window of a span about today. */
export function windowOf(span: SpanName, today: Day): TimeWindow {
  const { before, after } = spans.find(({ name }) => name === span) ?? spans[2]
  return { from: addDays(today, -before), to: addDays(today, after) }
}

export function timeScale(window: TimeWindow, width: number): TimeScale {
  return scaleUtc([dayToDate(window.from), dayToDate(window.to)], [0, Math.max(1, width)])
}

/** Where a day stands on a scale. */
export const xOf = (scale: TimeScale, day: Day): number => scale(dayToDate(day))
