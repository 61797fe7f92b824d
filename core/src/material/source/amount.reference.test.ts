import { describe, expect, it } from 'vitest'
import { formatQuantity, inPlaceUnits, quantityOf, valueIn } from '../../base/quantity/index.ts'
import { amountFor, type AmountInput, type Rate } from '../rate/index.ts'
import { findRate } from './index.ts'

const acre = { kind: 'area', areaM2: 4046.8564224 } as const
const pounds = (kg: number) => valueIn(quantityOf(kg, 'kg'), 'lb')

/** A solution to be brought to a strength; the rate row is that of the trade, with another aim. */
function solution(volumeL: number, wanted: number, contentShare: number, present = 0): number {
  const rate = findRate('solution-hydroponic')
  const size = { kind: 'solution', volumeL } as const
  const input = { rate, rateValue: wanted, size, contentShare, presentIronMgPerL: present }
  return amountFor(input).productKg * 1000
}

describe('amounts against worked figures (derived: c × V ÷ share)', () => {
  it.each([
    [0.06, 13.33, 0.005],
    [0.1, 8.0, 0.005],
    [0.13, 6.154, 0.0005],
  ])('400 L to 2.0 mg/L iron with a product of %d iron', (contentShare, grams, tolerance) => {
    expect(Math.abs(solution(400, 2, contentShare) - grams)).toBeLessThanOrEqual(tolerance)
  })

  it('100 US gal to 2.0 mg/L with 10 %: 7.571 g', () => {
    expect(Math.abs(solution(378.5411784, 2, 0.1) - 7.571)).toBeLessThanOrEqual(0.0005)
  })

  it('nothing when the solution holds the iron already', () => {
    expect(solution(400, 2, 0.1, 2.4)).toBe(0)
  })

  it.each([
    [20, 3.34, 0.67],
    [30, 5.01, 1.0],
  ])('2 %% (w/v) ferrous sulfate at %d gal/acre', (carrierValue, product, iron) => {
    const rate = findRate('leaf-sulfate-2-percent')
    const amount = amountFor({ rate, rateValue: 2, carrierValue, size: acre, contentShare: 0.2 })
    expect(Math.abs(pounds(amount.productKg) - product)).toBeLessThanOrEqual(0.005)
    expect(Math.abs(pounds(amount.nutrientKg) - iron)).toBeLessThanOrEqual(0.005)
  })

  it('container drenches: 5 oz of 6 % per 100 gal is 22.5 mg/L iron, of 10 % 37 mg/L', () => {
    const size = { kind: 'pots', count: 100, potL: 10 } as const
    const strength = (contentShare: number) => {
      const rate = findRate('soil-container-drench')
      const amount = amountFor({ rate, rateValue: 5, carrierValue: 12, size, contentShare })
      return (amount.nutrientKg * 1e6) / amount.carrierL
    }
    expect(Math.abs(strength(0.06) - 22.5)).toBeLessThanOrEqual(0.05)
    expect(Math.abs(strength(0.1) - 37.4)).toBeLessThanOrEqual(0.1)
  })

  it('a 2-inch trunk at 1 oz per inch takes 2 oz in 5 gal (common practice)', () => {
    const size = { kind: 'trunks', count: 1, diameterM: 0.0508 } as const
    const rate = findRate('soil-eddha-trunk')
    const amount = amountFor({ rate, rateValue: 1, carrierValue: 2.5, size, contentShare: 0.06 })
    expect(formatQuantity(inPlaceUnits('mass', amount.productKg, 'us'))).toBe('2 oz')
    expect(formatQuantity(inPlaceUnits('volume', amount.carrierL, 'us'))).toBe('5 gal')
    expect(rate.carrier).toMatchObject({ unit: 'gal/in', high: 2.5 })
  })
})

describe('amountFor', () => {
  const eddha: Rate = findRate('soil-eddha-trunk')
  const turf: AmountInput = {
    rate: findRate('soil-eddha-watered-in'),
    rateValue: 2,
    carrierValue: 5,
    size: acre,
    contentShare: 0.06,
  }

  it('says how it was got, with rate, area and source', () => {
    const { derivation } = amountFor(turf)
    expect(derivation.formula).toBe('product = rate × area')
    expect(derivation.inputs.map(({ value }) => value)).toEqual(
      expect.arrayContaining(['2 oz/1000 ft2', '4,047 m²', '6 %']),
    )
    expect(derivation.mark).toBe('M')
  })

  it.each([
    ['an area for a trunk rate', { ...turf, rate: eddha }, /a size by trunks/],
    ['no iron in the product', { ...turf, contentShare: 0 }, /contentShare: expected/],
    ['a rate that is no number', { ...turf, rateValue: Number.NaN }, /rateValue: expected/],
    ['no water', { ...turf, carrierValue: 0 }, /carrierValue: expected/],
  ])('refuses %s', (_, input, message) => {
    expect(() => amountFor(input)).toThrow(message)
  })
})
