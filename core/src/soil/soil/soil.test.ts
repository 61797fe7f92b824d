import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  acidBetween,
  bufferCapacity,
  chargeAt,
  freeLime,
  slopesOf,
  textureNames,
  textures,
} from './index.ts'

const pHs = fc.double({ min: 3, max: 9, noNaN: true })
const buffers = fc.double({ min: 5, max: 200, noNaN: true })

describe('the titration curve', () => {
  it('rises with pH, and ways add up', () => {
    fc.assert(
      fc.property(buffers, pHs, pHs, pHs, (buffer, a, b, c) => {
        const slopes = slopesOf(buffer)
        if (a < b) expect(chargeAt(slopes, a)).toBeLessThan(chargeAt(slopes, b))
        const byWay = acidBetween(slopes, a, b) + acidBetween(slopes, b, c)
        expect(byWay).toBeCloseTo(acidBetween(slopes, a, c), 8)
      }),
    )
  })

  it('takes the buffering itself between 4 and 6.5, and less just above', () => {
    const slopes = slopesOf(20)
    expect(acidBetween(slopes, 6.5, 4.5)).toBeCloseTo(40, 10)
    expect(acidBetween(slopes, 7, 6.5)).toBeCloseTo(4.1, 10)
    expect(acidBetween(slopes, 8, 7.5)).toBeCloseTo(0.5 * (20 + 29), 10)
  })
})

describe('bufferCapacity', () => {
  it('grows from sand to clay', () => {
    const order = ['sand', 'loamy-sand', 'sandy-loam', 'loam', 'clay-loam', 'clay'] as const
    const found = order.map((texture) => bufferCapacity({ texture }).mmolPerKg)
    expect(found).toEqual(found.toSorted((a, b) => a - b))
  })

  it.each(textureNames)('%s: what was measured comes before what is usual', (texture) => {
    const usual = bufferCapacity({ texture })
    const titrated = bufferCapacity({ texture, titratedMmol: 50 })
    expect(titrated.doubt).toBeLessThan(usual.doubt)
    expect(Math.abs(Math.log(titrated.mmolPerKg / 50))).toBeLessThan(
      Math.abs(Math.log(usual.mmolPerKg / 50)) * 0.2 + 1e-9,
    )
  })

  it('reads buffer tests as published', () => {
    // 8 × (8.00 − 7.60) = 3.2 meq/100 g over 2.1 pH.
    const [, adams] = bufferCapacity({
      texture: 'sandy-loam',
      bufferTest: { test: 'adams-evans', bufferPH: 7.6, soilPH: 5.5 },
    }).evidence
    expect(adams?.mmolPerKg).toBeCloseTo(32 / 2.1, 6)
    // (6.6 − 6.1) ÷ 0.25 = 2 meq/100 cm³ over 1.1 pH.
    const [, mehlich] = bufferCapacity({
      texture: 'loam',
      bufferTest: { test: 'mehlich', bufferPH: 6.1, soilPH: 5 },
    }).evidence
    expect(mehlich?.mmolPerKg).toBeCloseTo(20 / 1.1, 6)
  })

  // Shoemaker, McLean & Pratt 1961, from memory: tons of limestone an acre, 8 in deep, to pH 6.5.
  it.each([
    [6.7, 2.1],
    [6.5, 3.8],
    [6.3, 5.5],
    [6.1, 7.2],
  ])('reads an SMP of %d as %d tons of limestone, by rows that it was not drawn through', (bufferPH, tons) => {
    const [, smp] = bufferCapacity({
      texture: 'loam',
      bufferTest: { test: 'smp', bufferPH, soilPH: 5.3 },
    }).evidence
    // Nine tenths pure, on 2,400,000 lb of soil an acre; 2 mol of acid to 100.09 g.
    const mmol = (tons * 2000 * 0.9 * 2000) / 2.4e6 / 0.100087
    const told = (smp?.mmolPerKg ?? 0) * (6.5 - 5.3)
    expect(Math.abs(told / mmol - 1)).toBeLessThan(0.03)
  }) // prettier-ignore

  it('reads Sikora as SMP, and neither on ground near neutral', () => {
    const read = (test: 'smp' | 'sikora', soilPH: number) =>
      bufferCapacity({ texture: 'loam', bufferTest: { test, bufferPH: 6.6, soilPH } })
    expect(read('sikora', 5.4).mmolPerKg).toBe(read('smp', 5.4).mmolPerKg)
    expect(read('smp', 6.3).left[0]).toMatch(/SMP buffer says nothing.*titrated/)
  })

  it('leaves out a buffer test on ground that it was not made for, and says so', () => {
    const bufferTest = { test: 'adams-evans', bufferPH: 7.8, soilPH: 7.6 } as const
    const { evidence, left } = bufferCapacity({ texture: 'loam', bufferTest })
    expect(evidence).toHaveLength(1)
    expect(left.join()).toMatch(/says nothing .* acid soils/)
  })

  // Aitken, Moody and McKinley 1990, Queensland soils, from memory: 0.955 g CaCO3/kg and pH for a
  // percent of organic carbon, 0.011 for one of clay; our two came out of sulfur tables alone.
  // 0.955 g lime a kilogram and pH for a percent of organic carbon, 0.011 for one of clay.
  it.each(['sand', 'loamy-sand', 'sandy-loam', 'loam', 'clay-loam', 'clay'] as const)(
    '%s: agrees with an independent regression within a fifth',
    (texture) => {
      const { clayPercent, organicPercent } = textures[texture]
      const gramsLime = (0.955 * organicPercent) / 1.724 + 0.011 * clayPercent
      const regressed = (gramsLime * 2000) / 100.087
      expect(Math.abs(bufferCapacity({ texture }).mmolPerKg / regressed - 1)).toBeLessThan(0.2)
    },
  )

  it.each([
    [{ texture: 'chalk' as 'loam' }, /texture: expected a texture of the list/],
    [{ texture: 'loam' as const, clayPercent: -2 }, /clay: expected a number from 0/],
    [{ texture: 'loam' as const, cecCmolPerKg: 0 }, /CEC: expected/],
    [{ texture: 'loam' as const, titratedMmol: 0 }, /titrated buffering: expected/],
  ])('refuses %j', (facts, reason) => {
    expect(() => bufferCapacity(facts)).toThrow(reason)
  })
})

describe('freeLime', () => {
  it('believes a laboratory before a fizz before nobody', () => {
    const measured = { percent: 5, doubt: 0.5 }
    expect(freeLime({ pH: 7.9, measured, fizz: 'none' })).toMatchObject({ usual: 5, known: 'measured' }) // prettier-ignore
    expect(freeLime({ pH: 7.9, fizz: 'strong' })).toMatchObject({ usual: 5, known: 'fizz' })
    expect(freeLime({ pH: 7.9 }).high).toBeGreaterThan(1)
    expect(freeLime({ pH: 6.4 })).toMatchObject({ usual: 0, known: 'assumed' })
  })

  it('is presumed without a cliff: next to nothing at pH 6.8, likely at 7.8', () => {
    const highs = Array.from(
      { length: 25 },
      (_, index) => freeLime({ pH: 6.4 + index * 0.08 }).high,
    )
    const steps = highs.slice(1).map((high, index) => high - (highs[index] ?? 0))
    expect(Math.min(...steps)).toBeGreaterThanOrEqual(0)
    expect(Math.max(...steps)).toBeLessThan(0.4)
    expect([highs[0], highs.at(-1)]).toEqual([0.1, 3])
  })

  it('goes by what was dripped: vinegar misses what hydrochloric acid shows', () => {
    const none = (fizzAcid?: 'vinegar' | 'hydrochloric') =>
      freeLime({ pH: 7.9, fizz: 'none', fizzAcid }).high
    expect([none('vinegar'), none('hydrochloric'), none()]).toEqual([1.5, 0.5, 1.5])
    expect(freeLime({ pH: 6, fizz: 'none' }).high).toBe(0.1)
  })

  it('doubts a strong fizz on acid ground', () => {
    expect(freeLime({ pH: 5.8, fizz: 'strong' }).contradiction).toMatch(/odd: shell.*Sample again/)
    expect(freeLime({ pH: 7.8, fizz: 'strong' }).contradiction).toBeUndefined()
  })
})
