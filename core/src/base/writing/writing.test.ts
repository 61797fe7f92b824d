import { afterEach, describe, expect, it } from 'vitest'
import { dayWords, localeSample } from '../calendar/index.ts'
import { formatQuantity, parseQuantity, percentRange, strength } from '../quantity/index.ts'
import {
  formatDecimals,
  formatNumber,
  localeTags,
  locales,
  readTyped,
  typedNumber,
  usualLocale,
  writeAs,
  writtenAs,
} from './index.ts'

afterEach(() => writeAs(usualLocale))

describe('numbers and days as a place writes them', () => {
  it.each([
    ['en-GB', '1,234.5', '7.0', '5 Nov 2026'],
    ['en-US', '1,234.5', '7.0', 'Nov 5, 2026'],
    ['de-DE', '1.234,5', '7,0', '5 Nov 2026'],
    ['fr-FR', '1\u202f234,5', '7,0', '5 Nov 2026'],
    ['de-CH', `1${new Intl.NumberFormat('de-CH').format(1000)[1] ?? ''}234.5`, '7.0', '5 Nov 2026'],
  ] as const)('%s writes %s, %s and %s', (tag, thousands, tenths, day) => {
    writeAs(tag)
    expect(formatNumber(1234.5, 5)).toBe(thousands)
    expect(formatDecimals(7, 1)).toBe(tenths)
    expect(dayWords('2026-11-05')).toBe(day)
    expect(localeSample(tag)).toBe(`${thousands} and ${day}`)
  })

  it('writes with the marks that it says it does', () => {
    // The table is checked against the tables of numbers that the runtime ships (Unicode CLDR).
    for (const tag of localeTags) {
      const parts = new Intl.NumberFormat(tag).formatToParts(1234567.5)
      const mark = (type: string) => parts.find((part) => part.type === type)?.value
      expect(mark('decimal'), tag).toBe(locales[tag].decimalMark)
    }
  })

  it('shows a sample of another locale without taking it up', () => {
    writeAs('de-DE')
    localeSample('en-US')
    expect(writtenAs()).toBe('de-DE')
  })

  it('goes through every word for a figure', () => {
    writeAs('de-DE')
    expect(strength(0.115)).toBe('11,5 %')
    expect(percentRange(0.6, 0.9)).toBe('60-90 %')
    expect(formatQuantity({ value: 2.5, unit: parseQuantity('1 oz').unit })).toBe('2,5 oz')
    expect(dayWords('2026-11-05', '2026')).toBe('5 Nov')
  })
})

describe('numbers as they are typed', () => {
  it.each(localeTags)('reads back what it writes in %s, of any size', (tag) => {
    writeAs(tag)
    for (const value of [0, 0.004, 0.125, 1.5, 12.25, 999, 1000, 1234, 1234.5, 1250000, -3.75]) {
      expect(readTyped(typedNumber(value))).toBe(value)
      expect(readTyped(formatNumber(value, 8))).toBe(value)
      const { unit } = parseQuantity('1 kg/ha')
      if (value >= 0) expect(parseQuantity(formatQuantity({ value, unit }, 8)).value).toBe(value)
    }
  })

  it.each([
    // What leaves no doubt is read alike everywhere.
    ['1.5', 1.5, 1.5],
    ['1,5', 1.5, 1.5],
    ['0,125', 0.125, 0.125],
    ['.5', 0.5, 0.5],
    ['1.234,5', 1234.5, 1234.5],
    ['1,234.5', 1234.5, 1234.5],
    ['1 234.5', 1234.5, 1234.5],
    ['−2', -2, -2],
    // What could be two numbers is read as the place writes.
    ['1,234', 1234, 1.234],
    ['1.234', 1.234, 1234],
    // What is none is none.
    ['', Number.NaN, Number.NaN],
    ['1,5,2', Number.NaN, Number.NaN],
    ['1.2.3', Number.NaN, Number.NaN],
    ['12 5', Number.NaN, Number.NaN],
    ['1e3', Number.NaN, Number.NaN],
    ['seven', Number.NaN, Number.NaN],
  ])(
    'reads %j as %d where a point, and as %d where a comma stands before decimals',
    (text, point, comma) => {
      writeAs('en-GB')
      expect(readTyped(text)).toBe(point)
      writeAs('de-DE')
      expect(readTyped(text)).toBe(comma)
    },
  )

  it.each([
    ['1,5 kg/ha', 1.5],
    ['1 1/2 gal', 1.5],
    ['1 250 g', 1250],
    ['½ cup', 0.5],
    ['12,5oz/1000 ft2', 12.5],
  ])('reads the quantity %j', (text, value) => {
    expect(parseQuantity(text).value).toBe(value)
  })

  it.each(['1 2 oz', '1,2,3 kg', '12 34 g', '1..5 kg'])('refuses %j', (text) => {
    expect(() => parseQuantity(text)).toThrow(/expected/)
  })
})
