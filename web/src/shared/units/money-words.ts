import { formatNumber, type UnitSystem } from '@spudder/core/quantity'

const sign: Readonly<Record<UnitSystem, string>> = { us: '$', metric: '€' }

/** Money of the place, rounded as people say it: "$6.61", "$74", "$1,040". */
export function money(value: number, system: UnitSystem): string {
  if (value > 0 && value < 0.01) return `under ${sign[system]}0.01`
  const figure =
    value < 10 ? value.toFixed(value < 1 || value % 1 !== 0 ? 2 : 0) : formatNumber(value, 3)
  return `${sign[system]}${figure}`
}

/** "$56-140"; one figure where both print alike. */
export function moneyRange(low: number, high: number, system: UnitSystem): string {
  const [from, to] = [money(low, system), money(high, system)]
  return from === to ? from : `${from}-${to.slice(1)}`
}
