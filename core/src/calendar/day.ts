import { utcDay } from 'd3-time'
import { CoreError } from '../error/index.ts'

/**
 * A calendar day at the place, "2026-11-24". Days carry no time zone, so that neither a zone nor
 * daylight saving can move a job.
 */
export type Day = string

/** The years that records are kept of; a year outside is a slip of the keyboard. */
const dayPattern = /^(?:19|20|21)\d{2}-\d{2}-\d{2}$/

/** Whether the text is a day of 1900 to 2199 that exists ("2026-02-30" does not). */
export function isDay(text: string): boolean {
  if (!dayPattern.test(text)) return false
  const date = new Date(`${text}T00:00:00Z`)
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(text)
}

/**
 * Midnight UTC of a day, for scales and counting.
 * @throws {CoreError} date-unreadable
 */
export function dayToDate(day: Day): Date {
  if (!isDay(day)) {
    throw new CoreError('date-unreadable', {
      parameter: 'day',
      expected: 'a day such as 2026-05-31',
      received: day,
    })
  }
  return new Date(`${day}T00:00:00Z`)
}

/** The UTC day a moment falls on. */
export function dateToDay(date: Date): Day {
  return date.toISOString().slice(0, 10)
}

const months = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec']

/**
 * A day as people say it: "5 Nov 2026"; without the year where that is plain.
 * @throws {CoreError} date-unreadable
 */
export function dayWords(day: Day, plainYear?: string): string {
  const date = dayToDate(day)
  const words = `${date.getUTCDate()} ${months[date.getUTCMonth()]}`
  return day.slice(0, 4) === plainYear ? words : `${words} ${day.slice(0, 4)}`
}

/** The day a number of days later (or earlier, when negative). */
export function addDays(day: Day, days: number): Day {
  return dateToDay(utcDay.offset(dayToDate(day), Math.round(days)))
}

/** Whole days from one day to another [d]; negative when the second is earlier. */
export function daysBetween(from: Day, to: Day): number {
  return utcDay.count(dayToDate(from), dayToDate(to))
}
