import betainc from '@stdlib/math-base-special-betainc'
import fQuantile from '@stdlib/stats-base-dists-f-quantile'
import { CoreError } from '../error/index.ts'

/** Chance that F stays below a value when there is a difference, of a given weight. */
function shiftedFCdf(f: number, df1: number, df2: number, weight: number): number {
  const x = (df1 * f) / (df1 * f + df2)
  let share = Math.exp(-weight / 2)
  let sum = 0
  // The weights of Poisson: beyond their mean by many deviations nothing is left.
  const end = Math.ceil(weight / 2 + 12 * Math.sqrt(weight / 2 + 1) + 20)
  for (let count = 0; count <= end; count++) {
    sum += share * betainc(x, df1 / 2 + count, df2 / 2)
    share *= weight / 2 / (count + 1)
  }
  return sum
}

export interface PowerQuestion {
  readonly treatments: number
  /** Difference between two treatments that would matter, the others between them. */
  readonly difference: number
  /** One deviation of a plot. */
  readonly plotDeviation: number
  /** Whether blocks take their share of the freedom. */
  readonly inBlocks: boolean
  readonly replicates: number
}

/** Share of tests that are wrongly called different. */
const risk = 0.05

/**
 * Chance that the analysis sees a difference, where two treatments are so far apart and the others
 * half-way: the hardest case.
 * @returns 0 to 1 [1]
 * @throws {CoreError} out-of-range for fewer than two treatments or replicates, or no deviation
 * @source F with a shifted mean; checked against Cohen, Statistical Power Analysis, 1988 (M)
 */
export function powerOf(question: PowerQuestion): number {
  const { treatments, difference, plotDeviation, inBlocks, replicates } = question
  if (!(treatments >= 2) || !(replicates >= 2) || !(plotDeviation > 0)) {
    throw new CoreError('power-unasked', {
      parameter: 'question',
      received: JSON.stringify({ treatments, replicates, plotDeviation }),
    })
  }
  const df1 = treatments - 1
  const df2 = inBlocks ? df1 * (replicates - 1) : treatments * (replicates - 1)
  const weight = (replicates * difference ** 2) / (2 * plotDeviation ** 2)
  return 1 - shiftedFCdf(fQuantile(1 - risk, df1, df2), df1, df2, weight)
}

/**
 * Fewest replicates that see the difference with a wanted chance.
 * @param wanted 0 to 1 [1]
 * @param most replicates that are tried [1]
 * @returns undefined where `most` do not see it
 * @throws {CoreError} out-of-range, as {@link powerOf}
 */
export function replicatesFor(
  question: Omit<PowerQuestion, 'replicates'>,
  wanted: number,
  most = 200,
): number | undefined {
  for (let replicates = 2; replicates <= most; replicates++) {
    if (powerOf({ ...question, replicates }) >= wanted) return replicates
  }
  return undefined
}
