import fQuantile from '@stdlib/stats-base-dists-f-quantile'
import type { LearntGroup, LearntMean } from './learnt-mean.ts'
import type { Estimate } from './mixed-model.ts'

/** Something that was seen once: by how much a figure differed from what was expected of it. */
export interface SeenOnce {
  /** What belongs together: the stand on which it was seen. */
  readonly group: string
  readonly value: number
  /** One deviation of the value, as far as it is known by how it was measured. */
  readonly deviation: number
  /** How long ago [d]. */
  readonly age: number
}

/** What is thought before anything was seen, in the unit of the values. */
export interface ThoughtBefore extends Estimate {
  /** About how far groups differ, and single times within a group, one deviation each. */
  readonly groupScale: number
  readonly timeScale: number
  /** How surely that is known, in times it was seen: 1 is half a bell, which may be hardly anything. */
  readonly scalesWorth: number
  /** What was seen so long ago counts half as much [d]. */
  readonly halfLife: number
}

const steps = 12
const endless = 1e7
/** Scales that are tried, each as likely before as the next: their mean square is one (χ² over its freedom). */
const triedOf = (worth: number): number[] =>
  Array.from({ length: steps }, (_, step) =>
    Math.sqrt(fQuantile((step + 0.5) / steps, worth, endless)),
  )

interface Sum {
  readonly group: string
  readonly weight: number
  readonly mean: number
}
interface Solved {
  readonly weight: number
  readonly between: number
  readonly within: number
  readonly middle: Estimate
  readonly sums: ReadonlyMap<string, Sum>
}

/** How much of what was seen still counts [1]. */
const countsOf = ({ age }: SeenOnce, halfLife: number): number =>
  2 ** (-Math.max(0, age) / halfLife)

/** Variance of what was seen: by its own doubt, from time to time, and the more the older it is. */
const varianceOf = (each: SeenOnce, within: number, halfLife: number): number =>
  (each.deviation ** 2 + within ** 2) / countsOf(each, halfLife)

function solve(
  seen: readonly SeenOnce[],
  { mean, deviation, halfLife }: ThoughtBefore,
  { between, within }: { readonly between: number; readonly within: number },
): Omit<Solved, 'weight'> & { readonly logWeight: number } {
  const sums = new Map<string, { group: string; weight: number; mean: number }>()
  let logWeight = 0
  for (const each of seen) {
    const variance = varianceOf(each, within, halfLife)
    const sum = sums.get(each.group) ?? { group: each.group, weight: 0, mean: 0 }
    const weight = sum.weight + 1 / variance
    // Each value beside the mean of those of its group that came before it.
    const spread = sum.weight > 0 ? variance + 1 / sum.weight : 0
    if (spread > 0) logWeight -= (Math.log(spread) + (each.value - sum.mean) ** 2 / spread) / 2
    // That it counts for less is not that it strayed further: else the scales would come out small.
    const forgotten = 1 - countsOf(each, halfLife)
    logWeight += (forgotten * Math.log(each.deviation ** 2 + within ** 2)) / 2
    sums.set(each.group, {
      group: each.group,
      weight,
      mean: sum.mean + (each.value - sum.mean) / variance / weight,
    })
  }
  let [precision, middle] = [1 / deviation ** 2, mean]
  for (const sum of sums.values()) {
    const own = between ** 2 + 1 / sum.weight
    const spread = own + 1 / precision
    logWeight -= (Math.log(spread) + (sum.mean - middle) ** 2 / spread) / 2
    const next = precision + 1 / own
    middle += (sum.mean - middle) / own / next
    precision = next
  }
  return {
    between,
    within,
    middle: { mean: middle, deviation: Math.sqrt(1 / precision) },
    sums,
    logWeight,
  }
}

/** What is thought of one group, or of any that was never seen, where all scales are given. */
function groupIn({ middle, sums, between }: Solved, group: string | undefined): Estimate {
  const sum = group === undefined ? undefined : sums.get(group)
  if (!sum) return { mean: middle.mean, deviation: Math.hypot(middle.deviation, between) }
  // The middle without this group's own word, then its word added.
  const own = between ** 2 + 1 / sum.weight
  const otherPrecision = 1 / middle.deviation ** 2 - 1 / own
  const otherMean = (middle.mean / middle.deviation ** 2 - sum.mean / own) / otherPrecision
  const before = between ** 2 + 1 / otherPrecision
  const precision = 1 / before + sum.weight
  return {
    mean: (otherMean / before + sum.mean * sum.weight) / precision,
    deviation: Math.sqrt(1 / precision),
  }
}

function mixed(solved: readonly Solved[], of: (each: Solved) => Estimate): Estimate {
  const all = solved.map((each) => ({ weight: each.weight, ...of(each) }))
  const mean = all.reduce((sum, each) => sum + each.weight * each.mean, 0)
  const variance = all.reduce(
    (sum, each) => sum + each.weight * (each.deviation ** 2 + (each.mean - mean) ** 2),
    0,
  )
  return { mean, deviation: Math.sqrt(variance) }
}

function bySelf(seen: readonly SeenOnce[], halfLife: number): LearntMean['seen'] {
  if (seen.length === 0) return undefined
  const weights = seen.map((each) => 1 / varianceOf(each, 0, halfLife))
  const sum = weights.reduce((total, weight) => total + weight, 0)
  const mean = seen.reduce((total, { value }, at) => total + value * (weights[at] ?? 0), 0) / sum
  return { mean, deviation: Math.sqrt(1 / sum), count: seen.length }
}

/**
 * Learns a figure of a place from what was seen there, drawn to what was thought before as far as that is
 * surer: a bell for the figure, one for groups about it, one for single times about their group. How wide
 * the latter two are is not known but weighed. Old times count less and less.
 * @param seen, before [unit of the figure]
 * @returns [unit of the figure]
 * @source a hierarchical normal model, Gelman et al., Bayesian Data Analysis, ch. 5 (P)
 */
export function learnMean(seen: readonly SeenOnce[], before: ThoughtBefore): LearntMean {
  const tried = triedOf(before.scalesWorth)
  const all = tried.flatMap((group) =>
    tried.map((time) =>
      solve(seen, before, {
        between: group * before.groupScale,
        within: time * before.timeScale,
      }),
    ),
  )
  const most = Math.max(...all.map(({ logWeight }) => logWeight))
  const raw = all.map(({ logWeight }) => Math.exp(logWeight - most))
  const sum = raw.reduce((total, each) => total + each, 0)
  const solved = all.map((each, at): Solved => ({ ...each, weight: (raw[at] ?? 0) / sum }))
  const learntIn = (group: string | undefined): LearntGroup => ({
    own: mixed(solved, (each) => groupIn(each, group)),
    next: mixed(solved, (each) => {
      const { mean, deviation } = groupIn(each, group)
      return { mean, deviation: Math.hypot(deviation, each.within) }
    }),
  })
  const groups = new Set(seen.map(({ group }) => group))
  return {
    before: { mean: before.mean, deviation: before.deviation },
    seen: bySelf(seen, before.halfLife),
    after: mixed(solved, ({ middle }) => middle),
    groups: new Map([...groups].map((group) => [group, learntIn(group)])),
    others: learntIn(undefined),
  }
}
