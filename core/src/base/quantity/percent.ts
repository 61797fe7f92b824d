import { formatNumber } from '../writing/index.ts'

/**
 * A share as it is said, in whole percents: "95 %"; what is too small to be told apart from nothing
 * is said so.
 * @param share [1]
 */
export function percent(share: number): string {
  return share > 0 && share < 0.005 ? 'under 1 %' : `${Math.round(share * 100)} %`
}

/**
 * Shares from low to high: "60-90 %", "up to 20 %"; one where both print alike.
 * @param low [1]
 * @param high [1]
 */
export function percentRange(low: number, high: number): string {
  const [from, to] = [percent(low), percent(high)]
  if (from === to) return to
  return low < 0.005 ? `up to ${to}` : `${from.replace(/ %$/, '')}-${to}`
}

/**
 * A strength or a content, where a part of a percent counts: "0.25 %", "11.5 %".
 * @param share [1]
 * @param significant figures [1]
 */
export const strength = (share: number, significant = 3): string =>
  `${formatNumber(share * 100, significant)} %`
