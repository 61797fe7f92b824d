import { CoreError } from '../../base/error/index.ts'
import { dimensionOf, parseUnit, quantityOf, valueIn } from '../../base/quantity/index.ts'
import { counted, rateBases, type Counted, type RateBasis } from './data/bases.ts'
import { amountCounted, knownContent, knownDensity, type RateFacts } from './facts.ts'

/** A rate as somebody says it; where the unit is a volume, the product is spooned or poured. */
export interface SaidRate {
  readonly basis: RateBasis
  readonly value: number
  /** As "oz/1000 ft2", "tbsp/in", "%" (w/v: 1 % is 10 g in a litre). */
  readonly unit: string
}

const percentPerKgPerL = 100

function wrongUnit(basis: RateBasis, unit: string): CoreError {
  const by = counted[rateBases[basis].by].unit
  return new CoreError('rate-unit-of-other-basis', {
    parameter: 'unit',
    values: { by, basis: rateBases[basis].label },
    received: unit,
  })
}

/** How a unit says a basis: as a share (w/v), by weight or by volume. */
function formOf(basis: RateBasis, unit: string): 'share' | 'mass' | 'volume' {
  const dimension = dimensionOf(parseUnit(unit))
  const { by } = rateBases[basis]
  if (dimension === 'share' && by === 'carrier') return 'share'
  const [over, per] = dimension.split('/')
  const perOf: Readonly<Record<Counted, string>> = {
    area: 'area',
    trunk: 'length',
    plant: 'count',
    row: 'length',
    medium: 'volume',
    carrier: 'volume',
    solution: 'volume',
  }
  if (per !== perOf[by] || (over !== 'mass' && over !== 'volume')) throw wrongUnit(basis, unit)
  return over
}

/** Product that one unit of a rate puts out over everything it counts by [kg per unit]. */
function kgPerUnit({ basis, unit }: Omit<SaidRate, 'value'>, facts: RateFacts): number {
  const { by, measured } = rateBases[basis]
  const form = formOf(basis, unit)
  const amount = amountCounted(facts, by)
  const one = quantityOf(1, unit)
  const perCounted =
    form === 'share'
      ? valueIn(one, '%') / percentPerKgPerL
      : form === 'mass'
        ? valueIn(one, `kg/${counted[by].unit}`)
        : valueIn(one, `L/${counted[by].unit}`) * knownDensity(facts)
  const share = measured === 'nutrient' ? knownContent(facts) : 1
  return (perCounted * amount) / share
}

/**
 * Product that a rate puts out over a whole stand [kg].
 * @throws {CoreError} not-applicable, saying what has to be known first; unit-mismatch
 * @source definition
 */
export const productOfRate = (rate: SaidRate, facts: RateFacts): number =>
  rate.value * kgPerUnit(rate, facts)

/**
 * The rate, in a basis and unit, at which an amount of product goes onto a stand.
 * @param productKg product for the whole stand [kg]
 * @throws {CoreError} as {@link productOfRate}
 * @source definition
 */
export const rateOfProduct = (
  productKg: number,
  wanted: Omit<SaidRate, 'value'>,
  facts: RateFacts,
): SaidRate => ({ ...wanted, value: productKg / kgPerUnit(wanted, facts) })

/**
 * A rate said in another basis and unit.
 * @throws {CoreError} not-applicable where a fact that joins the two is missing; unit-mismatch
 * @source definition
 */
export const convertRate = (
  rate: SaidRate,
  wanted: Omit<SaidRate, 'value'>,
  facts: RateFacts,
): SaidRate => rateOfProduct(productOfRate(rate, facts), wanted, facts)
