import fQuantile from '@stdlib/stats-base-dists-f-quantile'

/** Whether something happened, as far as is known: 0 it did not, 1 it did. */
export interface HappenedOnce {
  readonly happened: number
  /** How long ago [d]. */
  readonly age: number
}

export interface ChanceBefore {
  readonly mean: number
  /** As many times as that is worth. */
  readonly worth: number
  /** What was seen so long ago counts half as much [d]. */
  readonly halfLife: number
}

/** A chance with the interval that holds it nine times in ten. */
export interface HeldChance {
  readonly mean: number
  readonly low: number
  readonly high: number
}

/** What a place has taught of a chance, beside what was thought before. */
export interface LearntChance {
  readonly before: HeldChance
  readonly seen: { readonly happened: number; readonly count: number }
  readonly after: HeldChance
}

/** Bounds of a beta distribution, as those of F. */
function held(yes: number, no: number): HeldChance {
  const at = (share: number) => {
    const ratio = (yes / no) * fQuantile(share, 2 * yes, 2 * no)
    return ratio / (1 + ratio)
  }
  return { mean: yes / (yes + no), low: at(0.05), high: at(0.95) }
}

/**
 * Learns how often something happens from whether it did, drawn to what was thought before.
 * @param seen, before and what is returned: chances from 0 to 1 [1]
 * @source conjugate beta distribution; Gelman et al., Bayesian Data Analysis, ch. 2 (P)
 */
export function learnChance(seen: readonly HappenedOnce[], before: ChanceBefore): LearntChance {
  const { mean, worth, halfLife } = before
  let [yes, no] = [mean * worth, (1 - mean) * worth]
  const thought = held(yes, no)
  for (const { happened, age } of seen) {
    const weight = 2 ** (-Math.max(0, age) / halfLife)
    yes += weight * happened
    no += weight * (1 - happened)
  }
  return {
    before: thought,
    seen: {
      happened: seen.reduce((sum, { happened }) => sum + happened, 0),
      count: seen.length,
    },
    after: held(yes, no),
  }
}
