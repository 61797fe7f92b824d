import { group } from 'd3-array'
import fc from 'fast-check'
import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import {
  analyseDates,
  analyseDay,
  analyseSeason,
  treatmentMeansByDay,
  planTrial,
  treatmentsOf,
  walkingOrder,
  type Factor,
  type Plot,
  type Rating,
  type TrialDesign,
} from './index.ts'

const iron: Factor = { name: 'iron', levels: ['none', 'sulfate', 'EDDHA'] }
const nitrogen: Factor = { name: 'nitrogen', levels: ['none', 'urea'] }
const blocks = (replicates: number, factors = [iron]): TrialDesign => ({
  layout: 'blocks',
  factors,
  replicates,
})
const day = '2026-06-01'

/** Ratings of plots that are so much greener by treatment and block, with some noise. */
function rated(plots: readonly Plot[], gain: (plot: Plot) => number, noise = 0.2): Rating[] {
  const bell = randomNormal.source(randomLcg(0.4))(0, noise)
  return plots.map((plot) => ({ plot: plot.number, day, value: 5 + gain(plot) + bell() }))
}

describe('a layout', () => {
  const anyDesign = fc.record({
    layout: fc.constantFrom('scattered' as const, 'blocks' as const, 'split-plot' as const),
    factors: fc.constant([iron, nitrogen]),
    replicates: fc.integer({ min: 1, max: 6 }),
  })

  it('holds every treatment once a block, each on ground of its own', () => {
    fc.assert(
      fc.property(anyDesign, fc.double({ min: 0, max: 0.99, noNaN: true }), (design, seed) => {
        const plots = planTrial(design, seed)
        const wanted = treatmentsOf(design.factors).length
        expect(plots).toHaveLength(wanted * design.replicates)
        expect(new Set(plots.map(({ row, column }) => `${row}:${column}`)).size).toBe(plots.length)
        for (const [, of] of group(plots, ({ block }) => block)) {
          expect(new Set(of.map(({ levels }) => JSON.stringify(levels))).size).toBe(wanted)
        }
        expect(planTrial(design, seed)).toEqual(plots)
      }),
      { numRuns: 40 },
    )
  })

  it('differs from block to block: it is drawn, not repeated', () => {
    const plots = planTrial(blocks(8, [{ name: 'iron', levels: ['a', 'b', 'c', 'd', 'e'] }]), 0.3)
    const orders = [...group(plots, ({ block }) => block).values()].map((of) =>
      of.map(({ levels }) => levels['iron']).join(''),
    )
    expect(new Set(orders).size).toBeGreaterThan(6)
  })

  it('has every order about as often as any other', () => {
    const orders = new Map<string, number>()
    for (let seed = 0; seed < 1500; seed++) {
      const order = planTrial(blocks(1), seed / 1500).map(({ levels }) => levels['iron'])
      orders.set(order.join(), (orders.get(order.join()) ?? 0) + 1)
    }
    expect(orders.size).toBe(6)
    // 250 each; a count strays by 14.4, so four deviations hold all six.
    for (const count of orders.values()) expect(Math.abs(count - 250)).toBeLessThan(58)
  })

  it('keeps split plots of one whole plot together', () => {
    const plots = planTrial({ layout: 'split-plot', factors: [iron, nitrogen], replicates: 3 }, 0.7)
    for (const { row, column, levels } of plots.filter((plot) => plot.column % 2 === 0)) {
      const beside = plots.find((plot) => plot.row === row && plot.column === column + 1)
      expect(beside?.levels['iron']).toBe(levels['iron'])
    }
  })

  it('is walked up one row and back the next, each plot once', () => {
    const walked = walkingOrder(planTrial(blocks(3), 0.1))
    expect(walked.map(({ column }) => column)).toEqual([0, 1, 2, 2, 1, 0, 0, 1, 2])
  })

  it.each<[Partial<TrialDesign>, string]>([
    [{ factors: [] }, 'one factor or two'],
    [{ factors: [{ name: 'iron', levels: ['none'] }] }, 'two or more levels of iron'],
    [{ factors: [{ name: 'iron', levels: ['none', 'none'] }] }, 'levels of iron that differ'],
    [{ factors: [iron, iron] }, 'different names'],
    [{ layout: 'split-plot' }, 'two factors for split plots'],
    [{ replicates: 0 }, 'one replicate or more'],
    [{ replicates: 100 }, 'at most 240 plots; this makes 300'],
  ])('of %j is refused with what it must have', (part, words) => {
    expect(() => planTrial({ ...blocks(3), ...part }, 0.5)).toThrow(words)
  })
})

describe('an analysis', () => {
  const plots = planTrial(blocks(5), 0.2)
  const gains: Readonly<Record<string, number>> = { none: 0, sulfate: 1.2, EDDHA: 1.4 }
  const byIron = ({ levels, block }: Plot) => (gains[levels['iron'] ?? ''] ?? 0) + block * 0.6

  it('finds what is there, in plain words, with letters', () => {
    const { comparisons, words, warning } = analyseDay(blocks(5), plots, rated(plots, byIron), day)
    const letters = Object.fromEntries(
      (comparisons[0]?.means ?? []).map((mean) => [mean.group, mean.letters]),
    )
    expect(letters).toEqual({ EDDHA: 'a', sulfate: 'a', none: 'b' })
    expect(words[0]).toMatch(/^iron: a real difference \(EDDHA .*2 of 3 pairs are apart\.$/)
    expect(warning).toBeUndefined()
  })

  it('takes what a block has more out: scattered, the same ratings would say less', () => {
    const ratings = rated(plots, byIron)
    const inBlocks = analyseDay(blocks(5), plots, ratings, day).comparisons[0]?.p ?? 1
    const design = { ...blocks(5), layout: 'scattered' as const }
    expect(inBlocks).toBeLessThan(
      (analyseDay(design, plots, ratings, day).comparisons[0]?.p ?? 0) / 10,
    )
  })

  it('says that nothing is there where nothing is, about 95 times of 100', () => {
    const bell = randomNormal.source(randomLcg(0.9))(6, 0.5)
    const alarms = Array.from({ length: 300 }, () => {
      const ratings = plots.map(({ number }) => ({ plot: number, day, value: bell() }))
      return (analyseDay(blocks(5), plots, ratings, day).comparisons[0]?.p ?? 1) < 0.05
    }).filter(Boolean).length
    expect(alarms).toBeGreaterThan(4)
    expect(alarms).toBeLessThan(28)
  })

  it('warns of one row each, and calls nothing real', () => {
    const one = planTrial(blocks(1), 0.2)
    const { warning, words } = analyseDay(blocks(1), one, rated(one, byIron), day)
    expect(warning).toContain('A demonstration, not a trial')
    expect(words).toEqual([])
  })

  it('counts plots that were not rated, and bears them', () => {
    const some = rated(plots, byIron).slice(2)
    expect(analyseDay(blocks(5), plots, some, day)).toMatchObject({ rated: 13, missing: 2 })
    expect(analyseDay(blocks(5), plots, [], day).warning).toBe('Rate two plots or more.')
  })

  it('of two factors tells each and both', () => {
    const design = blocks(4, [iron, nitrogen])
    const both = planTrial(design, 0.6)
    const gain = ({ levels }: Plot) =>
      levels['iron'] !== 'none' && levels['nitrogen'] === 'urea' ? 2 : 0
    const { comparisons } = analyseDay(design, both, rated(both, gain), day)
    expect(comparisons.map(({ of }) => of)).toEqual(['iron', 'nitrogen', 'iron × nitrogen'])
    expect(comparisons[2]?.p).toBeLessThan(0.001)
    expect(comparisons[2]?.means).toHaveLength(6)
  })

  it('over a season rests on the area under each plot’s curve', () => {
    const second = '2026-06-15'
    const ratings = [
      ...rated(plots, () => 0, 0.01),
      ...rated(plots, byIron, 0.01).map((rating) => ({ ...rating, day: second })),
    ]
    const { comparisons } = analyseSeason(blocks(5), plots, ratings)
    const [best] = comparisons[0]?.means ?? []
    expect(best?.group).toBe('EDDHA')
    expect(best?.mean).toBeCloseTo(5 + (1.4 + 1.8) / 2, 1)
    const table = analyseDates(blocks(5), plots, ratings)
    expect(table.find(({ name }) => name === 'iron × date')).toMatchObject({ degreesOfFreedom: 2, against: 'residual' }) // prettier-ignore
    expect(table.find(({ name }) => name === 'iron')?.against).toBe('plots')
    const means = treatmentMeansByDay(blocks(5), plots, ratings)
    expect(means).toHaveLength(3)
    expect(means[0]?.points.map((point) => point.day)).toEqual([day, second])
  })
})
