import { CoreError } from '../../base/error/index.ts'
import { dimensionOf, parseUnit } from '../../base/quantity/index.ts'
import type { RateBasis } from './data/bases.ts'
import { productOfRate, rateOfProduct } from './convert-rate.ts'
import type { RateFacts } from './facts.ts'

/** The most that a label allows at once, as it says it. */
export interface LabelMaximum {
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

/** The bases a maximum can be meant in, by what its unit is. */
function basesOf(unit: string): readonly RateBasis[] {
  const dimension = dimensionOf(parseUnit(unit))
  if (dimension === 'share') return ['spray-strength']
  switch (dimension.split('/')[1]) {
    case 'area':
      return ['product-per-area']
    case 'length':
      return ['product-per-trunk', 'product-per-row']
    case 'count':
      return ['product-per-plant']
    case 'volume':
      return ['product-in-solution', 'drench-strength', 'product-per-medium']
    default:
      return []
  }
}

/**
 * Compares what is to go onto a stand at once with the maximum of the label, by whatever that counts.
 * @param productKg product for the whole stand [kg]
 */
export function labelStanding(
  maximum: LabelMaximum | undefined,
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
