export { addDays, dateToDay, dayToDate, dayWords, daysBetween, isDay } from './day.ts'
export type { Day } from './day.ts'
