import { formatNumber } from '../../base/writing/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import type { Route, StandMeasures, StandSize } from '../../stand/plant/index.ts'
import { parseUnit, quantityOf, strength, valueIn } from '../../base/quantity/index.ts'
import type { Derivation, DerivationInput } from '../../base/reference/index.ts'
import { rateBases } from './data/bases.ts'
import type { Rate } from './rate.ts'
import { productOfRate } from './convert-rate.ts'
import { amountCounted, countedOf, type RateFacts } from './facts.ts'

/** What an amount is worked out from. */
export interface AmountInput {
  readonly rate: Rate
  /** The rate taken, in the unit of the rate. */
  readonly rateValue: number
  /** The water taken, in the unit of the carrier; not used for a solution. */
  readonly carrierValue?: number
  readonly size: StandSize
  /** What is known beside the size. */
  readonly measures?: StandMeasures
  /** Its nutrient in the product by mass, over 0 to 0.8 [1]. */
  readonly contentShare: number
  /** Needed where the rate counts by spoons or fluid ounces [kg/L]. */
  readonly densityKgPerL?: number
  /** The nutrient in a word; iron where nothing is said. */
  readonly nutrientWord?: string
  /** Iron already in the solution [mg/L]. */
  readonly presentIronMgPerL?: number
}

/** What to weigh out for the whole stand, and the water it goes out with. */
export interface Amount {
  readonly productKg: number
  readonly nutrientKg: number
  /** Water to carry it [L]; nothing for a solution, whose water is there already. */
  readonly carrierL: number
  readonly derivation: Derivation
}

function sizeWords(size: StandSize): DerivationInput {
  switch (size.kind) {
    case 'area':
      return { label: 'area', value: `${formatNumber(size.areaM2, 4)} m²` }
    case 'trunks':
      return {
        label: 'trunks',
        value: `${size.count} of ${formatNumber(size.diameterM * 100)} cm`,
      }
    case 'pots':
      return { label: 'pots', value: `${size.count} of ${formatNumber(size.potL)} L` }
    case 'solution':
      return { label: 'solution', value: `${formatNumber(size.volumeL, 4)} L` }
  }
}

/**
 * Water for the whole stand [L], by what the carrier counts by: area, trunks, plants or pot volume.
 * @throws {CoreError} out-of-range, not-applicable
 * @source definition
 */
export function carrierLitres({
  rate,
  carrierValue,
  size,
  measures,
}: Omit<AmountInput, 'rateValue'>): number {
  if (!rate.carrier || carrierValue === undefined) return 0
  requireInRange('carrierValue', carrierValue, { min: 1e-6, max: 1e6, unit: rate.carrier.unit })
  const facts = { amounts: countedOf(size, measures, rate.route) }
  const carrier = quantityOf(carrierValue, rate.carrier.unit)
  const per = parseUnit(rate.carrier.unit).per?.unit.dimension
  if (per === 'area') return valueIn(carrier, 'L/m2') * amountCounted(facts, 'area')
  if (per === 'length') return valueIn(carrier, 'L/m') * amountCounted(facts, 'trunk')
  if (per === 'count') return valueIn(carrier, 'L/piece') * amountCounted(facts, 'plant')
  return valueIn(carrier, '%') * 0.01 * amountCounted(facts, 'medium')
}

/**
 * The facts of a job whose water is known: what its rate can be said and compared in.
 * @param carrierL water that it goes out in, 0 for none [L]
 */
export function factsOfJob(
  input: Pick<AmountInput, 'size' | 'measures' | 'contentShare' | 'densityKgPerL'>,
  carrierL: number,
  route: Route,
): RateFacts {
  const { size, measures, contentShare, densityKgPerL } = input
  const amounts = countedOf(size, measures, route)
  return {
    amounts: carrierL > 0 ? { ...amounts, carrier: carrierL } : amounts,
    contentShare,
    ...(densityKgPerL === undefined ? {} : { densityKgPerL }),
  }
}

/** The unit in which what is present is taken off; other rates have nothing present. */
const presentUnit = ({ basis, unit }: Rate): string =>
  rateBases[basis].countsPresent ? unit : 'mg/L'

/**
 * Amount of product for a whole stand at a rate.
 * @returns product and nutrient [kg], carrier water [L], and how it was got
 * @throws {CoreError} out-of-range, not-a-number, not-applicable (a rate that does not suit the size)
 * @source definition; the rate carries its own source
 */
export function amountFor(input: AmountInput): Amount {
  const { rate, rateValue, contentShare, size, densityKgPerL } = input
  requireInRange('contentShare', contentShare, { min: 1e-4, max: 0.8 })
  requireInRange('rateValue', rateValue, { min: 1e-9, max: 1e6, unit: rate.unit })
  if (input.presentIronMgPerL !== undefined) {
    requireInRange('presentIronMgPerL', input.presentIronMgPerL, {
      min: 0,
      max: 1000,
      unit: 'mg/L',
    })
  }
  const { basis, unit } = rate
  const { by } = rateBases[basis]
  if (by !== 'carrier') amountCounted({ amounts: countedOf(size, input.measures, rate.route) }, by)
  const carrierL = carrierLitres(input)
  const facts = factsOfJob(input, carrierL, rate.route)
  // What the solution holds already need not be brought.
  const present = rateBases[basis].countsPresent ? (input.presentIronMgPerL ?? 0) : 0
  const value = Math.max(0, rateValue - valueIn(quantityOf(present, 'mg/L'), presentUnit(rate)))
  const productKg = productOfRate({ basis, value, unit }, facts)
  const inputs: DerivationInput[] = [
    { label: rateBases[rate.basis].label, value: `${formatNumber(rateValue)} ${rate.unit}` },
    sizeWords(size),
    {
      label: `${input.nutrientWord ?? 'iron'} in the product`,
      value: strength(contentShare),
    },
  ]
  if (rate.carrier && input.carrierValue !== undefined) {
    inputs.push({
      label: 'water',
      value: `${formatNumber(input.carrierValue)} ${rate.carrier.unit}`,
    })
  }
  if (rateBases[rate.basis].countsPresent) {
    inputs.push({
      label: 'iron present',
      value: `${formatNumber(input.presentIronMgPerL ?? 0)} mg/L`,
    })
  }
  if (densityKgPerL !== undefined && parseUnit(unit).over.dimension === 'volume') {
    inputs.push({ label: 'density', value: `${formatNumber(densityKgPerL)} kg/L` })
  }
  return {
    productKg,
    nutrientKg: productKg * contentShare,
    carrierL,
    derivation: {
      figure: 'Product for the whole stand',
      formula: rateBases[basis].formula,
      inputs,
      result: `${formatNumber(productKg * 1000, 4)} g`,
      source: rate.source,
      mark: rate.mark,
    },
  }
}
