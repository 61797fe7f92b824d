import { formatDecimals } from '../../base/writing/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import { tenthDeviation, type FigureRange } from '../../base/reference/index.ts'
import { limeByFizz, limeUntested, limyFromPH, type Fizz } from './data/lime.ts'

/** Molar mass of calcium carbonate [g/mol]. */
const gramsPerMolLime = 100.087
/** Acid that a percent of free lime neutralises [mmol H⁺/kg]. */
export const acidPerLimePercent = (2 * 1e4) / gramsPerMolLime

export interface LimeFacts {
  readonly pH: number
  /** A measured content with one standard deviation [%]. */
  readonly measured?: { readonly percent: number; readonly doubt: number } | undefined
  readonly fizz?: Fizz | undefined
}

/** Free lime in the ground, 10 to 90 of 100 [%], and how it is known. */
export interface FreeLime extends FigureRange {
  readonly known: 'measured' | 'fizz' | 'assumed'
  readonly words: string
}

const fizzWords: Readonly<Record<Fizz, string>> = {
  none: 'no fizz with acid',
  slight: 'a slight fizz with acid',
  strong: 'a strong fizz with acid',
}

/**
 * How much free lime stands in the ground; measured before fizz before an assumption that is said.
 * @throws {CoreError} out-of-range, not-a-number
 */
export function freeLime({ pH, measured, fizz }: LimeFacts): FreeLime {
  if (measured) {
    const { percent, doubt } = measured
    requireInRange('free lime', percent, { min: 0, max: 95, unit: '%' })
    const spread = tenthDeviation * doubt
    return {
      known: 'measured',
      words: `${percent} % free lime, measured`,
      low: Math.max(0, percent - spread),
      usual: percent,
      high: percent + spread,
    }
  }
  if (fizz) {
    const { low, usual, high } = limeByFizz[fizz]
    return { known: 'fizz', words: fizzWords[fizz], low, usual, high }
  }
  const { low, usual, high } = limeUntested[pH >= limyFromPH ? 'above' : 'below']
  const words =
    pH >= limyFromPH
      ? `nobody tried for lime: at pH ${formatDecimals(pH, 1)} there may be some`
      : `no free lime taken, as the pH lies below ${limyFromPH}`
  return { known: 'assumed', words, low, usual, high }
}
