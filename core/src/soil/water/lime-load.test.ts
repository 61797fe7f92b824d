import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { acidStockFor } from '../../apply/mix/index.ts'
import { acidNeeded, limeLoad, mgCaCO3PerMeq, pHAtAlkalinity } from './index.ts'

describe('limeLoad', () => {
  it('is 800 kg/ha for 400 mm of 200 mg/L (derived)', () => {
    const { kgPerHa, molPerM2, derivation } = limeLoad(400, 200)
    expect(kgPerHa).toBe(800)
    // Two moles of base a mole of 100.087 g.
    expect(molPerM2).toBeCloseTo((80 / 100.087) * 2, 3)
    expect(derivation.result).toMatch(/800 kg CaCO3\/ha/)
  })

  it.each([
    [-1, 200, /water: expected/],
    [400, 2000, /alkalinity: expected/],
  ])('refuses %d mm of %d mg/L', (mm, alkalinity, reason) => {
    expect(() => limeLoad(mm, alkalinity)).toThrow(reason)
  })
})

describe('the pH at which an alkalinity is left', () => {
  it('is where the acid for that pH leaves just so much', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    fc.assert(
      fc.property(number(60, 500), number(7, 8.8), number(0.1, 0.9), (alkalinity, pH, share) => {
        const water = { alkalinityMgPerLCaCO3: alkalinity, pH }
        const target = pHAtAlkalinity(water, alkalinity * share)
        const left = alkalinity - acidNeeded(water, target) * mgCaCO3PerMeq
        expect(left).toBeCloseTo(alkalinity * share, 4)
      }),
    )
  })

  it('refuses to leave more than there is', () => {
    const water = { alkalinityMgPerLCaCO3: 100, pH: 7.5 }
    expect(() => pHAtAlkalinity(water, 120)).toThrow(/less than the 100 mg\/L/)
  })
})

describe('acid in the stock of an injector', () => {
  it('is as many times stronger as the injector thins it', () => {
    const stock = acidStockFor(66.9e-6, { ratio: 100, reading: 'of', stockL: 20 })
    expect(stock).toMatchObject({ feedL: 2000 })
    expect(stock.acid).toBeCloseTo(0.1338, 6)
    const into = acidStockFor(66.9e-6, { ratio: 100, reading: 'into', stockL: 20 })
    expect(into.acid / stock.acid).toBeCloseTo(1.01, 9)
  })

  it('refuses a stock that would be mostly acid', () => {
    const ask = { ratio: 1000, reading: 'of', stockL: 20 } as const
    expect(() => acidStockFor(1e-3, ask)).toThrow(/strength of the stock/)
  })
})
