import { CoreError } from '../../base/error/index.ts'
import { dimensionOf, parseUnit } from '../../base/quantity/index.ts'
import { isNone } from '../../base/reference/index.ts'
import { rateBases, type RateBasis } from './data/bases.ts'
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
