import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  analyseVariance,
  comparePairs,
  lettersOf,
  meanUnderCurve,
  powerOf,
  replicatesFor,
  rowOf,
  type Observation,
  type Term,
} from './index.ts'

const block: Term = { name: 'block', factors: ['block'], role: 'block' }
const iron: Term = { name: 'iron', factors: ['iron'], role: 'treatment' }
const value = fc.double({ min: -9, max: 9, noNaN: true })
const anyPlots = fc.array(fc.tuple(value, value, value), { minLength: 2, maxLength: 5 })
const rowsOf = (plots: readonly (readonly number[])[]): Observation[] =>
  plots.flatMap((values, at) =>
    values.map((y, index) => ({ y, levels: { block: String(at), iron: String(index) } })),
  )

describe('an analysis of variance', () => {
  it('shares out all of the scatter, whatever was measured', () => {
    fc.assert(
      fc.property(anyPlots, (plots) => {
        const rows = rowsOf(plots)
        const table = analyseVariance(rows, [block, iron])
        const mean = rows.reduce((sum, { y }) => sum + y, 0) / rows.length
        const whole = rows.reduce((sum, { y }) => sum + (y - mean) ** 2, 0)
        const parts = table.reduce((sum, { sumOfSquares }) => sum + sumOfSquares, 0)
        expect(Math.abs(parts - whole)).toBeLessThan(1e-9 * (1 + whole))
        const freedom = table.reduce((sum, { degreesOfFreedom }) => sum + degreesOfFreedom, 0)
        expect(freedom).toBe(rows.length - 1)
      }),
    )
  })

  it('is not moved by what a block has more than another', () => {
    fc.assert(
      fc.property(anyPlots, value, (plots, shift) => {
        const moved = plots.map((values, at) => values.map((y) => y + at * shift * 10))
        const [before, after] = [plots, moved].map((each) =>
          rowOf(analyseVariance(rowsOf(each), [block, iron]), 'iron'),
        )
        expect(after?.sumOfSquares).toBeCloseTo(before?.sumOfSquares ?? NaN, 6)
      }),
    )
  })

  it('bears a plot that was lost', () => {
    const rows = rowsOf([
      [4, 6, 7],
      [5, 7, 9],
      [4, 7, 8],
    ]).slice(1)
    const table = analyseVariance(rows, [block, iron])
    expect(rowOf(table, 'residual')?.degreesOfFreedom).toBe(3)
    expect(rowOf(table, 'iron')?.p).toBeLessThan(0.05)
  })

  it('says nothing of chance where nothing is left to judge by', () => {
    const rows = rowsOf([[4, 6, 7]])
    expect(rowOf(analyseVariance(rows, [iron]), 'iron')?.p).toBeUndefined()
  })

  it('refuses what is no number', () => {
    expect(() => analyseVariance([{ y: NaN, levels: {} }], [])).toThrow('two or more plots')
  })
})

describe('letters', () => {
  const means = [
    { group: 'none', mean: 4, count: 5 },
    { group: 'sulfate', mean: 6, count: 5 },
    { group: 'EDDHA', mean: 7, count: 5 },
  ]
  it('are shared by those that do not differ', () => {
    const pairs = comparePairs(means, { meanSquare: 1, degreesOfFreedom: 12 })
    const letters = lettersOf(means, pairs)
    expect(Object.fromEntries(letters)).toEqual({ EDDHA: 'a', sulfate: 'a', none: 'b' })
  })

  it('show just the pairs that differ, whatever the means', () => {
    const anyMeans = fc.array(value, { minLength: 2, maxLength: 6 })
    fc.assert(
      fc.property(anyMeans, (values) => {
        const groups = values.map((mean, index) => ({ group: String(index), mean, count: 3 }))
        const pairs = groups.flatMap((one, index) =>
          groups.slice(index + 1).map((other) => ({
            groups: [one.group, other.group] as const,
            difference: one.mean - other.mean,
            leastSignificant: 2,
            honestlySignificant: 3,
            p: 0,
          })),
        )
        const letters = lettersOf(groups, pairs)
        for (const { groups: names, difference, honestlySignificant } of pairs) {
          const [one, other] = names.map((name) => letters.get(name) ?? '')
          const share = [...(one ?? '')].some((letter) => other?.includes(letter))
          expect(share).toBe(Math.abs(difference) <= honestlySignificant)
        }
      }),
    )
  })
})

describe('power', () => {
  /** Cohen 1988, 80 in 100 at 5 in 100; f of two groups d apart is d/2 (M). */
  it.each([
    ['two groups half a deviation apart', 2, 0.5, 64],
    ['two groups 0.8 apart', 2, 0.8, 26],
    // With two means apart and the rest between, f = d √(1/(2k)): f 0.25 is d 0.25 √(2k).
    ['three groups, f 0.25', 3, 0.25 * Math.sqrt(6), 53],
    ['four groups, f 0.25', 4, 0.25 * Math.sqrt(8), 45],
  ])('%s take the replicates of the tables', (_, treatments, difference, expected) => {
    const question = { treatments, difference, plotDeviation: 1, inBlocks: false }
    expect(replicatesFor(question, 0.8)).toBe(expected)
  })

  it('is the risk of a false alarm where there is no difference', () => {
    const none = { treatments: 4, difference: 0, plotDeviation: 1, inBlocks: true, replicates: 5 }
    expect(powerOf(none)).toBeCloseTo(0.05, 6)
  })

  it('says so where no number of plots would do', () => {
    const hopeless = { treatments: 3, difference: 0.01, plotDeviation: 1, inBlocks: true }
    expect(replicatesFor(hopeless, 0.8, 30)).toBeUndefined()
    expect(() => powerOf({ ...hopeless, replicates: 1 })).toThrow('two or more')
  })
})

describe('the mean under a curve', () => {
  it('is that of its trapezia, in any order', () => {
    expect(meanUnderCurve([[14, 8], [0, 4], [7, 6]])).toBeCloseTo(6, 9) // prettier-ignore
    expect(meanUnderCurve([[0, 4], [1, 6], [10, 6]])).toBeCloseTo(5.9, 9) // prettier-ignore
    expect(meanUnderCurve([[3, 5]])).toBe(5)
    expect(meanUnderCurve([])).toBeNaN()
  })
})
