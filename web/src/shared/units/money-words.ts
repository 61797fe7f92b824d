import { formatNumber, type UnitSystem } from '@spudder/core/quantity'

const sign: Readonly<Record<UnitSystem, string>> = { us: '$', metric: '€' }

/** Money of the place, rounded as people say it: "$6.61", "$22", "$1,040". */
export function money(value: number, system: UnitSystem): string {
  if (value > 0 && value < 0.01) return `under ${sign[system]}0.01`
  if (value < 10) return `${sign[system]}${value % 1 === 0 ? value : value.toFixed(2)}`
  return `${sign[system]}${formatNumber(value < 1000 ? Math.round(value) : value, 3)}`
}

/** "$56-140"; one figure where both print alike. */
export function moneyRange(low: number, high: number, system: UnitSystem): string {
  const [from, to] = [money(low, system), money(high, system)]
  return from === to ? from : `${from}-${to.slice(1)}`
}
