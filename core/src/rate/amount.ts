import { CoreError, requireInRange } from '../error/index.ts'
import type { StandSize } from '../plant/index.ts'
import { formatNumber, parseUnit, quantityOf, valueIn } from '../quantity/index.ts'
import type { Derivation, DerivationInput } from '../reference/index.ts'
import { rateBases, type Rate } from './data/rates.ts'

/** What an amount is worked out from. */
export interface AmountInput {
  readonly rate: Rate
  /** The rate taken, in the unit of the rate. */
  readonly rateValue: number
  /** The water taken, in the unit of the carrier; not used for a solution. */
  readonly carrierValue?: number
  readonly size: StandSize
  /** Its nutrient in the product by mass, over 0 to 0.8 [1]. */
  readonly contentShare: number
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

type SizeOf<Kind extends StandSize['kind']> = Extract<StandSize, { kind: Kind }>

function sizeAs<Kind extends StandSize['kind']>(size: StandSize, kind: Kind): SizeOf<Kind> {
  if (size.kind !== kind) {
    throw new CoreError('not-applicable', {
      parameter: 'size',
      expected: `a size by ${kind} for this rate`,
      received: size.kind,
    })
  }
  return size as SizeOf<Kind>
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

/** Water for the whole stand [L], by what the carrier counts by: area, plants or pot volume. */
function carrierLitres({ rate, carrierValue, size }: AmountInput): number {
  if (!rate.carrier || carrierValue === undefined) return 0
  requireInRange('carrierValue', carrierValue, { min: 1e-6, max: 1e6, unit: rate.carrier.unit })
  const carrier = quantityOf(carrierValue, rate.carrier.unit)
  const per = parseUnit(rate.carrier.unit).per?.unit.dimension
  if (per === 'area') return valueIn(carrier, 'L/m2') * sizeAs(size, 'area').areaM2
  if (per === 'count') {
    const { count } = size.kind === 'pots' ? size : sizeAs(size, 'trunks')
    return valueIn(carrier, 'L/piece') * count
  }
  const pots = sizeAs(size, 'pots')
  return valueIn(carrier, '%') * 0.01 * pots.potL * pots.count
}

interface Reckoned {
  readonly productKg: number
  readonly formula: string
}

function reckon(input: AmountInput, carrierL: number): Reckoned {
  const { rate, rateValue, size, contentShare } = input
  const taken = quantityOf(rateValue, rate.unit)
  switch (rate.basis) {
    case 'product-per-area':
      return {
        productKg: valueIn(taken, 'kg/m2') * sizeAs(size, 'area').areaM2,
        formula: 'product = rate × area',
      }
    case 'iron-per-area':
      return {
        productKg: (valueIn(taken, 'kg/m2') * sizeAs(size, 'area').areaM2) / contentShare,
        formula: 'product = iron rate × area ÷ iron in the product',
      }
    case 'product-per-trunk': {
      const trunks = sizeAs(size, 'trunks')
      return {
        productKg: valueIn(taken, 'kg/m') * trunks.diameterM * trunks.count,
        formula: 'product = rate × trunk diameter × trees',
      }
    }
    case 'drench-strength':
      return {
        productKg: valueIn(taken, 'kg/L') * carrierL,
        formula: 'drench = share of pot volume × pot × pots; product = strength × drench',
      }
    case 'spray-strength':
      // Percent of a spray is by the trade weight over volume: 2 % is 20 g in a litre.
      return {
        productKg: valueIn(taken, '%') * 0.01 * carrierL,
        formula: 'spray = water rate × size; product = strength (w/v, 1 % = 10 g/L) × spray',
      }
    case 'product-in-solution':
      return {
        productKg: valueIn(taken, 'kg/L') * sizeAs(size, 'solution').volumeL,
        formula: 'product = rate × volume',
      }
    case 'iron-in-solution': {
      const present = input.presentIronMgPerL ?? 0
      const missing = valueIn(taken, 'mg/L') - present
      return {
        productKg: (Math.max(0, missing) * 1e-6 * sizeAs(size, 'solution').volumeL) / contentShare,
        formula: 'product = (wanted − present) × volume ÷ iron in the product',
      }
    }
  }
}

/**
 * Amount of product for a whole stand at a rate.
 * @returns product and nutrient [kg], carrier water [L], and how it was got
 * @throws {CoreError} out-of-range, not-a-number, not-applicable (a rate that does not suit the size)
 * @source definition; the rate carries its own source
 */
export function amountFor(input: AmountInput): Amount {
  const { rate, rateValue, contentShare, size } = input
  requireInRange('contentShare', contentShare, { min: 1e-4, max: 0.8 })
  requireInRange('rateValue', rateValue, { min: 1e-9, max: 1e6, unit: rate.unit })
  if (input.presentIronMgPerL !== undefined) {
    requireInRange('presentIronMgPerL', input.presentIronMgPerL, {
      min: 0,
      max: 1000,
      unit: 'mg/L',
    })
  }
  const carrierL = carrierLitres(input)
  const { productKg, formula } = reckon(input, carrierL)
  const inputs: DerivationInput[] = [
    { label: rateBases[rate.basis].label, value: `${formatNumber(rateValue)} ${rate.unit}` },
    sizeWords(size),
    {
      label: `${input.nutrientWord ?? 'iron'} in the product`,
      value: `${formatNumber(contentShare * 100)} %`,
    },
  ]
  if (rate.carrier && input.carrierValue !== undefined) {
    inputs.push({
      label: 'water',
      value: `${formatNumber(input.carrierValue)} ${rate.carrier.unit}`,
    })
  }
  if (rate.basis === 'iron-in-solution') {
    inputs.push({
      label: 'iron present',
      value: `${formatNumber(input.presentIronMgPerL ?? 0)} mg/L`,
    })
  }
  return {
    productKg,
    nutrientKg: productKg * contentShare,
    carrierL,
    derivation: {
      figure: 'Product for the whole stand',
      formula,
      inputs,
      result: `${formatNumber(productKg * 1000, 4)} g`,
      source: rate.source,
      mark: rate.mark,
    },
  }
}
