import { utcDay } from 'd3-time'
import { CoreError } from '../error/index.ts'
import { formatNumber, locales, writeAs, writtenAs, type LocaleTag } from '../writing/index.ts'

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
    throw new CoreError('day-unreadable', {
      parameter: 'day',
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
 * A day as people of the place say it: "5 Nov 2026", "Nov 5, 2026"; without the year where that is
 * plain.
 * @throws {CoreError} date-unreadable
 */
export function dayWords(day: Day, plainYear?: string): string {
  const date = dayToDate(day)
  const [month, dayOfMonth] = [months[date.getUTCMonth()], date.getUTCDate()]
  const year = day.slice(0, 4)
  if (locales[writtenAs()].dayOrder === 'month first') {
    return year === plainYear ? `${month} ${dayOfMonth}` : `${month} ${dayOfMonth}, ${year}`
  }
  return year === plainYear ? `${dayOfMonth} ${month}` : `${dayOfMonth} ${month} ${year}`
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

/** What a locale makes of a number and a day, to choose it by: "1,234.5 and 5 Nov 2026". */
export function localeSample(tag: LocaleTag): string {
  const before = writtenAs()
  writeAs(tag)
  const words = `${formatNumber(1234.5, 5)} and ${dayWords('2026-11-05')}`
  writeAs(before)
  return words
}
