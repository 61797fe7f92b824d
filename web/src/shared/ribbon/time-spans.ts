import { addDays, type Day } from '@spudder/core/base/calendar'

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

/** What is on view before anybody chooses. */
export const firstSpan: SpanName = 'year'

/** The window of a span about today. */
export function windowOf(span: SpanName, today: Day): TimeWindow {
  const { before, after } = spans.find(({ name }) => name === span) ?? spans[2]
  return { from: addDays(today, -before), to: addDays(today, after) }
}
