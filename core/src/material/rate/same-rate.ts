import { CoreError } from '../../base/error/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import { rateBases, type RateBasis } from './data/bases.ts'
import { rateOfProduct, type SaidRate } from './convert-rate.ts'
import type { RateFacts } from './facts.ts'

/** The units in which a place says each basis, the usual one first. */
const unitsOf: Readonly<Record<RateBasis, Readonly<Record<UnitSystem, readonly string[]>>>> = {
  'product-per-area': {
    us: ['oz/1000 ft2', 'lb/acre', 'fl oz/1000 ft2'],
    metric: ['kg/ha', 'g/m2', 'L/ha'],
  },
  'iron-per-area': { us: ['lb/acre'], metric: ['kg/ha'] },
  'product-per-trunk': { us: ['oz/in', 'tbsp/in'], metric: ['g/cm', 'mL/cm'] },
  'product-per-plant': { us: ['oz/plant', 'tbsp/plant'], metric: ['g/plant', 'mL/plant'] },
  'product-per-row': { us: ['oz/ft', 'tbsp/ft'], metric: ['g/m', 'mL/m'] },
  'product-per-medium': { us: ['oz/gal'], metric: ['g/L'] },
  'drench-strength': {
    us: ['oz/100 gal', 'tbsp/gal', 'fl oz/gal'],
    metric: ['g/10 L', 'mL/10 L'],
  },
  'spray-strength': { us: ['%'], metric: ['%'] },
  'product-in-solution': { us: ['oz/100 gal'], metric: ['mg/L'] },
  'iron-in-solution': { us: ['mg/L'], metric: ['mg/L'] },
}

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
    for (const [index, unit] of unitsOf[basis][system].entries()) {
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
