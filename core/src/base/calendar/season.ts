import { addDays, dayToDate, type Day } from './day.ts'

/** The quarters of a year that has them. */
export type Season = 'spring' | 'summer' | 'autumn' | 'winter'

const byQuarter: readonly Season[] = ['winter', 'spring', 'summer', 'autumn']
/** Between these the sun makes no four seasons [°]; the tropics, by definition. */
const tropic = 23.44
const halfYear = 182

/**
 * The day on which the north has the same sun, so that one calendar of the year serves both halves of
 * the earth.
 * @param latitude of the place [°], south negative; as in the north when absent
 */
export const asInTheNorth = (day: Day, latitude?: number): Day =>
  (latitude ?? 0) < 0 ? addDays(day, halfYear) : day

/**
 * The season of a day by whole months, from March on in the north.
 * @param latitude of the place [°]
 * @returns undefined between the tropics, where the year has no four
 * @throws {CoreError} day-unreadable
 */
export function seasonOfYear(day: Day, latitude: number): Season | undefined {
  dayToDate(day)
  if (Math.abs(latitude) < tropic) return undefined
  const month = Number(asInTheNorth(day, latitude).slice(5, 7))
  return byQuarter[Math.floor((month % 12) / 3)]
}
