import { formatNumber } from '../writing/index.ts'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  densityOf,
  dimensionExample,
  dimensionOf,
  formatQuantity,
  formatRange,
  inPlaceUnits,
  parseQuantity,
  parseUnit,
  quantityOf,
  rateText,
  spoonWords,
  unitDefinitions,
  valueIn,
  type Dimension,
} from './index.ts'

describe('formatNumber', () => {
  it.each([
    [0, '0'],
    [2, '2'],
    [2.5, '2.5'],
    [0.0123456, '0.0123'],
    [12.3456, '12.3'],
    [1234.56, '1,235'],
    [1234567, '1,234,567'],
    [-4.25, '-4.25'],
    [1e-9, '0'],
  ])('%d is printed as %s', (value, text) => expect(formatNumber(value)).toBe(text))

  it('keeps as many figures as are asked for', () => {
    expect(formatNumber(3.14159, 2)).toBe('3.1')
    expect(formatNumber(3.14159, 5)).toBe('3.1416')
  })
})

describe('formatRange', () => {
  const pounds = (value: number) => quantityOf(value, 'lb')

  it('prints both ends with one unit, and one figure where both look alike', () => {
    expect(formatRange(pounds(6.5), pounds(6.83))).toBe('6.5-6.83 lb')
    expect(formatRange(pounds(6.501), pounds(6.502))).toBe('6.5 lb')
  })
})

describe('the units of a place', () => {
  const sizes = fc.double({ min: 1e-4, max: 1e5, noNaN: true })

  it('change how an amount is said, not what it is', () => {
    const units = { mass: 'kg', volume: 'L', area: 'm2', length: 'm' } as const
    const kinds = fc.constantFrom('mass', 'volume', 'area', 'length' as const)
    fc.assert(
      fc.property(
        kinds,
        sizes,
        fc.constantFrom('us' as const, 'metric' as const),
        (kind, value, system) => {
          const shown = inPlaceUnits(kind, value, system)
          expect(Math.abs(valueIn(shown, units[kind]) / value - 1)).toBeLessThan(1e-12)
        },
      ),
    )
  })

  it('keep both ends of a range in the unit of its larger end', () => {
    expect(formatQuantity(inPlaceUnits('mass', 0.05, 'metric', 5))).toBe('0.05 kg')
    expect(formatQuantity(inPlaceUnits('mass', 0.05, 'metric'))).toBe('50 g')
  })
})

describe('rates in the units of a place', () => {
  // 1 oz/1000 ft² = 3.05152 kg/ha, 1 gal/acre = 9.35396 L/ha (NIST SP 811).
  it.each([
    [[2], 'oz/1000 ft2', '2 oz/1000 ft2', '6.1 kg/ha'],
    [[20, 30], 'gal/acre', '20-30 gal/acre', '187-281 L/ha'],
    [[5, 5], 'gal/tree', '5 gal/tree', '18.9 L/tree'],
    [[1], 'oz/in', '1 oz/in', '11.2 g/cm'],
    [[5], 'oz/100 gal', '5 oz/100 gal', '37.4 g/100 L'],
    [[0.5, 1], '%', '0.5-1 %', '0.5-1 %'],
    [[2], 'mg/L', '2 mg/L', '2 mg/L'],
  ])('%j %s', (values, unit, us, metric) => {
    expect(rateText(values, unit, 'us')).toBe(us)
    expect(rateText(values, unit, 'metric')).toBe(metric)
    expect(parseQuantity(metric.replace(/^[\d.]+-/, '')).value).toBeGreaterThan(0)
  })
})

describe('units', () => {
  it('are found by every name they have', () => {
    for (const { symbol, synonyms } of unitDefinitions) {
      for (const name of synonyms) expect(parseUnit(name).over.symbol).toBe(symbol)
    }
  })

  it('have no name in common', () => {
    const names = unitDefinitions.flatMap(({ symbol, synonyms }) => [symbol, ...synonyms])
    expect(new Set(names).size).toBe(names.length)
  })

  it.each([
    'mass',
    'volume',
    'area',
    'length',
    'share',
    'mass/area',
    'volume/area',
    'mass/volume',
    'mass/length',
    'mass/count',
    'volume/count',
    'volume/length',
  ] as const)('the example for %s is one that can be typed', (dimension: Dimension) => {
    const example = /such as (.*?)(?: or|$)/.exec(dimensionExample(dimension))?.[1] ?? ''
    const typed = parseQuantity(example.replace(' of trunk', ''))
    expect(dimensionOf(typed.unit)).toBe(dimension)
  })
})

describe('household measures', () => {
  it('turn a spoon that was weighed once into a density', () => {
    // 2 tbsp of chelate granules weigh about an ounce (common practice).
    const density = densityOf(parseQuantity('1 oz'), parseQuantity('2 tbsp'))
    expect(density).toBeCloseTo(0.9586, 4)
    expect(() => densityOf(parseQuantity('5 lb'), parseQuantity('1 tbsp'))).toThrow(/densityKgPerL/)
    expect(() => densityOf(parseQuantity('1 oz'), parseQuantity('2 oz'))).toThrow(
      /a weight such as/,
    )
    expect(() => densityOf(parseQuantity('1 oz'), parseQuantity('0 tbsp'))).toThrow(
      /measure: expected/,
    )
  })

  it.each([
    [0.0567, 'us', '4 level tbsp'],
    [0.005, 'us', '1.1 level tsp'],
    [0.3, 'us', '1.3 level cups'],
    [0.0567, 'metric', '59 mL by measure'],
  ] as const)('say %d kg in %s as %s', (kg, system, words) => {
    expect(spoonWords(kg, 0.9586, system)).toBe(words)
  })

  it('are for no sack', () => expect(spoonWords(20, 1, 'us')).toBeUndefined())
})
