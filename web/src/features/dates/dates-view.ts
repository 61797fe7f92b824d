import { addDays, type Day } from '@spudder/core/base/calendar'
import type { TimeWindow } from '../../shared/ribbon/time-spans.ts'

/** How much time is shown at once. */
export const datesViews = ['day', 'week', 'season'] as const
export type DatesView = (typeof datesViews)[number]

/** A season shows a little of what was, and the months in which most is planned. */
const seasonSpan = { before: 10, after: 110 } as const

/** The stretch of time of a view about a day; a week begins with it, since what is past is done. */
export function windowFor(view: DatesView, anchor: Day): TimeWindow {
  switch (view) {
    case 'day':
      return { from: anchor, to: addDays(anchor, 1) }
    case 'week':
      return { from: anchor, to: addDays(anchor, 7) }
    case 'season':
      return { from: addDays(anchor, -seasonSpan.before), to: addDays(anchor, seasonSpan.after) }
  }
}

/** Days that one press of earlier or later goes. */
export const strideOf: Readonly<Record<DatesView, number>> = { day: 1, week: 7, season: 42 }
