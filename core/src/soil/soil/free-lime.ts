import { oddFizzBelowPH } from '../../seen/reading/index.ts'
import { formatDecimals } from '../../base/writing/index.ts'
import { requireInRange } from '../../base/error/index.ts'
import { tenthDeviation, type FigureRange } from '../../base/reference/index.ts'
import {
  fizzAcids,
  limeByFizz,
  limePresumption,
  usualFizzAcid,
  type Fizz,
  type FizzAcid,
} from './data/lime.ts'

/** Molar mass of calcium carbonate [g/mol]. */
const gramsPerMolLime = 100.087
/** Acid that a percent of free lime neutralises [mmol H⁺/kg]. */
export const acidPerLimePercent = (2 * 1e4) / gramsPerMolLime

export interface LimeFacts {
  readonly pH: number
  /** A measured content with one standard deviation [%]. */
  readonly measured?: { readonly percent: number; readonly doubt: number } | undefined
  readonly fizz?: Fizz | undefined
  /** What was dripped; vinegar where nobody says. */
  readonly fizzAcid?: FizzAcid | undefined
}

/** Free lime in the ground, 10 to 90 of 100 [%], and how it is known. */
export interface FreeLime extends FigureRange {
  readonly known: 'measured' | 'fizz' | 'assumed'
  readonly words: string
  /** What speaks against it, in a sentence that says what to do; absent: nothing. */
  readonly contradiction?: string
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
export function freeLime({ pH, measured, fizz, fizzAcid = usualFizzAcid }: LimeFacts): FreeLime {
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
  const presumed = presumptionOf(pH)
  if (fizz === 'none') {
    const { label, percent } = fizzAcids[fizzAcid]
    const high = Math.max(limePresumption.trace, percent * presumed)
    return {
      known: 'fizz',
      words:
        presumed === 0
          ? fizzWords.none
          : `${fizzWords.none}, though ${label} misses up to ${percent} %`,
      low: 0,
      usual: 0,
      high,
    }
  }
  if (fizz) {
    const { low, usual, high } = limeByFizz[fizz]
    const isOdd = fizz === 'strong' && pH < oddFizzBelowPH.value
    const contradiction = `A strong fizz at pH ${formatDecimals(pH, 1)} is odd: shell, mortar or fresh lime in the sample? Sample again.`
    return {
      known: 'fizz',
      words: fizzWords[fizz],
      low,
      usual,
      high,
      ...(isOdd ? { contradiction } : {}),
    }
  }
  const { usual, high, trace, nothingAt } = limePresumption
  return {
    known: 'assumed',
    words:
      presumed === 0
        ? `no free lime taken, as the pH lies at or below ${nothingAt}`
        : `nobody tried for lime: at pH ${formatDecimals(pH, 1)} there may be some`,
    low: 0,
    usual: usual * presumed,
    high: trace + (high - trace) * presumed,
  }
}

/** How far lime is to be presumed at a pH [0 to 1]: no cliff, a smooth rise. */
function presumptionOf(pH: number): number {
  const { nothingAt, likelyAt } = limePresumption
  const share = Math.min(1, Math.max(0, (pH - nothingAt) / (likelyAt - nothingAt)))
  return share * share * (3 - 2 * share)
}
