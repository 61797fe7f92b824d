import { unitText, type Quantity } from './quantity.ts'

/**
 * A number at a precision a person can measure out: significant figures, without trailing zeros
 * and without an exponent.
 */
export function formatNumber(value: number, significant = 3): string {
  if (value === 0) return '0'
  const magnitude = Math.floor(Math.log10(Math.abs(value)))
  const decimals = Math.min(8, Math.max(0, significant - 1 - magnitude))
  return value.toLocaleString('en', { maximumFractionDigits: decimals, minimumFractionDigits: 0 })
}

/** Prints a quantity so that {@link parseQuantity} reads it back: "2.5 oz/1000 ft2". */
export function formatQuantity(quantity: Quantity, significant = 3): string {
  return `${formatNumber(quantity.value, significant)} ${unitText(quantity.unit)}`
}

/** Prints low and high of a range in one unit; one figure where both print alike. */
export function formatRange(low: Quantity, high: Quantity, significant = 3): string {
  const from = formatNumber(low.value, significant)
  const to = formatNumber(high.value, significant)
  const number = from === to ? from : `${from}-${to}`
  return `${number} ${unitText(high.unit)}`
}
