import type { Sourced } from '../reference/index.ts'

/** Weather of one day at a place. */
export interface DayWeather {
  readonly minC: number
  readonly maxC: number
  readonly rainMm: number
  /** Wind around the calmer end of the day [m/s]. */
  readonly windMPerS: number
}

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
/** A shower that leaves the leaf wet for hours. */
const rain: Bounds = { low: 0, high: 0.5, unit: 'mm', ...practice }

/**
 * Judges a day for a leaf spray. A day can be fit in a cool early or late hour, so the warmest
 * must reach the lower bound and the coolest stay under the upper one.
 */
export function judgeSprayDay({ minC, maxC, rainMm, windMPerS }: DayWeather): SprayDay {
  const against: string[] = []
  if (rainMm > rain.high) against.push(`rain ${rainMm.toFixed(0)} mm washes it off`)
  if (windMPerS > wind.high) against.push(`wind ${windMPerS.toFixed(0)} m/s drifts`)
  if (maxC < temperature.low) against.push(`only ${maxC.toFixed(0)} °C, leaves take up little`)
  if (maxC > temperature.high + 6 || minC > temperature.high) {
    against.push(`${maxC.toFixed(0)} °C burns leaves`)
  }
  return { fit: against.length === 0, against }
}
