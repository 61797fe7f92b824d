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
  const unit = range.unit ? ` ${range.unit}` : ''
  const expected = `a number from ${range.min} to ${range.max}${unit}`
  if (!Number.isFinite(value)) {
    throw new CoreError('not-a-number', { parameter, expected, received: String(value) })
  }
  if (value < range.min || value > range.max) {
    throw new CoreError('out-of-range', { parameter, expected, received: `${value}${unit}` })
  }
  return value
}
