import type { Day } from '@spudder/core/calendar'

/** Today where the person is: a calendar day, whatever the clock says elsewhere. */
export function today(): Day {
  const now = new Date()
  const two = (value: number) => String(value).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

const withYear = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
})
const withoutYear = new Intl.DateTimeFormat('en-GB', {
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
})

/** A day as people say it: "5 Nov", with the year when it is another one. */
export function dayWords(day: Day): string {
  const date = new Date(`${day}T00:00:00Z`)
  return (day.slice(0, 4) === today().slice(0, 4) ? withoutYear : withYear).format(date)
}
