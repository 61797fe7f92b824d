import { CoreError } from '../../base/error/index.ts'
import { dimensionOf, parseQuantity, unitText, type Quantity } from '../../base/quantity/index.ts'
import { rateBases, type Counted, type RateBasis } from './data/bases.ts'
import { convertRate, type SaidRate } from './convert-rate.ts'
import type { RateFacts } from './facts.ts'

/** Which of product or nutrient is meant may be said: "1 lb Fe/acre", "5 oz product/100 gal"; mg is no magnesium. */
const nutrientWords = /\b(?:Fe|Mn|Zn|Mg|[Ii]ron|[Mm]anganese|[Zz]inc|[Mm]agnesium)\b/
const productWord = /\bproduct\b/i

/** What a unit counts by, as far as the unit and the row of the table tell. */
function countedBy(per: string | undefined, row: RateBasis, facts: RateFacts): Counted | undefined {
  const { by } = rateBases[row]
  switch (per) {
    case 'area':
      return 'area'
    case 'count':
      return 'plant'
    case 'length':
      if (by === 'row' || by === 'trunk') return by
      return facts.amounts.trunk === undefined ? 'row' : 'trunk'
    case 'volume':
      return by === 'solution' || by === 'medium' ? by : 'carrier'
    case undefined:
      return 'carrier'
    default:
      return undefined
  }
}

const basisFor = (measured: 'product' | 'nutrient', by: Counted): RateBasis | undefined =>
  (Object.keys(rateBases) as RateBasis[]).find(
    (basis) => rateBases[basis].measured === measured && rateBases[basis].by === by,
  )

const scoopPattern = /^(?<count>.*?)\s*scoops?\b(?<rest>.*)$/i

/** A quantity as typed; scoops are weighed by what one of them was found to weigh. */
function typedQuantity(text: string, { scoopKg }: RateFacts): Quantity {
  const { count, rest } = scoopPattern.exec(text)?.groups ?? {}
  if (count === undefined || rest === undefined) return parseQuantity(text)
  if (scoopKg === undefined) {
    throw new CoreError('scoop-missing', {
      parameter: 'scoopKg',
      received: text,
    })
  }
  const scoops = parseQuantity(`${count} kg${rest}`)
  return { ...scoops, value: scoops.value * scoopKg }
}

/**
 * Reads a rate in whatever way it is typed, and says it in the unit of a row of the table.
 * @param row basis and unit of the row
 * @returns [unit of the row]
 * @throws {CoreError} quantity-unreadable, unit-*; not-applicable, saying what has to be known first
 */
export function readRate(text: string, row: Omit<SaidRate, 'value'>, facts: RateFacts): number {
  const isNutrient = nutrientWords.test(text)
  const isProduct = productWord.test(text)
  const plain = text
    // In turf "per M" is per 1,000 square feet; a metre is a small m.
    .replace(/(\b(?:oz|lbs?|gal)\s*)\/\s*M\b/, '$1/1000 ft2')
    .replace(/(\b(?:oz|lbs?|gal)\s+)per\s+M\b/, '$1/1000 ft2')
    .replace(nutrientWords, ' ')
    .replace(productWord, ' ')
    .replace(/\s+\//g, '/')
    .trim()
  const typed = typedQuantity(plain, facts)
  const unit = unitText(typed.unit)
  const dimension = dimensionOf(typed.unit)
  const [over, per] = dimension.split('/')
  const by = countedBy(per, row.basis, facts)
  const isRate = (over === 'mass' || over === 'volume') && per !== undefined
  if (!by || !(isRate || dimension === 'share')) {
    throw new CoreError('rate-unreadable', {
      parameter: 'rate',
      values: { unit: row.unit },
      received: text.trim(),
    })
  }
  const own = rateBases[row.basis]
  const measured = isNutrient ? 'nutrient' : isProduct || own.by !== by ? 'product' : own.measured
  const basis = own.by === by && own.measured === measured ? row.basis : basisFor(measured, by)
  if (!basis) {
    throw new CoreError('rate-not-of-product', {
      parameter: 'rate',
      values: { unit: row.unit, measured },
      received: text.trim(),
    })
  }
  const said: SaidRate = { basis, value: typed.value, unit }
  // A solution is brought to a strength: what is added and what is wanted are two things.
  if (rateBases[row.basis].countsPresent && basis !== row.basis) {
    throw new CoreError('rate-not-of-solution', {
      parameter: 'rate',
      received: text.trim(),
    })
  }
  return convertRate(said, row, facts).value
}
