import { addDays, daysBetween, type Day } from '@spudder/core/base/calendar'
import { firstSpan, windowOf } from './time-spans.ts'

/** Rows of the estate asked for at once: those that a tall screen shows. */
export const rowsAtOnce = 20

/** The day since which rows are read: whole years, so that moving about in them asks for nothing. */
export function rowsSince(shownFrom: Day, today: Day): Day {
  const years = Math.ceil(daysBetween(shownFrom, today) / 365)
  return addDays(today, -365 * Math.max(1, years) - 40)
}

/** What the estate asks for first. */
export const firstRows = (today: Day) => ({
  offset: 0,
  limit: rowsAtOnce,
  from: rowsSince(windowOf(firstSpan, today).from, today),
})
