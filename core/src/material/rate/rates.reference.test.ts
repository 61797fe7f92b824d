import { describe, expect, it } from 'vitest'
import { quantityOf, valueIn } from '../../base/quantity/index.ts'
import { convertRate, type RateBasis, type RateFacts } from './index.ts'

/** One acre, so that rates per area need nothing else. */
const acre = (contentShare?: number): RateFacts => ({
  amounts: { area: 4046.8564224 },
  ...(contentShare === undefined ? {} : { contentShare }),
})
const inBasis = (
  from: readonly [RateBasis, number, string],
  to: readonly [RateBasis, string],
  facts: RateFacts,
) => {
  const [basis, value, unit] = from
  return convertRate({ basis, value, unit }, { basis: to[0], unit: to[1] }, facts).value
}

// The figures of these tables are recalled from the bulletins, not re-read (M); the tolerance is
// half of the last digit that they print.
describe('turf fertiliser bulletins of US extension: lb an acre that bring 1 lb of N/1000 ft²', () => {
  it.each([
    ['46-0-0', 0.46, 94.7],
    ['33-0-0', 0.33, 132],
    ['21-0-0', 0.21, 207.4],
    ['16-4-8', 0.16, 272.3],
    ['10-10-10', 0.1, 435.6],
    ['6-2-0', 0.06, 726],
  ])('%s', (_, share, pounds) => {
    const product = inBasis(
      ['iron-per-area', 1, 'lb/1000 ft2'],
      ['product-per-area', 'lb/acre'],
      acre(share),
    )
    expect(Math.abs(product - pounds)).toBeLessThanOrEqual(0.06)
  })
})

describe('conversion tables of US turf extension', () => {
  it.each([
    [1, 'lb/1000 ft2', 'lb/acre', 43.56, 0.005],
    [100, 'lb/acre', 'lb/1000 ft2', 2.3, 0.05],
    [1, 'oz/1000 ft2', 'lb/acre', 2.72, 0.005],
    [1, 'lb/acre', 'oz/1000 ft2', 0.37, 0.005],
    [1, 'fl oz/1000 ft2', 'qt/acre', 1.36, 0.005],
    [1, 'qt/acre', 'fl oz/1000 ft2', 0.73, 0.005],
    [1, 'pt/acre', 'mL/1000 ft2', 10.9, 0.05],
    [1, 'gal/acre', 'fl oz/1000 ft2', 2.94, 0.005],
    [1, 'lb/1000 ft2', 'kg/ha', 48.8, 0.05],
    [1, 'lb/acre', 'kg/ha', 1.12, 0.005],
  ])('%d %s is %s %d', (value, unit, other, printed, tolerance) => {
    const facts = { ...acre(), densityKgPerL: 1 }
    const said = inBasis(['product-per-area', value, unit], ['product-per-area', other], facts)
    expect(Math.abs(said - printed)).toBeLessThanOrEqual(tolerance)
  })
})

describe('glasshouse feed tables of US extension: fertiliser for a strength in the feed', () => {
  const feed = (share: number): RateFacts => ({ amounts: { solution: 378.5 }, contentShare: share })
  it.each([
    [100, 0.2, 6.7],
    [200, 0.2, 13.3],
    [100, 0.15, 8.9],
    [150, 0.15, 13.4],
  ])('%d ppm N of %d: %d oz/100 gal', (ppm, share, ounces) => {
    const product = inBasis(
      ['iron-in-solution', ppm, 'mg/L'],
      ['product-in-solution', 'oz/100 gal'],
      feed(share),
    )
    expect(Math.abs(product - ounces)).toBeLessThanOrEqual(0.06)
  })

  it('1 oz in 100 gal is 75 ppm (the tables print 75)', () => {
    const whole = inBasis(
      ['product-in-solution', 1, 'oz/100 gal'],
      ['product-in-solution', 'mg/L'],
      feed(1),
    )
    expect(Math.abs(whole - 75)).toBeLessThanOrEqual(0.5)
  })
})

describe('feed for a loop (derived)', () => {
  it('Mg 6 to 25 mg/L in 1000 L with MgSO4·7H2O (9.861 % Mg) takes 192.7 g', () => {
    const loop: RateFacts = { amounts: { solution: 1000 }, contentShare: 0.09861 }
    const milligrams = inBasis(
      ['iron-in-solution', 19, 'mg/L'],
      ['product-in-solution', 'mg/L'],
      loop,
    )
    expect(Math.abs(milligrams - 192.7)).toBeLessThanOrEqual(0.05)
  })
})

describe('trade practice (common practice)', () => {
  it('2 % at 20-30 gal/acre is kg/ha of product and of iron, a range', () => {
    const at = (gallons: number) => {
      const carrier = valueIn(quantityOf(gallons, 'gal'), 'L')
      const facts = { amounts: { area: 4046.8564224, carrier }, contentShare: 0.2 }
      const said = ['spray-strength', 2, '%'] as const
      return [
        inBasis(said, ['product-per-area', 'kg/ha'], facts),
        inBasis(said, ['iron-per-area', 'kg/ha'], facts),
      ]
    }
    // 3.34-5.01 lb/acre of product, 0.67-1.00 of iron, at 1.12085 kg/ha for a pound an acre.
    const printed = [3.74, 0.75, 5.61, 1.12]
    for (const [index, value] of [...at(20), ...at(30)].entries()) {
      expect(Math.abs(value - (printed[index] ?? 0))).toBeLessThanOrEqual(0.006)
    }
  })

  it('a 2-inch trunk at 1 oz per inch is 2 oz, 4 tbsp where 2 tbsp weigh an ounce', () => {
    const densityKgPerL = valueIn(quantityOf(1, 'oz'), 'kg') / valueIn(quantityOf(2, 'tbsp'), 'L')
    const facts = { amounts: { trunk: 0.0508, plant: 1 }, densityKgPerL }
    const said = ['product-per-trunk', 1, 'oz/in'] as const
    expect(inBasis(said, ['product-per-plant', 'oz/tree'], facts)).toBeCloseTo(2, 9)
    expect(inBasis(said, ['product-per-plant', 'tbsp/tree'], facts)).toBeCloseTo(4, 9)
  })
})
