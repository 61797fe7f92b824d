import { randomLcg, randomNormal } from 'd3-random'
import { findingsAsked, type FindingName } from '../../../seen/finding/index.ts'
import type { Context } from '../../../stand/plant/index.ts'
import { causesOf } from '../causes.ts'
import type { LeafKind } from '../data/cause.ts'
import { correlates, featureNames, isTest, type FeatureName } from '../data/features.ts'
import { checks } from '../data/checks.ts'
import { hypothesesOf, type Hypothesis } from '../hypotheses.ts'
import { featureTable, type Setting } from '../likelihood-table.ts'

/**
 * A world that is like our tables, but not as they say: every number in them is off by a factor of
 * its own. Cases drawn from it try the verdict where its tables are wrong, as they are bound to be.
 */
export class DrawnWorld {
  readonly setting: Setting
  readonly hypotheses: readonly Hypothesis[]
  readonly #random: () => number
  readonly #priors: readonly number[]
  readonly #columns = new Map<FeatureName, readonly (readonly number[])[]>()
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

  /** Chances of every value, by hypothesis, as they are in this world. */
  #table(name: FeatureName): readonly (readonly number[])[] {
    const known = this.#columns.get(name)
    if (known) return known
    const { values, rows } = featureTable(name, this.setting)
    const factors = new Map(
      causesOf(this.setting.context).map((cause) => [cause, values.map(() => this.#off())]),
    )
    const columns = this.hypotheses.map(({ causes }, column) =>
      values.map((_, index) => {
        const factor = causes.reduce((product, cause) => {
          const own = factors.get(cause)?.[index] ?? 1
          return product * own ** (1 / causes.length)
        }, 1)
        return (rows[index]?.[column] ?? 0) * factor
      }),
    )
    this.#columns.set(name, columns)
    return columns
  }

  #pick(weights: readonly number[]): number {
    const total = weights.reduce((sum, each) => sum + each, 0)
    let left = this.#random() * total
    const at = weights.findIndex((each) => (left -= each) <= 0)
    return at < 0 ? weights.length - 1 : at
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
    return values[this.#pick(this.#table(name)[column] ?? [])] ?? ''
  }

  #correlated(name: FeatureName, drawn: ReadonlyMap<FeatureName, string>): number | undefined {
    const correlate = correlates[name]
    const other = correlate?.of.find((each) => drawn.has(each))
    if (!correlate || !other || this.#random() > correlate.share) return undefined
    const index = featureTable(other, this.setting).values.indexOf(drawn.get(other) ?? '')
    const table = this.#table(other)
    return this.#pick(this.#priors.map((prior, column) => prior * (table[column]?.[index] ?? 0)))
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
