import { formatNumber } from '../../base/writing/index.ts'
import { group } from 'd3-array'
import type { Day } from '../../base/calendar/index.ts'
import { daysBetween } from '../../base/calendar/index.ts'
import {
  analyseVariance,
  comparePairs,
  lettersOf,
  meanUnderCurve,
  rowOf,
  type AnovaRow,
  type GroupMean,
  type MeanDifference,
  type Observation,
  type Term,
} from '../../base/statistics/index.ts'
import { treatmentName, type Plot, type TrialDesign } from './plan-trial.ts'

/** What a plot was rated on a day. */
export interface Rating {
  readonly plot: number
  readonly day: Day
  readonly value: number
}

/** Means of one factor, or of all treatments, compared. */
export interface Comparison {
  /** Name of the factor, or of both: "iron × nitrogen". */
  readonly of: string
  readonly means: readonly (GroupMean & { readonly letters: string; readonly deviation: number })[]
  readonly pairs: readonly MeanDifference[]
  readonly p: number | undefined
}

export interface TrialAnalysis {
  readonly table: readonly AnovaRow[]
  readonly comparisons: readonly Comparison[]
  /** Plots with a value, and those without. */
  readonly rated: number
  readonly missing: number
  /** Coefficient of variation of the plots, as a share. */
  readonly scatter: number
  readonly words: readonly string[]
  /** Set where nothing can be tested: what is shown is a demonstration. */
  readonly warning: string | undefined
}

const risk = 0.05
const both = (factors: TrialDesign['factors']): string =>
  factors.map(({ name }) => name).join(' × ')

/** Terms of the analysis of variance by the layout. */
function termsOf({ layout, factors, replicates }: TrialDesign): readonly Term[] {
  const treatments = factors.map(({ name }) => ({
    name,
    factors: [name],
    role: 'treatment' as const,
  }))
  const together =
    factors.length === 2
      ? [
          {
            name: both(factors),
            factors: factors.map(({ name }) => name),
            role: 'treatment' as const,
          },
        ]
      : []
  const block =
    layout === 'scattered' || replicates < 2
      ? []
      : [{ name: 'block', factors: ['block'], role: 'block' as const }]
  const [whole] = treatments
  if (layout !== 'split-plot' || !whole) return [...block, ...treatments, ...together]
  const wholePlots = {
    name: 'whole plots',
    factors: ['block', ...whole.factors],
    role: 'error' as const,
  }
  return [...block, whole, wholePlots, ...treatments.slice(1), ...together]
}

function meansBy(rows: readonly Observation[], factors: readonly string[]): GroupMean[] {
  const byLevels = group(rows, ({ levels }) =>
    factors.map((name) => levels[name] ?? '').join(' · '),
  )
  return [...byLevels].map(([name, of]) => ({
    group: name,
    mean: of.reduce((sum, { y }) => sum + y, 0) / of.length,
    count: of.length,
  }))
}

function compare(rows: readonly Observation[], table: readonly AnovaRow[], term: Term): Comparison {
  const row = rowOf(table, term.name)
  // Combinations of split plots are compared by the error of the split: right within a whole plot.
  const error = rowOf(table, row?.against ?? 'residual')
  const means = meansBy(rows, term.factors)
  const pairs =
    error && error.degreesOfFreedom > 0
      ? comparePairs(means, {
          meanSquare: error.meanSquare,
          degreesOfFreedom: error.degreesOfFreedom,
        })
      : []
  const letters = lettersOf(means, pairs)
  return {
    of: term.name,
    p: row?.p,
    pairs,
    means: means
      .map((mean) => ({
        ...mean,
        letters: pairs.length > 0 ? (letters.get(mean.group) ?? '') : '',
        deviation: error ? Math.sqrt(error.meanSquare / mean.count) : NaN,
      }))
      .toSorted((a, b) => b.mean - a.mean),
  }
}

/** A chance as people count it: "4 in 100", "6 in 1,000". */
function chance(p: number): string {
  if (p < 0.001) return 'less than 1 in 1,000'
  return p < 0.01 ? `${Math.round(p * 1000)} in 1,000` : `${Math.round(p * 100)} in 100`
}

function wordsFor({ of, means, p, pairs }: Comparison): string {
  const [best, worst] = [means[0], means.at(-1)]
  if (!best || !worst || p === undefined) return ''
  const range = `${best.group} ${formatNumber(best.mean)}, ${worst.group} ${formatNumber(worst.mean)}`
  if (p >= risk) {
    return `${of}: no difference that chance does not explain (${range}; so much comes by chance in ${chance(p)} trials).`
  }
  const apart = pairs.filter(({ difference, honestlySignificant }) => Math.abs(difference) > honestlySignificant) // prettier-ignore
  const honest = pairs[0]?.honestlySignificant
  const least =
    honest === undefined ? '' : ` Means that differ by more than ${formatNumber(honest)} are apart.`
  return `${of}: a real difference (${range}; so much comes by chance in ${chance(p)} trials).${least} ${apart.length} of ${pairs.length} pairs ${apart.length === 1 ? 'is' : 'are'} apart.`
}

/**
 * Analysis of one number a plot.
 */
function analyseValues(
  design: TrialDesign,
  plots: readonly Plot[],
  valueOf: (plot: Plot) => number | undefined,
): TrialAnalysis {
  const rows = plots.flatMap((plot) => {
    const y = valueOf(plot)
    return y === undefined || !Number.isFinite(y)
      ? []
      : [{ y, levels: { ...plot.levels, block: String(plot.block) } }]
  })
  const terms = termsOf(design)
  const missing = plots.length - rows.length
  if (rows.length < 2) {
    return { table: [], comparisons: [], rated: rows.length, missing, scatter: NaN, words: [], warning: 'Rate two plots or more.' } // prettier-ignore
  }
  const table = analyseVariance(rows, terms)
  const treatments = terms.filter(({ role }) => role === 'treatment')
  const comparisons = treatments.map((term) => compare(rows, table, term))
  const residual = rowOf(table, 'residual')
  const mean = rows.reduce((sum, { y }) => sum + y, 0) / rows.length
  const isDemonstration = design.replicates < 2 || !residual || residual.degreesOfFreedom < 1
  return {
    table,
    comparisons,
    rated: rows.length,
    missing,
    scatter: residual ? Math.sqrt(residual.meanSquare) / Math.abs(mean) : NaN,
    words: isDemonstration ? [] : comparisons.map(wordsFor).filter((words) => words !== ''),
    warning: isDemonstration ? demonstrationWarning : undefined,
  }
}

/** What is said of one row of each treatment. */
export const demonstrationWarning =
  'A demonstration, not a trial: with one plot of each, a better spot of ground looks just like a better product. Lay out three or more of each before anything is believed.'

/** Analysis of the ratings of one day. */
export function analyseDay(
  design: TrialDesign,
  plots: readonly Plot[],
  ratings: readonly Rating[],
  day: Day,
): TrialAnalysis {
  const of = new Map(
    ratings.filter((each) => each.day === day).map((each) => [each.plot, each.value]),
  )
  return analyseValues(design, plots, ({ number: plot }) => of.get(plot))
}

/** Analysis of the mean colour over all days rated: the area under each plot's curve. */
export function analyseSeason(
  design: TrialDesign,
  plots: readonly Plot[],
  ratings: readonly Rating[],
): TrialAnalysis {
  const start = ratings.map(({ day }) => day).toSorted()[0]
  return analyseValues(design, plots, ({ number: plot }) => {
    const own = ratings.filter((each) => each.plot === plot)
    if (own.length === 0 || start === undefined) return undefined
    return meanUnderCurve(own.map(({ day, value }) => [daysBetween(start, day), value]))
  })
}

/**
 * Analysis of repeated dates: plots as whole plots, dates as what splits them. Dates near each other
 * are alike, so its chances for dates are somewhat too small; the season's mean has no such fault.
 */
export function analyseDates(
  design: TrialDesign,
  plots: readonly Plot[],
  ratings: readonly Rating[],
): readonly AnovaRow[] {
  const byNumber = new Map(plots.map((plot) => [plot.number, plot]))
  const rows = ratings.flatMap(({ plot, day, value }) => {
    const of = byNumber.get(plot)
    return of
      ? [
          {
            y: value,
            levels: { ...of.levels, block: String(of.block), plot: String(plot), date: day },
          },
        ]
      : []
  })
  if (rows.length < 2) return []
  const within = termsOf(design)
  const treatments = within.filter(({ role }) => role === 'treatment')
  return analyseVariance(rows, [
    ...within,
    {
      name: 'plots',
      factors: ['plot', ...design.factors.map(({ name }) => name), 'block'],
      role: 'error',
    },
    { name: 'date', factors: ['date'], role: 'treatment' },
    ...treatments.map(({ name, factors }) => ({
      name: `${name} × date`,
      factors: [...factors, 'date'],
      role: 'treatment' as const,
    })),
  ])
}

/** Ratings by treatment and day: mean and its deviation, for the plot over time. */
export function treatmentMeansByDay(
  design: TrialDesign,
  plots: readonly Plot[],
  ratings: readonly Rating[],
): readonly { readonly treatment: string; readonly points: readonly TreatmentPoint[] }[] {
  const nameOf = new Map(
    plots.map((plot) => [plot.number, treatmentName(design.factors, plot.levels)]),
  )
  const named = ratings.flatMap((rating) => {
    const treatment = nameOf.get(rating.plot)
    return treatment === undefined ? [] : [{ ...rating, treatment }]
  })
  return [...group(named, ({ treatment }) => treatment)].map(([treatment, of]) => ({
    treatment,
    points: [...group(of, ({ day }) => day)]
      .map(([day, rows]) =>
        pointOf(
          day,
          rows.map(({ value }) => value),
        ),
      )
      .toSorted((a, b) => a.day.localeCompare(b.day)),
  }))
}

export interface TreatmentPoint {
  readonly day: Day
  readonly mean: number
  /** Deviation of the mean; 0 for a single plot. */
  readonly deviation: number
}

function pointOf(day: Day, values: readonly number[]): TreatmentPoint {
  const mean = values.reduce((sum, each) => sum + each, 0) / values.length
  const squares = values.reduce((sum, each) => sum + (each - mean) ** 2, 0)
  const deviation = values.length > 1 ? Math.sqrt(squares / (values.length - 1) / values.length) : 0
  return { day, mean, deviation }
}
