import { CoreError } from '../../base/error/index.ts'
import { dimensionOf, parseUnit, quantityOf, valueIn } from '../../base/quantity/index.ts'
import { typedNumber } from '../../base/writing/index.ts'
import { isNone } from '../../base/reference/index.ts'
import { rateBases, type RateBasis } from './data/bases.ts'
import { productOfRate, rateOfProduct } from './convert-rate.ts'
import type { RateFacts } from './facts.ts'

/** A figure of a label, as it says it: the rate that it tells to use, or the most that it allows. */
export interface LabelFigure {
  readonly value: number
  /** As "oz/1000 ft2", "kg/ha", "%", "oz/in". */
  readonly unit: string
}

/** How an amount stands to the maximum of a label; what cannot be compared may not go out. */
export type LabelStanding =
  | { readonly kind: 'none' }
  | { readonly kind: 'within'; readonly mostKg: number }
  | { readonly kind: 'over'; readonly mostKg: number; readonly wouldBe: number }
  | { readonly kind: 'unknown'; readonly missing: string }

/** Binary fractions, no more: a breach by a thousandth is a breach. */
const rounding = 1e-9

/** The bases a maximum can be meant in, by what its unit counts by, in the order they are tried. */
function basesOf(unit: string): readonly RateBasis[] {
  const per = (dimension: string) => dimension.split('/')[1] ?? dimension
  const dimension = dimensionOf(parseUnit(unit))
  return (Object.keys(rateBases) as RateBasis[])
    .flatMap((basis) => {
      const { asMaximum, dimension: own } = rateBases[basis]
      return isNone(asMaximum) || per(own) !== per(dimension) ? [] : [{ basis, asMaximum }]
    })
    .toSorted((a, b) => a.asMaximum - b.asMaximum)
    .map(({ basis }) => basis)
}

/**
 * Compares what is to go onto a stand at once with the maximum of the label, by whatever that counts.
 * @param productKg product for the whole stand [kg]
 */
export function labelStanding(
  maximum: LabelFigure | undefined,
  productKg: number,
  facts: RateFacts,
): LabelStanding {
  if (!maximum) return { kind: 'none' }
  let missing: string | undefined
  for (const basis of basesOf(maximum.unit)) {
    try {
      const mostKg = productOfRate({ basis, ...maximum }, facts)
      if (productKg <= mostKg * (1 + rounding)) return { kind: 'within', mostKg }
      const { value } = rateOfProduct(productKg, { basis, unit: maximum.unit }, facts)
      return { kind: 'over', mostKg, wouldBe: value }
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      missing ??= error.expected
    }
  }
  return {
    kind: 'unknown',
    missing: missing ?? 'a label maximum by area, trunk, plant, length, water or solution',
  }
}

/** What is said where the two figures of a label contradict each other. */
export const rateOverMaximum =
  'Rate on the label: it is over the maximum of the same label. Read both again.'

/** Whether the rate that a label tells to use is over what the same label allows at once. */
export function isOverMaximum(rate: LabelFigure, maximum: LabelFigure): boolean {
  if (dimensionOf(parseUnit(rate.unit)) !== dimensionOf(parseUnit(maximum.unit))) return false
  const told = valueIn(quantityOf(rate.value, rate.unit), maximum.unit)
  return told > maximum.value * (1 + rounding)
}

/** A rate of a label as it is typed where product and nutrient are both said: "3 oz product/1000 ft2". */
export const labelRateText = ({ value, unit }: LabelFigure): string => {
  const [over = '', per] = unit.split('/')
  return per === undefined
    ? `${typedNumber(value)} ${unit}`
    : `${typedNumber(value)} ${over} product/${per}`
}
