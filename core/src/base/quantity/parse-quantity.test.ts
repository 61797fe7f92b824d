import { localeTags, usualLocale, writeAs } from '../writing/index.ts'
import fc from 'fast-check'
import { afterEach, describe, expect, it } from 'vitest'
import {
  formatQuantity,
  inPlaceUnits,
  parseQuantity,
  strength,
  quantityOf,
  unitDefinitions,
  unitText,
  valueIn,
} from './index.ts'

describe('parseQuantity', () => {
  it.each([
    ['2 oz/1000 ft2', 2, 'oz/1000 ft2'],
    ['2 oz per 1000 sq ft', 2, 'oz/1000 ft2'],
    ['1.2 kg/ha', 1.2, 'kg/ha'],
    ['4 tbsp', 4, 'tbsp'],
    ['10 gal', 10, 'gal'],
    ['22 mg/L', 22, 'mg/L'],
    ['16 fl oz/1,000 ft²', 16, 'fl oz/1000 ft2'],
    ['1,200 lb', 1200, 'lb'],
    ['1 1/2 gal', 1.5, 'gal'],
    ['1/2 cup', 0.5, 'cup'],
    ['½ tsp', 0.5, 'tsp'],
    ['2½ Tbsp', 2.5, 'tbsp'],
    ['.5lb', 0.5, 'lb'],
    ['2 %', 2, '%'],
    ['5 oz/100 gal', 5, 'oz/100 gal'],
    ['2 lb/yd³', 2, 'lb/yd3'],
    ['10 g/vine', 10, 'g/piece'],
    ['1 oz/1000 row ft', 1, 'oz/1000 ft'],
    ['1 acre-inch', 1, 'acre-inch'],
  ])('reads %s', (text, value, unit) => {
    const quantity = parseQuantity(text)
    expect(quantity.value).toBe(value)
    expect(unitText(quantity.unit)).toBe(unit)
  })

  it.each([
    ['', 'quantity-unreadable', /number with a unit/],
    ['lots', 'quantity-unreadable', /number with a unit/],
    ['5', 'quantity-unreadable', /unit is missing/],
    ['-3 oz', 'quantity-unreadable', /number with a unit/],
    ['1,2,3 kg', 'quantity-unreadable', /number with a unit/],
    ['1 2 oz', 'quantity-unreadable', /number with a unit/],
    ['1/0 oz', 'quantity-unreadable', /number with a unit/],
    ['5 smidgens', 'unit-unknown', /a unit such as/],
    ['5 ppm', 'unit-ambiguous', /mg\/L for a solution/],
    ['2 ton/acre', 'unit-ambiguous', /2000 lb for a short ton/],
    ['3 cwt', 'unit-ambiguous', /112 lb for the British/],
    ['12 gpg', 'unit-ambiguous', /17\.1 mg\/L/],
    ['5 oz/0 ft2', 'unit-unknown', /positive number/],
    ['5 oz/ft2/day', 'unit-unknown', /one unit per another/],
  ])('refuses %j with %s', (text, code, expected) => {
    expect(() => parseQuantity(text)).toThrow(expect.objectContaining({ code }))
    expect(() => parseQuantity(text)).toThrow(expected)
  })

  it('refuses a weight where a spray volume is wanted, with an example of one', () => {
    expect(() => parseQuantity('30 lb/acre', 'volume/area')).toThrow(/30 gal\/acre or 300 L\/ha/)
  })
})

describe('round trips', () => {
  const units = unitDefinitions.map((unit) => unit.symbol)

  it('prints what it reads back, to the digits printed', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...units),
        fc.double({ min: 1e-3, max: 1e6, noNaN: true }),
        (unit, value) => {
          const printed = formatQuantity(quantityOf(value, unit), 12)
          const relative = Math.abs(parseQuantity(printed).value / value - 1)
          expect(relative).toBeLessThan(1e-4)
        },
      ),
    )
  })

  it('converts there and back within 1e-12, for rates too', () => {
    const masses = unitDefinitions.filter((unit) => unit.dimension === 'mass')
    const areas = unitDefinitions.filter((unit) => unit.dimension === 'area')
    const rate = fc
      .tuple(fc.constantFrom(...masses), fc.constantFrom(1, 100, 1000), fc.constantFrom(...areas))
      .map(([mass, amount, area]) => `${mass.symbol}/${amount} ${area.symbol}`)
    fc.assert(
      fc.property(rate, rate, fc.double({ min: 1e-6, max: 1e6, noNaN: true }), (a, b, value) => {
        const there = valueIn(quantityOf(value, a), b)
        expect(Math.abs(valueIn(quantityOf(there, b), a) / value - 1)).toBeLessThan(1e-12)
      }),
    )
  })
})

describe('household and place units', () => {
  it('shows small and large amounts in the unit a person would say', () => {
    expect(formatQuantity(inPlaceUnits('mass', 0.05, 'us'))).toBe('1.76 oz')
    expect(formatQuantity(inPlaceUnits('mass', 5, 'us'))).toBe('11 lb')
    expect(formatQuantity(inPlaceUnits('volume', 0.05, 'metric'))).toBe('50 mL')
    expect(formatQuantity(inPlaceUnits('area', 52000, 'metric'))).toBe('5.2 ha')
  })
})

describe('quantities as a place writes them', () => {
  afterEach(() => writeAs(usualLocale))

  it.each(localeTags)('are read back as they are printed in %s, of any size', (tag) => {
    writeAs(tag)
    const { unit } = parseQuantity('1 kg/ha')
    for (const value of [0.004, 0.125, 1.5, 12.25, 999, 1000, 1234, 1234.5, 1250000]) {
      expect(parseQuantity(formatQuantity({ value, unit }, 8)).value).toBe(value)
    }
  })

  it('go through every word for a figure', () => {
    writeAs('de-DE')
    expect(strength(0.115)).toBe('11,5 %')
    expect(formatQuantity({ value: 2.5, unit: parseQuantity('1 oz').unit })).toBe('2,5 oz')
  })

  it.each([
    ['1,5 kg/ha', 1.5],
    ['1 1/2 gal', 1.5],
    ['1 250 g', 1250],
    ['½ cup', 0.5],
    ['12,5oz/1000 ft2', 12.5],
  ])('are read from %j', (text, value) => {
    expect(parseQuantity(text).value).toBe(value)
  })

  it.each(['1 2 oz', '1,2,3 kg', '12 34 g', '1..5 kg'])('are not guessed from %j', (text) => {
    expect(() => parseQuantity(text)).toThrow(/expected/)
  })
})
