import { dayWords as wordsOfDay, type Day } from '@spudder/core/base/calendar'

/** Today where the person is: a calendar day, whatever the clock says elsewhere. */
export function today(): Day {
  const now = new Date()
  const two = (value: number) => String(value).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

/** A day as people say it: "5 Nov", with the year when it is another one. */
export const dayWords = (day: Day): string => wordsOfDay(day, today().slice(0, 4))
