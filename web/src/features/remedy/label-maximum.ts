import { dimensionOf, parseUnit, quantityOf, valueIn } from '@spudder/core/quantity'
import type { LabelMaximum } from '@spudder/core/shelf'

/**
 * Whether a rate goes beyond what a label allows; not where the two count by different things, which
 * nobody can compare without more.
 */
export function isOver(
  maximum: LabelMaximum | undefined,
  rateValue: number | undefined,
  rateUnit: string,
): boolean {
  if (!maximum || rateValue === undefined) return false
  const most = quantityOf(maximum.value, maximum.unit)
  if (dimensionOf(most.unit) !== dimensionOf(parseUnit(rateUnit))) return false
  // Rounding of a rate that was converted from the label's own unit is no breach of it.
  return rateValue > valueIn(most, rateUnit) * 1.0001
}
