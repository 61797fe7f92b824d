import type { UnitSystem } from '../quantity/index.ts'
import type { Sourced } from '../reference/index.ts'
import { weatherWords, type DayWeather } from './weather-words.ts'

/** Whether a leaf spray can go out on a day, and what stands against it. */
export interface SprayDay {
  readonly fit: boolean
  readonly against: readonly string[]
}

interface Bounds extends Sourced {
  readonly low: number
  readonly high: number
  readonly unit: string
}

const practice = { source: 'common practice: window of a leaf spray', mark: 'C' } as const
const temperature: Bounds = { low: 10, high: 29, unit: '°C', ...practice }
const wind: Bounds = { low: 0, high: 4.5, unit: 'm/s', ...practice }
/** How much warmer the hottest hour may be, since early and late it is cooler [K]. */
const warmestHours = 6
/** A shower that leaves the leaf wet for hours. */
const rain: Bounds = { low: 0, high: 0.5, unit: 'mm', ...practice }

/**
 * Judges a day for a leaf spray. A day can be fit in a cool early or late hour, so the warmest
 * must reach the lower bound and the coolest stay under the upper one.
 * @param system the units in which it is said
 */
export function judgeSprayDay(day: DayWeather, system: UnitSystem): SprayDay {
  const { minC, maxC, rainMm, windMPerS } = day
  const said = weatherWords(day, system)
  const against: string[] = []
  if (rainMm > rain.high) against.push(`rain ${said.rain} washes it off`)
  if (windMPerS > wind.high) against.push(`wind ${said.wind} drifts`)
  if (maxC < temperature.low) against.push(`only ${said.warmest}, leaves take up little`)
  if (maxC > temperature.high + warmestHours || minC > temperature.high) {
    against.push(`${said.warmest} burns leaves`)
  }
  return { fit: against.length === 0, against }
}
