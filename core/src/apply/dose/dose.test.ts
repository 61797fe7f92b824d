import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { planDose } from './index.ts'

const loop = {
  presentMgPerL: 0.4,
  wantedMgPerL: 2,
  volumeL: 5200,
  contentShare: 0.11,
  days: 3,
  hasFish: true,
  isSalt: false,
}
const ids = (change: object) => planDose({ ...loop, ...change }).warnings.map(({ id }) => id)

describe('planDose', () => {
  it('brings a loop to 2 mg/L, a third a day (common practice)', () => {
    const { steps, warnings, pourAt } = planDose(loop)
    expect(warnings).toEqual([])
    expect(steps.map(({ reachesMgPerL }) => reachesMgPerL.toFixed(2))).toEqual([
      '0.93',
      '1.47',
      '2.00',
    ])
    const grams = steps.reduce((sum, { productKg }) => sum + productKg * 1000, 0)
    // 1.6 mg/L × 5200 L ÷ 0.11 (derived).
    expect(Math.abs(grams - 75.636)).toBeLessThan(0.001)
    expect(pourAt).toMatch(/farthest from the fish/)
  })

  it('takes more days where fish bear only so much a day, and adds up whatever the days', () => {
    const mg = fc.double({ min: 0.1, max: 3, noNaN: true })
    fc.assert(
      fc.property(mg, mg, fc.integer({ min: 1, max: 5 }), (presentMgPerL, wantedMgPerL, days) => {
        const { steps } = planDose({ ...loop, presentMgPerL, wantedMgPerL, days })
        const sum = steps.reduce((total, { productKg }) => total + productKg, 0)
        const needed = (Math.max(0, wantedMgPerL - presentMgPerL) * 5200e-6) / 0.11
        expect(Math.abs(sum - needed)).toBeLessThan(1e-12)
        for (const { productKg } of steps) {
          expect((productKg * 0.11 * 1e6) / 5200).toBeLessThanOrEqual(1 + 1e-9)
        }
      }),
    )
  })

  it('stops salts and strong doses with fish, and says what else is wrong first', () => {
    expect(ids({ isSalt: true })).toEqual(['salt-with-fish'])
    expect(ids({ pH: 8.1, ammoniumMgPerLN: 2, nitriteMgPerLN: 1 })).toEqual([
      'pH',
      'ammonium',
      'nitrite',
    ])
    expect(ids({ isSalt: true, hasFish: false })).toEqual([])
  })

  it('doses nothing where there is enough', () => {
    const plan = planDose({ ...loop, presentMgPerL: 2.4 })
    expect(plan.steps).toEqual([])
    expect(plan.warnings[0]).toMatchObject({ id: 'enough', stops: true })
  })

  it.each([
    [{ presentMgPerL: -1 }, /present: expected/],
    [{ volumeL: 0 }, /volume: expected/],
    [{ days: 0 }, /days: expected/],
  ])('refuses %j', (change, reason) =>
    expect(() => planDose({ ...loop, ...change })).toThrow(reason),
  )
})
