import { randomLcg, randomNormal } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { learnMean, learntOf, type SeenOnce, type ThoughtBefore } from './index.ts'

/** Rubin 1981, J. Educ. Stat. 6:377 (P): coaching in eight schools, each effect with its standard error. */
const schools: readonly SeenOnce[] = [
  [28, 15],
  [8, 10],
  [-3, 16],
  [7, 11],
  [-1, 9],
  [1, 11],
  [18, 10],
  [12, 18],
].map(([value = NaN, deviation = NaN], at) => ({
  group: String(at),
  value,
  deviation,
  age: 0,
}))
/** As good as nothing is thought of the mean; of schools apart, anything to some tens of points. */
const open: ThoughtBefore = {
  mean: 0,
  deviation: 1000,
  groupScale: 15,
  scalesWorth: 1,
  timeScale: 1e-6,
  halfLife: 1e9,
}

describe('the eight schools', () => {
  const learnt = learnMean(schools, open)

  it('come out as Gelman et al. print them (Bayesian Data Analysis, ch. 5; figures from memory)', () => {
    // Means and deviations under a flat prior of the distance: 8.0 (5.1), A 11.4 (8.3), C 6.1 (7.8), G 10.6 (6.8).
    expect(Math.abs(learnt.after.mean - 8)).toBeLessThan(0.5)
    expect(Math.abs(learnt.after.deviation - 5.1)).toBeLessThan(0.7)
    for (const [school, mean, deviation] of [
      ['0', 11.4, 8.3],
      ['2', 6.1, 7.8],
      ['6', 10.6, 6.8],
    ] as const) {
      expect(Math.abs(learntOf(learnt, school).own.mean - mean)).toBeLessThan(1)
      expect(Math.abs(learntOf(learnt, school).own.deviation - deviation)).toBeLessThan(1.2)
    }
  })

  it('by themselves are the mean weighed by their errors', () => {
    // 7.69 with 4.07, the pooled estimate of the same chapter.
    expect(learnt.seen?.mean).toBeCloseTo(7.69, 2)
    expect(learnt.seen?.deviation).toBeCloseTo(4.07, 2)
  })
})

const before: ThoughtBefore = {
  mean: 0,
  deviation: 0.4,
  groupScale: 0.3,
  scalesWorth: 1,
  timeScale: 0.3,
  halfLife: 1500,
}
const once = (value: number, group = 'lawn', age = 0): SeenOnce => {
  return { group, value, deviation: 0.2, age }
}

describe('what a place teaches', () => {
  it('is what was thought before while nothing was seen', () => {
    const learnt = learnMean([], before)
    expect(learnt.after.mean).toBeCloseTo(0, 9)
    expect(learnt.after.deviation).toBeCloseTo(0.4, 9)
    expect(learnt.seen).toBeUndefined()
    expect(learntOf(learnt, 'lawn').next.deviation).toBeGreaterThan(
      learntOf(learnt, 'lawn').own.deviation,
    )
  })

  it('moves with what is seen, more for the stand itself than for others', () => {
    const learnt = learnMean([once(0.8), once(0.7), once(0.9)], before)
    expect(learntOf(learnt, 'lawn').own.mean).toBeGreaterThan(learnt.after.mean)
    expect(learnt.after.mean).toBeGreaterThan(0.2)
    expect(learntOf(learnt, 'oak').own.mean).toBeCloseTo(learnt.after.mean, 9)
    expect(learntOf(learnt, 'lawn').own.deviation).toBeLessThan(
      learntOf(learnt, 'oak').own.deviation,
    )
  })

  it('does not depend on the order in which it was seen', () => {
    const seen = [once(0.8), once(-0.1, 'oak'), once(0.3, 'oak', 400), once(0.5, 'vines')]
    const [one, other] = [learnMean(seen, before), learnMean(seen.toReversed(), before)]
    expect(one.after.mean).toBeCloseTo(other.after.mean, 9)
    expect(learntOf(one, 'oak').own.deviation).toBeCloseTo(learntOf(other, 'oak').own.deviation, 9)
  })

  it('is forgotten slowly: the old counts less than the new, and never nothing', () => {
    const mean = (age: number) => learnMean([once(0.8, 'lawn', age)], before).after.mean
    expect(mean(1500)).toBeLessThan(mean(0))
    expect(mean(1500)).toBeGreaterThan(0.4 * mean(0))
    expect(mean(15000)).toBeGreaterThan(0)
  })

  it('of one event leaves the doubt of a group wide', () => {
    expect(learntOf(learnMean([once(0.8)], before), 'oak').own.deviation).toBeGreaterThan(0.35)
  })
})

/** Made-up places whose figures are known, drawn from what is thought before. */
describe('over 500 made-up places', () => {
  const random = randomLcg(0.71)
  const bell = randomNormal.source(random)(0, 1)
  const held = { mean: 0, group: 0, next: 0 }
  const error = { learnt: 0, before: 0 }
  const places = 500
  for (let place = 0; place < places; place++) {
    const truth = 0.4 * bell()
    const [between, within] = [Math.abs(0.3 * bell()), Math.abs(0.3 * bell())]
    const groups = Array.from({ length: 1 + Math.floor(5 * random()) }, () => between * bell())
    const seen = groups.flatMap((off, group) =>
      Array.from({ length: 1 + Math.floor(4 * random()) }, () => ({
        group: String(group),
        deviation: 0.2,
        age: 0,
        value: truth + off + within * bell() + 0.2 * bell(),
      })),
    )
    const learnt = learnMean(seen, before)
    const first = truth + (groups[0] ?? 0)
    const inside = (value: number, { mean, deviation }: { mean: number; deviation: number }) =>
      Math.abs(value - mean) < 1.645 * deviation
    if (inside(truth, learnt.after)) held.mean++
    if (inside(first, learntOf(learnt, '0').own)) held.group++
    if (inside(first + within * bell(), learntOf(learnt, '0').next)) held.next++
    error.learnt += (first - learntOf(learnt, '0').own.mean) ** 2
    error.before += first ** 2
  }

  it.each(['mean', 'group', 'next'] as const)('intervals of nine in ten hold the %s', (what) => {
    expect(held[what] / places).toBeGreaterThan(0.86)
    expect(held[what] / places).toBeLessThan(0.95)
  })

  it('what is learnt errs far less than what was thought before', () => {
    expect(Math.sqrt(error.learnt / error.before)).toBeLessThan(0.6)
  })
})
