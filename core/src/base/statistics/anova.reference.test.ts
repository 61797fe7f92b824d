import anova1 from '@stdlib/stats-anova1'
import { describe, expect, it } from 'vitest'
import { analyseVariance, comparePairs, rowOf, type Observation, type Term } from './index.ts'

const treatment: Term = { name: 'treatment', factors: ['treatment'], role: 'treatment' }
const oneWay = (groups: readonly (readonly number[])[]): Observation[] =>
  groups.flatMap((values, index) =>
    values.map((y) => ({ y, levels: { treatment: String(index) } })),
  )
const digits = (got: number | undefined, certified: number) =>
  -Math.log10(Math.abs((got ?? NaN) - certified) / Math.abs(certified) || 1e-16)

/** NIST Statistical Reference Datasets, one-way analysis of variance: SiRstv (P). */
const siRstv = [
  [196.3052, 196.124, 196.189, 196.2569, 196.3403],
  [196.3042, 196.3825, 196.1669, 196.3257, 196.0422],
  [196.1303, 196.2005, 196.2889, 196.0343, 196.1811],
  [196.2795, 196.1748, 196.1494, 196.1485, 195.9885],
  [196.2119, 196.1051, 196.185, 196.0052, 196.209],
]

/** NIST StRD SmLs01 to 07 after Simon & Lesage 1989: nine groups of 21, far from zero (P). */
function simonLesage(offset: number): number[][] {
  const tenths = [4, 3, 5, 3, 5, 3, 5, 3, 5]
  return tenths.map((middle) =>
    Array.from({ length: 21 }, (_, index) => {
      const away = index === 0 ? 0 : index % 2 === 1 ? -1 : 1
      return offset + (middle + away) / 10
    }),
  )
}

describe('one-way analysis against NIST StRD', () => {
  it('SiRstv comes out as certified', () => {
    const table = analyseVariance(oneWay(siRstv), [treatment])
    expect(digits(rowOf(table, 'treatment')?.f, 1.18046237440255)).toBeGreaterThan(9)
    expect(digits(rowOf(table, 'treatment')?.sumOfSquares, 5.11462616e-2)).toBeGreaterThan(8)
    expect(digits(rowOf(table, 'residual')?.sumOfSquares, 2.1663656e-1)).toBeGreaterThan(8)
    expect(rowOf(table, 'residual')?.degreesOfFreedom).toBe(20)
  })

  // The data themselves are rounded where doubles lie 1e-10 and 1e-4 apart: no sum does better.
  it.each([
    ['SmLs01', 1, 12],
    ['SmLs04, average difficulty', 1e6, 8],
    ['SmLs07, higher difficulty', 1e12, 2],
  ])('%s comes out as certified', (_, offset, least) => {
    const table = analyseVariance(oneWay(simonLesage(offset)), [treatment])
    expect(digits(rowOf(table, 'treatment')?.f, 21)).toBeGreaterThan(least)
    expect(rowOf(table, 'treatment')?.degreesOfFreedom).toBe(8)
    expect(rowOf(table, 'residual')?.degreesOfFreedom).toBe(180)
  })

  it('agrees with a reference library', () => {
    const rows = oneWay(siRstv)
    const { statistic, pValue } = anova1(
      rows.map(({ y }) => y),
      rows.map(({ levels }) => levels['treatment'] ?? ''),
    )
    const row = rowOf(analyseVariance(rows, [treatment]), 'treatment')
    expect(row?.f).toBeCloseTo(statistic, 10)
    expect(row?.p).toBeCloseTo(pValue, 10)
  })
})

/** Oats at Rothamsted: Yates 1935, J. R. Stat. Soc. Suppl. 2:181, ¼ lb a plot by block (M). */
const oats: Readonly<Record<string, readonly (readonly number[])[]>> = {
  Victory: [[111, 130, 157, 174], [61, 91, 97, 100], [68, 64, 112, 86], [74, 89, 81, 122], [62, 90, 100, 116], [53, 74, 118, 113]], // prettier-ignore
  'Golden Rain': [[117, 114, 161, 141], [70, 108, 126, 149], [60, 102, 89, 96], [64, 103, 132, 133], [80, 82, 94, 126], [89, 82, 86, 104]], // prettier-ignore
  Marvellous: [[105, 140, 118, 156], [96, 124, 121, 144], [89, 129, 132, 124], [70, 89, 104, 117], [63, 70, 109, 99], [97, 99, 119, 121]], // prettier-ignore
}
const oatRows: Observation[] = Object.entries(oats).flatMap(([variety, blocks]) =>
  blocks.flatMap((yields, block) =>
    yields.map((y, dose) => ({
      y,
      levels: { variety, block: String(block), nitrogen: String(dose) },
    })),
  ),
)
const splitPlot: readonly Term[] = [
  { name: 'block', factors: ['block'], role: 'block' },
  { name: 'variety', factors: ['variety'], role: 'treatment' },
  { name: 'whole plots', factors: ['block', 'variety'], role: 'error' },
  { name: 'nitrogen', factors: ['nitrogen'], role: 'treatment' },
  { name: 'variety × nitrogen', factors: ['variety', 'nitrogen'], role: 'treatment' },
]

describe('the split plots of Yates', () => {
  const table = analyseVariance(oatRows, splitPlot)

  it.each([
    ['block', 15875.3, 5],
    ['variety', 1786.4, 2],
    ['whole plots', 6013.3, 10],
    ['nitrogen', 20020.5, 3],
    ['variety × nitrogen', 321.7, 6],
    ['residual', 7968.8, 45],
  ])('%s: sum of squares %d', (name, sumOfSquares, degreesOfFreedom) => {
    const row = rowOf(table, name)
    expect(Math.abs((row?.sumOfSquares ?? NaN) - sumOfSquares)).toBeLessThan(0.06)
    expect(row?.degreesOfFreedom).toBe(degreesOfFreedom)
  })

  it('hold varieties against whole plots, nitrogen against plots', () => {
    expect(rowOf(table, 'variety')).toMatchObject({ against: 'whole plots' })
    expect(rowOf(table, 'variety')?.f).toBeCloseTo(1.485, 3)
    expect(rowOf(table, 'variety')?.p).toBeCloseTo(0.272, 3)
    expect(rowOf(table, 'nitrogen')).toMatchObject({ against: 'residual' })
    expect(rowOf(table, 'nitrogen')?.f).toBeCloseTo(37.69, 2)
    expect(rowOf(table, 'variety × nitrogen')?.f).toBeCloseTo(0.303, 3)
  })
})

describe('Tukey’s test', () => {
  /** Upper 5 in 100 of the studentised range, from the usual tables (Harter 1960, M). */
  it.each([
    [2, 10, 3.151],
    [3, 10, 3.877],
    [4, 20, 3.958],
    [5, 20, 4.232],
    [5, 10, 4.654],
    [10, 30, 4.824],
  ])('of %d groups at %d degrees of freedom takes %d', (groups, degreesOfFreedom, q) => {
    const means = Array.from({ length: groups }, (_, index) => ({
      group: String(index),
      mean: index,
      count: 4,
    }))
    const [pair] = comparePairs(means, { meanSquare: 4, degreesOfFreedom })
    // With a deviation of 1 for one mean the difference is the range itself.
    expect(Math.abs((pair?.honestlySignificant ?? NaN) - q)).toBeLessThan(0.0006)
  })
})
