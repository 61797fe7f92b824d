import { CoreError } from '../../base/error/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import { rateBases, type RateBasis } from './data/bases.ts'
import { rateOfProduct, type SaidRate } from './convert-rate.ts'
import type { RateFacts } from './facts.ts'

/** What cannot be said for want of a fact, and which. */
export interface UnsaidRate {
  readonly basis: RateBasis
  readonly missing: string
}

/** An amount in every way a place says rates, and why not in the others. */
export interface SameRate {
  readonly said: readonly SaidRate[]
  readonly unsaid: readonly UnsaidRate[]
}

/** A lawn never gets trunks, nor a loop: only what can still be counted or measured is missing. */
const canBeMeasured = (basis: RateBasis): boolean =>
  ['area', 'plant', 'row'].includes(rateBases[basis].by)

/**
 * The same amount of product in every basis that the facts allow.
 * @param productKg product for the whole stand [kg]
 */
export function sameRate(productKg: number, facts: RateFacts, system: UnitSystem): SameRate {
  const said: SaidRate[] = []
  const unsaid: UnsaidRate[] = []
  for (const basis of Object.keys(rateBases) as RateBasis[]) {
    for (const [index, unit] of rateBases[basis].saidIn[system].entries()) {
      try {
        said.push(rateOfProduct(productKg, { basis, unit }, facts))
      } catch (error) {
        if (!(error instanceof CoreError)) throw error
        if (index === 0 && canBeMeasured(basis)) unsaid.push({ basis, missing: error.expected })
      }
    }
  }
  return { said, unsaid }
}
