import { describe, expect, it } from 'vitest'
import { convert, quantityOf, valueIn } from './index.ts'

/**
 * Factors printed in NIST Special Publication 811, appendix B.8 (recalled, not re-read), to the
 * digits given there: the tolerance is half a unit of the last printed digit.
 */
const printedFactors: readonly [one: string, target: string, factor: number, tolerance: number][] =
  [
    ['lb', 'kg', 0.45359237, 1e-12],
    ['oz', 'g', 28.349523125, 1e-9],
    ['gal', 'L', 3.785411784, 1e-12],
    ['fl oz', 'mL', 29.5735295625, 1e-9],
    ['ft', 'm', 0.3048, 1e-12],
    ['acre', 'm2', 4046.8564224, 1e-7],
    ['lb/acre', 'kg/ha', 1.12085, 5e-6],
    ['lb/1000 ft2', 'kg/ha', 48.8243, 5e-5],
    ['oz/1000 ft2', 'kg/ha', 3.05152, 5e-6],
    ['gal/acre', 'L/ha', 9.35396, 5e-6],
    ['gal/1000 ft2', 'L/ha', 407.46, 5e-3],
    ['yd3', 'm3', 0.764554857984, 1e-12],
    ['acre-inch', 'm3', 102.790153, 1e-5],
    ['imp gal', 'L', 4.54609, 1e-12],
  ]

describe('conversion factors against NIST SP 811', () => {
  it.each(printedFactors)('1 %s is %s × %d', (one, target, factor, tolerance) => {
    expect(Math.abs(valueIn(quantityOf(1, one), target) - factor)).toBeLessThanOrEqual(tolerance)
  })

  it('refuses to turn a weight into a volume', () => {
    expect(() => convert(quantityOf(1, 'oz'), 'fl oz')).toThrow(/a weight such as/)
  })
})
