import { formatDecimals, formatNumber } from '@spudder/core/base/writing'
import type { StandSize } from '@spudder/core/stand/plant'
import {
  currencies,
  valueIn,
  quantityOf,
  type Currency,
  type UnitSystem,
} from '@spudder/core/base/quantity'

/** Money of the place, rounded as people say it: "$6.61", "$22", "$1,040". */
export function money(value: number, currency: Currency): string {
  const { sign } = currencies[currency]
  if (value > 0 && value < 0.01) return `under ${sign}0.01`
  if (value < 10) return `${sign}${value % 1 === 0 ? value : formatDecimals(value, 2)}`
  return `${sign}${formatNumber(value < 1000 ? Math.round(value) : value, 3)}`
}

/** "$56-140"; one figure where both print alike. */
export function moneyRange(low: number, high: number, currency: Currency): string {
  const [from, to] = [money(low, currency), money(high, currency)]
  return from === to ? from : `${from}-${to.replace(currencies[currency].sign, '')}`
}

/** How a stand is counted when money is set against it: so many units, each called so. */
function countOf(
  size: StandSize,
  system: UnitSystem,
): { readonly count: number; readonly unit: string } {
  const isUs = system === 'us'
  switch (size.kind) {
    case 'area':
      return isUs
        ? { count: valueIn(quantityOf(size.areaM2, 'm2'), 'ft2') / 1000, unit: '1000 ft²' }
        : { count: size.areaM2 / 100, unit: '100 m²' }
    case 'trunks':
      return { count: size.count, unit: 'tree' }
    case 'pots':
      return { count: size.count / 100, unit: '100 pots' }
    case 'solution':
      return isUs
        ? { count: valueIn(quantityOf(size.volumeL, 'L'), 'gal') / 100, unit: '100 gal' }
        : { count: size.volumeL / 1000, unit: '1000 L' }
  }
}

/** Money for a stand, by what the trade counts it in: "$4.76/1000 ft²". */
export function moneyPerUnit(
  spent: number,
  size: StandSize,
  by: { readonly currency: Currency; readonly system: UnitSystem },
): string {
  const { count, unit } = countOf(size, by.system)
  return `${money(spent / count, by.currency)}/${unit}`
}
