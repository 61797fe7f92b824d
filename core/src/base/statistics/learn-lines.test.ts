import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { learnLines, mixedModel, type LinesBefore, type SeenAt } from './index.ts'

const random = randomNormal.source(randomLcg(5))(0, 1)
/** Six groups of two years each, a line over x from 0 to 1. */
const seen: readonly SeenAt[] = Array.from({ length: 6 }, (_, group) => {
  const [level, slope] = [2 + 0.5 * random(), -1 + 0.3 * random()]
  return Array.from({ length: 2 }, (__, year) => {
    const strayed = 0.2 * random()
    return Array.from({ length: 5 }, (___, at) => ({
      group: `g${group}`,
      spell: `${year}`,
      at: [1, at / 4],
      value: level + (slope * at) / 4 + strayed + 0.1 * random(),
      deviation: 0,
      age: 0,
    }))
  }).flat()
}).flat()
/** As good as nothing is thought of the line of all; how far the rest strays is given. */
const given: LinesBefore = {
  coefficients: [
    { mean: 0, deviation: 1000 },
    { mean: 0, deviation: 1000 },
  ],
  ofGroup: [0.5, 0.3],
  spellScale: 0.2,
  timeScale: 0.1,
  tried: [1],
  halfLife: 1e9,
}

describe('lines of groups', () => {
  it('are those of the mixed model where the scales are given', () => {
    const learnt = learnLines(seen, given)
    const groups = seen.map(({ group }) => group)
    const x = seen.map(({ at }) => at[1] ?? 0)
    const solved = mixedModel({
      y: seen.map(({ value }) => value),
      fixed: [x.map(() => 1), x],
      random: [
        { name: 'level', groups },
        { name: 'slope', groups, along: x },
        { name: 'spell', groups: seen.map(({ group, spell }) => `${group} ${spell}`) },
      ],
    }).at([5, 3, 2])
    for (const along of [0, 0.5, 1]) {
      const own = learnt.whole([1, along], 'g2')
      const theirs = solved.estimate({
        fixed: [1, along],
        groups: [
          { term: 'level', group: 'g2', by: 1 },
          { term: 'slope', group: 'g2', by: along },
        ],
      })
      expect(own.mean).toBeCloseTo(theirs.mean, 5)
      // There the rest is estimated; here it is given.
      const asGiven = (theirs.deviation * 0.1) / Math.sqrt(solved.restVariance)
      expect(own.deviation).toBeCloseTo(asGiven, 5)
    }
  })

  it('are what was thought before where nothing was seen', () => {
    const thought: LinesBefore = {
      ...given,
      coefficients: [
        { mean: 0.6, deviation: 0.2 },
        { mean: 0.1, deviation: 0.1 },
      ],
    }
    const { whole, next } = learnLines([], thought)
    expect(whole([1, 1], 'any').mean).toBeCloseTo(0.7, 12)
    expect(whole([1, 0], 'any').deviation).toBeCloseTo(Math.hypot(0.2, 0.5), 12)
    expect(next([1, 0], 'any').deviation).toBeCloseTo(Math.hypot(0.2, 0.5, 0.2, 0.1), 12)
  })

  it('weigh how far spells stray by what was seen', () => {
    const tried = [0.25, 1, 4]
    const quiet = seen.map((each) => ({ ...each, value: each.spell === '0' ? 2 : 2.01 }))
    const wild = seen.map((each) => ({ ...each, value: each.spell === '0' ? 1.4 : 2.6 }))
    const deviationOf = (rows: readonly SeenAt[]) =>
      learnLines(rows, { ...given, tried }).next([1, 0.5], 'g1').deviation
    expect(deviationOf(quiet)).toBeLessThan(0.15)
    expect(deviationOf(wild)).toBeGreaterThan(0.5)
  })

  it('forget slowly', () => {
    const rows = seen.map((each) => ({ ...each, value: 2, age: 0 }))
    const old = rows.map((each) => ({ ...each, value: 4, age: 400 }))
    const middle = (halfLife: number) =>
      learnLines([...rows, ...old], { ...given, halfLife }).whole([1, 0], 'g1').mean
    expect(middle(100)).toBeLessThan(middle(1e9))
  })
})
