import { dayToDate, daysBetween, type Day } from '../../base/calendar/index.ts'
import type { SoilClimate } from './data/soil-climates.ts'

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
export const isWatering = ({ watering }: SoilClimate, day: Day): boolean =>
  dayOfYear(day) >= watering[0] && dayOfYear(day) <= watering[1]
