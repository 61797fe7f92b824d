export { addDays, dateToDay, dayToDate, dayWords, daysBetween, isDay, localeSample } from './day.ts'
export type { Day } from './day.ts'
export { asInTheNorth, seasonOfYear } from './season.ts'
export type { Season } from './season.ts'
