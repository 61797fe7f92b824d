import type { Day } from '@spudder/core/base/calendar'
import { hoursOfDay, type DayOfHours } from '@spudder/core/days/weather'

type SeriesName = {
  [Name in keyof DayOfHours]: DayOfHours[Name] extends readonly number[] ? Name : never
}[keyof DayOfHours]

/** What a day holds hour by hour, in the order in which it is packed. */
const series: Readonly<Record<SeriesName, number>> = {
  temperatureC: 0,
  rainMm: 1,
  rainChance: 2,
  windMPerS: 3,
  humidityPercent: 4,
  soilC: 5,
}
const names = Object.keys(series) as SeriesName[]
const perDay = names.length * hoursOfDay

/**
 * Measured days as one run of numbers, which goes from a thread to another without being copied: ten
 * thousand objects would hold up whoever takes them.
 */
export interface PackedDays {
  readonly count: number
  /** All days one behind the other, ten signs each. */
  readonly days: string
  /** By day, series and hour. */
  readonly values: Float64Array<ArrayBuffer>
}

const signs = 'yyyy-mm-dd'.length

export function packedDays(days: readonly DayOfHours[]): PackedDays {
  const values = new Float64Array(days.length * perDay)
  days.forEach((day, at) => {
    for (const name of names) values.set(day[name], at * perDay + series[name] * hoursOfDay)
  })
  return { count: days.length, days: days.map(({ day }) => day).join(''), values }
}

/** Some of the days again, up to the last but not with it. */
export function unpackedDays(packed: PackedDays, from: number, to = packed.count): DayOfHours[] {
  const end = Math.min(to, packed.count)
  return Array.from({ length: Math.max(0, end - Math.max(0, from)) }, (_, index) => {
    const at = Math.max(0, from) + index
    const hours = (name: SeriesName) => {
      const start = at * perDay + series[name] * hoursOfDay
      return [...packed.values.subarray(start, start + hoursOfDay)]
    }
    return {
      day: packed.days.slice(at * signs, (at + 1) * signs) as Day,
      isForecast: false,
      temperatureC: hours('temperatureC'),
      rainMm: hours('rainMm'),
      rainChance: hours('rainChance'),
      windMPerS: hours('windMPerS'),
      humidityPercent: hours('humidityPercent'),
      soilC: hours('soilC'),
      temperatureDoubtK: 0,
      windDoubtMPerS: 0,
    }
  })
}
