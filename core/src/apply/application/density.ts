import { usualDensityOf } from '../../material/source/index.ts'
import type { ApplicationFacts } from './facts.ts'

/**
 * What a litre of a product weighs, as two facts that are not to be mixed: what somebody weighed or
 * its label says, and what its form usually weighs.
 */
export interface Density {
  readonly weighedKgPerL: number | undefined
  readonly usualKgPerL: number | undefined
}

/**
 * The density of what is applied: the spoon weighed for this, then the product's own.
 * @throws {CoreError} unknown-name
 */
export const densityOfProduct = ({ product, chosen }: ApplicationFacts): Density => ({
  weighedKgPerL: chosen.weighedKgPerL ?? product?.weighedKgPerL,
  usualKgPerL: usualDensityOf(chosen.sourceId),
})

/** What amounts are calculated by [kg/L]; a label is held to what was weighed alone. */
export const calculatedDensity = ({ weighedKgPerL, usualKgPerL }: Density): number | undefined =>
  weighedKgPerL ?? usualKgPerL
