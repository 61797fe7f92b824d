import { typedNumber } from '../writing/index.ts'
import { CoreError } from './core-error.ts'

export interface Range {
  readonly min: number
  readonly max: number
  /** Printed behind the bounds in the message; empty for dimensionless numbers. */
  readonly unit?: string
}

/**
 * Returns the value when it is a finite number inside the range.
 * @param parameter what it is, as a message names it
 * @param value, and what is returned [unit of the range]
 * @throws {CoreError} not-a-number, out-of-range, naming the parameter
 */
export function requireInRange(parameter: string, value: number, range: Range): number {
  const values = { min: range.min, max: range.max, unit: range.unit }
  if (!Number.isFinite(value)) {
    throw new CoreError('figure-no-number', { parameter, values, received: String(value) })
  }
  if (value < range.min || value > range.max) {
    const received = `${typedNumber(value)}${range.unit ? ` ${range.unit}` : ''}`
    throw new CoreError('figure-out-of-range', { parameter, values, received })
  }
  return value
}
