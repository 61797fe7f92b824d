import { formatNumber } from '../../base/writing/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import { strength } from '../../base/quantity/index.ts'
import { isNone, type Derivation, type Sourced } from '../../base/reference/index.ts'
import { findSource, type SourceId } from '../../material/source/index.ts'

/**
 * What "1:100" means: stock is a hundredth of what comes out, or a part goes into a hundred parts.
 * The two differ by one part in a hundred.
 */
export const ratioReadings = {
  of: 'one part in 100 parts of feed',
  into: 'one part into 100 parts of water',
} as const
export type RatioReading = keyof typeof ratioReadings

/** Times that stock is stronger than the feed it makes. */
const stockFactor = (ratio: number, reading: RatioReading): number =>
  requireInRange('ratio', ratio, { min: 2, max: 2000 }) + (reading === 'into' ? 1 : 0)

export interface StockInput {
  /** Wanted in the feed [mg/L of nutrient]. */
  readonly wantedMgPerL: number
  /** Nutrient in the product by mass, over 0 to 0.8 [1]. */
  readonly contentShare: number
  readonly ratio: number
  readonly reading: RatioReading
  readonly stockL: number
}

/** Stock for an injector. */
export interface Stock {
  readonly productKg: number
  /** Of product in the stock [g/L]. */
  readonly strengthGPerL: number
  /** Feed that the stock makes [L]. */
  readonly feedL: number
  readonly derivation: Derivation
}

/**
 * Product for a stock that an injector thins.
 * @throws {CoreError} out-of-range, not-a-number
 * @source definition
 */
export function stockFor(input: StockInput): Stock {
  const { wantedMgPerL, contentShare, ratio, reading, stockL } = input
  requireInRange('wanted', wantedMgPerL, { min: 0.01, max: 1000, unit: 'mg/L' })
  requireInRange('contentShare', contentShare, { min: 1e-4, max: 0.8 })
  requireInRange('stock', stockL, { min: 0.1, max: 1e5, unit: 'L' })
  const factor = stockFactor(ratio, reading)
  const strengthGPerL = (wantedMgPerL * factor) / contentShare / 1000
  const productKg = (strengthGPerL * stockL) / 1000
  return {
    productKg,
    strengthGPerL,
    feedL: stockL * factor,
    derivation: {
      figure: 'Product for the stock',
      formula: 'product = wanted × times stronger × stock ÷ nutrient in the product',
      inputs: [
        { label: 'wanted in the feed', value: `${formatNumber(wantedMgPerL)} mg/L` },
        {
          label: 'times stronger',
          value: `${factor} (${ratioReadings[reading].replaceAll('100', String(ratio))})`,
        },
        { label: 'stock', value: `${formatNumber(stockL)} L` },
        { label: 'nutrient in the product', value: strength(contentShare) },
      ],
      result: `${formatNumber(productKg * 1000, 4)} g`,
      source: 'definition',
      mark: 'D',
    },
  }
}

/** Something too strong to dissolve. */
export interface TooStrong extends Sourced {
  readonly mostGPerL: number
}

/**
 * Whether a product dissolves at a strength.
 * @param gPerL product in the water [g/L]
 * @throws {CoreError} unknown-name for a source that the catalogue has not
 * @returns undefined where it does, or where nobody states a limit
 */
export function tooStrong(sourceId: SourceId, gPerL: number): TooStrong | undefined {
  const { solubility } = findSource(sourceId)
  if (isNone(solubility) || gPerL <= solubility.gPerL) return undefined
  return { mostGPerL: solubility.gPerL, source: solubility.source, mark: solubility.mark }
}

/** Acid in the stock of an injector. */
export interface AcidStock {
  /** In the units of what was asked: litres of a liquid, kilograms of a powder. */
  readonly acid: number
  readonly feedL: number
  /** Acid by volume of the stock, or kilograms a litre [1]. */
  readonly strength: number
}

/**
 * Acid for a stock that an injector thins.
 * @param acidPerL acid that a litre of feed wants [L/L or kg/L]
 * @throws {CoreError} out-of-range, not-a-number; also where the stock would be stronger than the acid
 * @source definition
 */
export function acidStockFor(
  acidPerL: number,
  { ratio, reading, stockL }: Pick<StockInput, 'ratio' | 'reading' | 'stockL'>,
): AcidStock {
  requireInRange('stock', stockL, { min: 0.1, max: 1e5, unit: 'L' })
  const factor = stockFactor(ratio, reading)
  const strength = requireInRange('strength of the stock', acidPerL * factor, { min: 0, max: 0.5 })
  return { acid: strength * stockL, feedL: stockL * factor, strength }
}
