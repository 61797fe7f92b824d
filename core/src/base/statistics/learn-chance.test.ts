import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { learnChance } from './index.ts'

const before = { mean: 0.2, worth: 5, halfLife: 1500 }
const times = (happened: number, count: number, age = 0) =>
  Array.from({ length: count }, () => ({ happened, age }))

describe('a chance', () => {
  it('of placenta previa births comes out as printed (Bayesian Data Analysis, ch. 2; from memory)', () => {
    // 437 girls of 980 under an even prior: mean 0.446, 95 in 100 within 0.415 and 0.477.
    const even = { mean: 0.5, worth: 2, halfLife: 1e9 }
    const { after } = learnChance([...times(1, 437), ...times(0, 543)], even)
    expect(after.mean).toBeCloseTo(0.446, 3)
    expect(after.low).toBeCloseTo(0.446 - (1.645 * 0.031) / 1.96, 2)
    expect(after.high).toBeCloseTo(0.446 + (1.645 * 0.031) / 1.96, 2)
  })

  it('is what was thought before while nothing was seen', () => {
    const { before: thought, after, seen } = learnChance([], before)
    expect(after).toEqual(thought)
    expect(after.mean).toBeCloseTo(0.2, 9)
    expect(seen.count).toBe(0)
  })

  it('moves with what happens, less the older it is, and half for what is half sure', () => {
    const mean = (happened: number, age: number) =>
      learnChance(times(happened, 4, age), before).after.mean
    expect(mean(1, 0)).toBeGreaterThan(mean(1, 3000))
    expect(mean(1, 3000)).toBeGreaterThan(0.2)
    expect(mean(0, 0)).toBeLessThan(0.2)
    expect(mean(0.5, 0)).toBeCloseTo((mean(1, 0) + mean(0, 0)) / 2, 9)
  })

  it('holds the truth nine times in ten over made-up places', () => {
    const random = randomLcg(0.17)
    let held = 0
    for (let place = 0; place < 500; place++) {
      // The least of four even draws is spread as beta of 1 and 4: what is thought before.
      const truth = Array.from({ length: 4 }, random).toSorted((a, b) => a - b)[0] ?? NaN
      const seen = Array.from({ length: 6 }, () => {
        return { happened: Number(random() < truth), age: 0 }
      })
      const { after } = learnChance(seen, before)
      if (truth > after.low && truth < after.high) held++
    }
    expect(held / 500).toBeGreaterThan(0.86)
    expect(held / 500).toBeLessThan(0.94)
  })
})
