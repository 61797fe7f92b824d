export { addDays, dateToDay, dayToDate, daysBetween, isDay } from './day.ts'
export type { Day } from './day.ts'
