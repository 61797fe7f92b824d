import { dayWords } from './today.ts'

const two = (value: number) => String(value).padStart(2, '0')

/** A moment by the calendar and the clock of where the person is. */
export function momentParts(at: string): { readonly day: string; readonly clock: string } {
  const moment = new Date(at)
  const day = `${moment.getFullYear()}-${two(moment.getMonth() + 1)}-${two(moment.getDate())}`
  return { day: dayWords(day), clock: `${two(moment.getHours())}:${two(moment.getMinutes())}` }
}

/** The same in one: "5 Nov, 14:20". */
export function momentWords(at: string): string {
  const { day, clock } = momentParts(at)
  return `${day}, ${clock}`
}
