import { unitText, type Quantity } from './quantity.ts'

const mostDecimals = 8
/** Made once: a formatter costs far more to make than to use. */
const formatters = Array.from(
  { length: mostDecimals + 1 },
  (_, decimals) => new Intl.NumberFormat('en', { maximumFractionDigits: decimals }),
)

/**
 * A number at a precision a person can measure out: significant figures, without trailing zeros
 * and without an exponent.
 * @param value in any unit, which is not printed
 * @param significant figures, a whole number from 1 [1]
 */
export function formatNumber(value: number, significant = 3): string {
  if (value === 0) return '0'
  const magnitude = Math.floor(Math.log10(Math.abs(value)))
  const decimals = Math.min(mostDecimals, Math.max(0, significant - 1 - magnitude))
  return formatters[decimals]?.format(value) ?? String(value)
}

/**
 * Prints a quantity so that {@link parseQuantity} reads it back: "2.5 oz/1000 ft2".
 * @param significant figures [1]
 */
export function formatQuantity(quantity: Quantity, significant = 3): string {
  return `${formatNumber(quantity.value, significant)} ${unitText(quantity.unit)}`
}

/**
 * Prints low and high of a range in one unit; one figure where both print alike.
 * @param low in the unit of `high`
 * @param significant figures [1]
 */
export function formatRange(low: Quantity, high: Quantity, significant = 3): string {
  const from = formatNumber(low.value, significant)
  const to = formatNumber(high.value, significant)
  const number = from === to ? from : `${from}-${to}`
  return `${number} ${unitText(high.unit)}`
}
