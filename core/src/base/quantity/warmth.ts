import { formatDecimals } from '../writing/index.ts'
import type { UnitSystem } from './choose-unit.ts'

/** By definition of the degree Fahrenheit. */
export const fahrenheitOf = (celsius: number): number => celsius * 1.8 + 32
export const celsiusOf = (fahrenheit: number): number => (fahrenheit - 32) / 1.8

/**
 * A temperature as it is said at the place, in whole degrees.
 * @param celsius [°C]
 */
export const warmthWords = (celsius: number, system: UnitSystem): string =>
  system === 'us'
    ? `${formatDecimals(fahrenheitOf(celsius), 0)} °F`
    : `${formatDecimals(celsius, 0)} °C`
