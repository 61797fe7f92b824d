import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { addDays } from '../../base/calendar/index.ts'
import {
  analyseDates,
  analyseDay,
  type Plot,
  type Rating,
  type TrialAnalysis,
  type TrialDesign,
} from './index.ts'

/** What R made of open data, by `scripts/reference/mixed-models.R`. */
interface Reference {
  readonly rows: readonly Readonly<Record<string, string | number>>[]
  readonly terms: readonly {
    readonly term: string
    readonly df: number
    readonly errorDf: number
    readonly f: number
    readonly p: number
  }[]
  readonly pairs: readonly {
    readonly pair: string
    readonly difference: number
    readonly error: number
    readonly p: number
  }[]
}
const file = new URL('tests/mixed-models.json', import.meta.url)
const { oats, barley, rats } = JSON.parse(readFileSync(file, 'utf8')) as Record<
  'oats' | 'barley' | 'rats',
  Reference
>

const day = '2026-06-01'
const levelsOf = (name: string, rows: Reference['rows']) => [
  ...new Set(rows.map((row) => String(row[name]))),
]
const factorsOf = (names: readonly string[], { rows }: Reference) =>
  names.map((name) => ({ name, levels: levelsOf(name, rows) }))

/** Rows as plots, each rated once. */
function plotsOf({ rows }: Reference, block: string, factors: readonly string[]) {
  const blocks = levelsOf(block, rows)
  const plots = rows.map((row, index): Plot => ({
    number: index + 1,
    row: 0,
    column: index,
    block: blocks.indexOf(String(row[block])) + 1,
    levels: Object.fromEntries(factors.map((name) => [name, String(row[name])])),
  }))
  const ratings = rows.map((row, index): Rating => ({
    plot: index + 1,
    day,
    value: Number(row['y']),
  }))
  return { plots, ratings }
}

type Table = TrialAnalysis['table']

/** Every term that R names, with its F, its degrees of freedom and its chance. */
function expectTerms(table: Table, { terms }: Reference): void {
  for (const { term, df, errorDf, f, p } of terms) {
    const name = term.replace(':', ' × ').replace('Time', 'date')
    const row = table.find((each) => each.name === name)
    const against = table.find((each) => each.name === (row?.against ?? 'residual'))
    expect(row?.degreesOfFreedom, name).toBe(df)
    expect(against?.degreesOfFreedom, name).toBe(Math.round(errorDf))
    expect(Math.abs((row?.f ?? NaN) / f - 1), name).toBeLessThan(1e-5)
    expect(Math.abs((row?.p ?? NaN) - p), name).toBeLessThan(1e-5)
  }
}

/** Differences of means, and Tukey's chance of each. */
function expectPairs({ comparisons }: TrialAnalysis, of: string, { pairs }: Reference): void {
  const ours = comparisons.find((each) => each.of === of)?.pairs ?? []
  expect(ours).toHaveLength(pairs.length)
  const plain = (name: string) => name.replace(of, '')
  for (const { pair, difference, p } of pairs) {
    const [a, b] = pair.split(' - ').map(plain)
    const found = ours.find(({ groups }) => groups.toSorted().join() === [a, b].toSorted().join())
    expect(Math.abs(found?.difference ?? NaN), pair).toBeCloseTo(Math.abs(difference), 6)
    expect(Math.abs((found?.p ?? NaN) - p), pair).toBeLessThan(2e-4)
  }
}

describe('trials beside mixed models (R: nlme, lme4 and emmeans on open data)', () => {
  it('split plots: oats of Yates 1935', () => {
    const factors = ['Variety', 'nitro']
    const design: TrialDesign = { layout: 'split-plot', factors: factorsOf(factors, oats), replicates: 6 } // prettier-ignore
    const { plots, ratings } = plotsOf(oats, 'Block', factors)
    const analysis = analyseDay(design, plots, ratings, day)
    expectTerms(analysis.table, oats)
    expectPairs(analysis, 'nitro', oats)
  })

  it('blocks: barley of Immer 1934', () => {
    const design: TrialDesign = { layout: 'blocks', factors: factorsOf(['Var'], barley), replicates: 6 } // prettier-ignore
    const { plots, ratings } = plotsOf(barley, 'Loc', ['Var'])
    const analysis = analyseDay(design, plots, ratings, day)
    expectTerms(analysis.table, barley)
    expectPairs(analysis, 'Var', barley)
  })

  it('repeated dates: rats weighed eleven times', () => {
    const animals = levelsOf('Rat', rats.rows)
    const plots = animals.map((animal, index): Plot => ({
      number: index + 1,
      row: 0,
      column: index,
      block: 1,
      levels: { Diet: String(rats.rows.find(({ Rat }) => Rat === animal)?.['Diet']) },
    }))
    const ratings = rats.rows.map(({ Rat, Time, y }): Rating => ({
      plot: animals.indexOf(String(Rat)) + 1,
      day: addDays(day, Number(Time)),
      value: Number(y),
    }))
    const design: TrialDesign = { layout: 'scattered', factors: factorsOf(['Diet'], rats), replicates: 4 } // prettier-ignore
    expectTerms(analyseDates(design, plots, ratings), rats)
  })
})
