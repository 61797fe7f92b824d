import { dayWords as wordsOfDay, type Day } from '@spudder/core/base/calendar'

/** The calendar day of a moment where the person is. */
export function dayOf(moment: Date): Day {
  const two = (value: number) => String(value).padStart(2, '0')
  return `${moment.getFullYear()}-${two(moment.getMonth() + 1)}-${two(moment.getDate())}`
}

/** Today where the person is: a calendar day, whatever the clock says elsewhere. */
export const today = (): Day => dayOf(new Date())

/** The hour of a moment by the clock where the person is: "06:30". */
export const clockOf = (moment: Date): string => moment.toTimeString().slice(0, 5)

/** A day as people say it: "5 Nov", with the year when it is another one. */
export const dayWords = (day: Day): string => wordsOfDay(day, today().slice(0, 4))
