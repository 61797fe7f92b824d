import type { Day } from '../../base/calendar/index.ts'

/**
 * Weather of one day hour by hour, twenty-four values each, by the sun's clock of the place: no hour
 * is left out or told twice when clocks change.
 */
export interface DayOfHours {
  readonly day: Day
  readonly isForecast: boolean
  readonly temperatureC: readonly number[]
  readonly rainMm: readonly number[]
  /** That it rains within the hour [1]; 0 or 1 where it was measured. */
  readonly rainChance: readonly number[]
  readonly windMPerS: readonly number[]
  readonly humidityPercent: readonly number[]
  /** At 10 cm. */
  readonly soilC: readonly number[]
  /** One deviation of what is foretold; 0 where it was measured. */
  readonly temperatureDoubtK: number
  readonly windDoubtMPerS: number
}

export const hoursOfDay = 24

/** One hour of a run of days, with the run around it. */
export interface HourWeather {
  readonly day: Day
  readonly hour: number
  readonly temperatureC: number
  readonly rainMm: number
  readonly rainChance: number
  readonly windMPerS: number
  readonly humidityPercent: number
  readonly soilC: number
  readonly temperatureDoubtK: number
  readonly windDoubtMPerS: number
}

/** Days that follow each other, as one run of hours. */
export const runOfHours = (days: readonly DayOfHours[]): readonly HourWeather[] =>
  days.flatMap((day) =>
    Array.from({ length: hoursOfDay }, (_, hour) => ({
      day: day.day,
      hour,
      temperatureC: day.temperatureC[hour] ?? Number.NaN,
      rainMm: day.rainMm[hour] ?? Number.NaN,
      rainChance: day.rainChance[hour] ?? Number.NaN,
      windMPerS: day.windMPerS[hour] ?? Number.NaN,
      humidityPercent: day.humidityPercent[hour] ?? Number.NaN,
      soilC: day.soilC[hour] ?? Number.NaN,
      temperatureDoubtK: day.temperatureDoubtK,
      windDoubtMPerS: day.windDoubtMPerS,
    })),
  )
