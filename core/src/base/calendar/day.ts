import { utcDay } from 'd3-time'
import { CoreError } from '../error/index.ts'

/**
 * A calendar day at the place, "2026-11-24". Days carry no time zone, so that neither a zone nor
 * daylight saving can move a job.
 */
export type Day = string

/** The years that records are kept of; a year outside is a slip of the keyboard. */
const dayPattern = /^(?:19|20|21)\d{2}-\d{2}-\d{2}$/

/** Midnight UTC of a day [ms]; undefined for what is no day of 1900 to 2199 ("2026-02-30"). */
function timeOf(text: string): number | undefined {
  if (!dayPattern.test(text)) return undefined
  const [year, month, date] = [text.slice(0, 4), text.slice(5, 7), text.slice(8)].map(Number)
  const read = new Date(Date.UTC(year ?? 0, (month ?? 0) - 1, date))
  // A month or day that does not exist runs over into the next.
  const exists = read.getUTCMonth() + 1 === month && read.getUTCDate() === date
  return exists ? read.getTime() : undefined
}

/** Whether the text is a day of 1900 to 2199 that exists ("2026-02-30" does not). */
export const isDay = (text: string): boolean => timeOf(text) !== undefined

/**
 * Midnight UTC of a day, for scales and counting.
 * @throws {CoreError} date-unreadable
 */
export function dayToDate(day: Day): Date {
  const time = timeOf(day)
  if (time === undefined) {
    throw new CoreError('date-unreadable', {
      parameter: 'day',
      expected: 'a day such as 2026-05-31',
      received: day,
    })
  }
  return new Date(time)
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

/**
 * The day a number of days later, or earlier when negative.
 * @param days rounded to whole ones [d]
 * @throws {CoreError} date-unreadable
 */
export function addDays(day: Day, days: number): Day {
  return dateToDay(utcDay.offset(dayToDate(day), Math.round(days)))
}

/** Whole days from one day to another [d]; negative when the second is earlier. */
export function daysBetween(from: Day, to: Day): number {
  return utcDay.count(dayToDate(from), dayToDate(to))
}
