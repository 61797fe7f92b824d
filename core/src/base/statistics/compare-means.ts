import rangeCdf from '@stdlib/stats-base-dists-studentized-range-cdf'
import rangeQuantile from '@stdlib/stats-base-dists-studentized-range-quantile'
import tQuantile from '@stdlib/stats-base-dists-t-quantile'

export interface GroupMean {
  readonly group: string
  readonly mean: number
  readonly count: number
}

/** The error that means are compared by. */
export interface ErrorOfMeans {
  readonly meanSquare: number
  readonly degreesOfFreedom: number
}

export interface MeanDifference {
  readonly groups: readonly [string, string]
  readonly difference: number
  /** Difference that is significant for this pair alone, and among all pairs. */
  readonly leastSignificant: number
  readonly honestlySignificant: number
  /** Chance of so large a difference among as many groups that are all alike. */
  readonly p: number
}

const risk = 0.05

const knownRanges = new Map<string, number>()
/** Upper end of the studentised range; a tenth of a second's work, so it is kept. */
function rangeOf(groups: number, degreesOfFreedom: number): number {
  const key = `${groups}:${degreesOfFreedom}`
  const known = knownRanges.get(key) ?? rangeQuantile(1 - risk, groups, degreesOfFreedom)
  knownRanges.set(key, known)
  return known
}

/** Deviation of the difference of two means. */
const differenceDeviation = ({ meanSquare }: ErrorOfMeans, a: GroupMean, b: GroupMean): number =>
  Math.sqrt(meanSquare * (1 / a.count + 1 / b.count))

/**
 * Every pair of means: least significant difference (Fisher) and honestly significant difference
 * (Tukey; Kramer where groups differ in size), at 5 in 100.
 */
export function comparePairs(
  means: readonly GroupMean[],
  error: ErrorOfMeans,
): readonly MeanDifference[] {
  const { degreesOfFreedom } = error
  if (!(degreesOfFreedom > 0)) return []
  const t = tQuantile(1 - risk / 2, degreesOfFreedom)
  const q = rangeOf(means.length, degreesOfFreedom)
  return means.flatMap((a, index) =>
    means.slice(index + 1).map((b) => {
      const deviation = differenceDeviation(error, a, b)
      const difference = a.mean - b.mean
      const studentised = (Math.abs(difference) / deviation) * Math.SQRT2
      return {
        groups: [a.group, b.group] as const,
        difference,
        leastSignificant: t * deviation,
        honestlySignificant: (q * deviation) / Math.SQRT2,
        p: deviation > 0 ? 1 - rangeCdf(studentised, means.length, degreesOfFreedom) : NaN,
      }
    }),
  )
}

/**
 * Letters beside means: two that share a letter do not differ by Tukey's test.
 * @returns letters by group, the highest mean with "a"
 * @source insert and absorb, Piepho 2004, J. Comput. Graph. Stat. 13:456 (M)
 */
export function lettersOf(
  means: readonly GroupMean[],
  pairs: readonly MeanDifference[],
): ReadonlyMap<string, string> {
  const order = means.toSorted((a, b) => b.mean - a.mean).map(({ group }) => group)
  let columns: string[][] = [order]
  for (const { groups, difference, honestlySignificant } of pairs) {
    if (Math.abs(difference) <= honestlySignificant) continue
    const [one, other] = groups
    const split = columns.flatMap((column) =>
      column.includes(one) && column.includes(other)
        ? [column.filter((each) => each !== one), column.filter((each) => each !== other)]
        : [column],
    )
    columns = split.filter(
      (column, index) =>
        !split.some(
          (wider, at) =>
            at !== index &&
            column.every((each) => wider.includes(each)) &&
            (wider.length > column.length || at < index),
        ),
    )
  }
  const first = (column: readonly string[]) => order.findIndex((each) => column.includes(each))
  const sorted = columns.toSorted((a, b) => first(a) - first(b))
  return new Map(
    order.map((group) => [
      group,
      sorted
        .map((column, index) => (column.includes(group) ? String.fromCharCode(97 + index) : ''))
        .join(''),
    ]),
  )
}
