import { formatNumber } from '../writing/index.ts'
import { unitText, type Quantity } from './quantity.ts'

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
