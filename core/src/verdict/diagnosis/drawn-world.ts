import { randomLcg, randomNormal } from 'd3-random'
import { findingsAsked, type FindingName } from '../../seen/finding/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import { causesOf } from './causes.ts'
import type { Cause, LeafKind } from './data/cause.ts'
import { correlates, featureNames, isTest, type FeatureName } from './data/features.ts'
import { checks } from './data/checks.ts'
import { hypothesesOf, type Hypothesis } from './hypotheses.ts'
import { featureTable, type Setting } from './likelihood-table.ts'

/**
 * A world that is like our tables, but not as they say: every number in them is off by a factor of
 * its own. Cases drawn from it try the verdict where its tables are wrong, as they are bound to be.
 */
export class DrawnWorld {
  readonly setting: Setting
  readonly hypotheses: readonly Hypothesis[]
  readonly #random: () => number
  readonly #priors: readonly number[]
  readonly #factors = new Map<FeatureName, ReadonlyMap<Cause, readonly number[]>>()
  readonly #off: () => number

  /** @param offBy one standard deviation of the natural logarithm of the factors */
  constructor(context: Context, leaf: LeafKind, seed: number, offBy: number) {
    this.#random = randomLcg(seed)
    const bell = randomNormal.source(this.#random)(0, offBy)
    this.#off = () => Math.exp(bell())
    this.setting = { context, leaf, findings: {} }
    this.hypotheses = hypothesesOf(context)
    this.#priors = this.hypotheses.map(({ prior }) => prior * this.#off())
  }

  /** How far each cause is off in each value of a feature, in this world. */
  #factorsOf(name: FeatureName): ReadonlyMap<Cause, readonly number[]> {
    const known = this.#factors.get(name)
    if (known) return known
    const { values } = featureTable(name, this.setting)
    const factors = new Map(
      causesOf(this.setting.context).map((cause) => [cause, values.map(() => this.#off())]),
    )
    this.#factors.set(name, factors)
    return factors
  }

  /** How often a value is met under a hypothesis in this world, relative to its others. */
  #weight(name: FeatureName, column: number, index: number): number {
    const causes = this.hypotheses[column]?.causes ?? []
    const factors = this.#factorsOf(name)
    const factor = causes.reduce((product, cause) => {
      const own = factors.get(cause)?.[index] ?? 1
      return product * own ** (1 / causes.length)
    }, 1)
    return (featureTable(name, this.setting).rows[index]?.[column] ?? 0) * factor
  }

  #pick(weights: readonly number[]): number {
    const total = weights.reduce((sum, each) => sum + each, 0)
    let left = this.#random() * total
    const at = weights.findIndex((each) => (left -= each) <= 0)
    return at < 0 ? weights.length - 1 : at
  }

  /** How often a value is met under a hypothesis in this world [1]. */
  chanceOf(name: FeatureName, truth: number, value: string): number {
    const { values } = featureTable(name, this.setting)
    const weights = values.map((_, index) => this.#weight(name, truth, index))
    return (weights[values.indexOf(value)] ?? 0) / weights.reduce((sum, each) => sum + each, 0)
  }

  /** The hypothesis that is true of a case. */
  drawTruth(): number {
    return this.#pick(this.#priors)
  }

  /**
   * The value of a feature in a case. A feature that correlates with one already drawn now and then only
   * repeats it: it is then drawn from what that one says, not from the truth.
   */
  drawValue(name: FeatureName, truth: number, drawn: ReadonlyMap<FeatureName, string>): string {
    const { values } = featureTable(name, this.setting)
    const column = this.#correlated(name, drawn) ?? truth
    return values[this.#pick(values.map((_, index) => this.#weight(name, column, index)))] ?? ''
  }

  #correlated(name: FeatureName, drawn: ReadonlyMap<FeatureName, string>): number | undefined {
    const correlate = correlates[name]
    const other = correlate?.of.find((each) => drawn.has(each))
    if (!correlate || !other || this.#random() > correlate.share) return undefined
    const index = featureTable(other, this.setting).values.indexOf(drawn.get(other) ?? '')
    return this.#pick(this.#priors.map((prior, at) => prior * this.#weight(other, at, index)))
  }

  /** Features that somebody might know of a case: a look's findings often, a test now and then. */
  drawKnown(truth: number): ReadonlyMap<FeatureName, string> {
    const drawn = new Map<FeatureName, string>()
    const thoroughness = 0.2 + 0.7 * this.#random()
    for (const name of this.#askable()) {
      const chance = isTest(name) ? thoroughness / 4 : thoroughness
      if (this.#random() < chance) drawn.set(name, this.drawValue(name, truth, drawn))
    }
    return drawn
  }

  /** Everything that could be found out of a case: what every check would answer. */
  drawEverything(truth: number): ReadonlyMap<FeatureName, string> {
    const drawn = new Map<FeatureName, string>()
    for (const name of this.#askable()) drawn.set(name, this.drawValue(name, truth, drawn))
    return drawn
  }

  /** A number from 0 to 1, for choosing at random. */
  chance(): number {
    return this.#random()
  }

  #askable(): readonly FeatureName[] {
    const { context } = this.setting
    const tested = new Set(
      checks
        .filter(({ contexts }) => contexts?.includes(context) ?? true)
        .flatMap(({ reveals }) => reveals),
    )
    // What is asked first is not a correlate; the features that it correlates with come after.
    const names = featureNames.filter((name) =>
      isTest(name) ? tested.has(name) : findingsAsked(context).includes(name as FindingName),
    )
    return names.toSorted((a, b) => (correlates[a] ? 1 : 0) - (correlates[b] ? 1 : 0))
  }
}
