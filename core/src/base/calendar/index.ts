export { addDays, dateToDay, dayToDate, dayWords, daysBetween, isDay, localeSample } from './day.ts'
export type { Day } from './day.ts'
