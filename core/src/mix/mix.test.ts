import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { checkSpray, mixingOrder, planFills } from './index.ts'

describe('planFills', () => {
  it('splits 100 L over a 15 L backpack into six full fills and one of 10 L', () => {
    const plan = planFills({ productKg: 2, waterL: 100, tankL: 15 })
    expect(plan.fullFills).toBe(6)
    expect(plan.full).toEqual({ waterL: 15, productKg: 0.3 })
    expect(plan.part?.waterL).toBeCloseTo(10, 9)
  })

  it('has no part fill when the tank goes in evenly', () => {
    expect(planFills({ productKg: 1, waterL: 60, tankL: 20 })).toMatchObject({
      fullFills: 3,
      part: undefined,
    })
  })

  it('always adds up to the job, within 1e-9', () => {
    const amount = fc.double({ min: 0.01, max: 500, noNaN: true })
    fc.assert(
      fc.property(amount, amount, amount, (productKg, waterL, tankL) => {
        fc.pre(waterL / tankL < 1900 && tankL >= 0.1)
        const { fullFills, full, part } = planFills({ productKg, waterL, tankL })
        const water = fullFills * full.waterL + (part?.waterL ?? 0)
        const product = fullFills * full.productKg + (part?.productKg ?? 0)
        expect(Math.abs(water / waterL - 1)).toBeLessThan(1e-8)
        expect(Math.abs(product / productKg - 1)).toBeLessThan(1e-8)
        if (part) expect(part.waterL).toBeLessThan(tankL)
      }),
    )
  })

  it.each([0, -4, Number.NaN])('refuses a tank of %s L', (tankL) => {
    expect(() => planFills({ productKg: 1, waterL: 60, tankL })).toThrow(/tankL: expected/)
  })

  it('refuses a thimble for a field', () => {
    expect(() => planFills({ productKg: 1, waterL: 1e6, tankL: 1 })).toThrow(/at most 2000 fills/)
  })
})

describe('checkSpray', () => {
  // 1 oz/1000 ft² in 1 and in 4 gal/1000 ft² over 1000 ft²: 1 gal is 43.6 gal/acre.
  const spray = (gallons: number, kind: 'salt' | 'chelate' = 'chelate', productKg = 0.028) =>
    checkSpray({
      context: 'turf',
      route: 'leaf',
      source: { kind, nutrient: 'Fe' },
      productKg,
      carrierL: gallons * 3.785411784,
      areaM2: 92.90304,
    }).map(({ id }) => id)

  it('tells the same rate in little and in much water apart', () => {
    expect(spray(0.9)).toEqual([])
    expect(spray(4)).toEqual(['runs-off'])
  })

  it('warns of a salt spray that burns turf, not of one at 2 %', () => {
    expect(spray(0.9, 'salt', 0.02 * 3.4)).toEqual([])
    expect(spray(0.9, 'salt', 0.3)).toEqual(['leaf-burn'])
  })
})

describe('mixingOrder', () => {
  it('waters a drench in, leaves a spray on, and puts powder into water', () => {
    expect(mixingOrder({ kind: 'chelate', nutrient: 'Fe' }, 'soil').join(' ')).toMatch(
      /Water it in at once/,
    )
    expect(mixingOrder({ kind: 'salt', nutrient: 'Fe' }, 'leaf').join(' ')).toMatch(
      /acid into water/,
    )
    expect(mixingOrder({ kind: 'chelate', nutrient: 'Fe' }, 'leaf').join(' ')).toMatch(
      /Leave it on the leaf/,
    )
  })
})
