import { dayToDate, daysBetween, type Day } from '../../base/calendar/index.ts'
import { soilClimates, type Climate, type SoilClimate } from './data/soil-climates.ts'

const daysPerYear = 365.25

/** Day of the year [d], 1 on the first of January. */
export const dayOfYear = (day: Day): number => daysBetween(`${day.slice(0, 4)}-01-01`, day) + 1

/**
 * Usual soil temperature 10 cm down on a day [°C].
 * @throws {CoreError} date-unreadable
 * @source a sine about the mean of the year
 */
export function soilTemperature(climate: SoilClimate, day: Day): number {
  dayToDate(day)
  const angle = (2 * Math.PI * (dayOfYear(day) - climate.warmestDay)) / daysPerYear
  return climate.meanC + climate.swingC * Math.cos(angle)
}

/** Whether one waters on a day of the year. */
export function isWatering({ watering: [from, until] }: SoilClimate, day: Day): boolean {
  const on = dayOfYear(day)
  return from <= until ? on >= from && on <= until : on >= from || on <= until
}

/** Days of a year on which one waters [d]. */
export const wateringDaysOf = ({ watering: [from, until] }: SoilClimate): number =>
  (from <= until ? until - from : until - from + wholeYear) + 1

const wholeYear = 366
/** The same day half a year on [d of the year]. */
const halfYearOn = (on: number): number => ((on + wholeYear / 2 - 1) % wholeYear) + 1

/**
 * The soil's year at a place: that of the north, turned by half a year in the south.
 * @param latitude of the place [°], south negative; as in the north when absent
 */
export function soilClimateAt(climate: Climate, latitude?: number): SoilClimate {
  const north: SoilClimate = soilClimates[climate]
  if ((latitude ?? 0) >= 0) return north
  const { warmestDay, watering } = north
  const isAllYear = watering[1] - watering[0] >= wholeYear - 1
  return {
    ...north,
    warmestDay: halfYearOn(warmestDay),
    watering: isAllYear ? watering : [halfYearOn(watering[0]), halfYearOn(watering[1])],
  }
}
