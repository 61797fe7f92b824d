import { afterEach, describe, expect, it } from 'vitest'
import {
  formatAtMost,
  formatDecimals,
  formatNumber,
  localeTags,
  locales,
  readTyped,
  typedNumber,
  usualLocale,
  writeAs,
} from './index.ts'

afterEach(() => writeAs(usualLocale))

describe('numbers as a place writes them', () => {
  it.each([
    ['en-GB', '1,234.5', '7.0'],
    ['en-US', '1,234.5', '7.0'],
    ['de-DE', '1.234,5', '7,0'],
    ['fr-FR', '1\u202f234,5', '7,0'],
    ['de-CH', `1${new Intl.NumberFormat('de-CH').format(1000)[1] ?? ''}234.5`, '7.0'],
  ] as const)('%s writes %s and %s', (tag, thousands, tenths) => {
    writeAs(tag)
    expect(formatNumber(1234.5, 5)).toBe(thousands)
    expect(formatDecimals(7, 1)).toBe(tenths)
    // At most so many: nothing is added that says nothing.
    expect(formatAtMost(7, 1)).toBe('7')
    expect(formatAtMost(7.04, 1)).toBe('7')
    expect(formatAtMost(1234.56, 1)).toBe(formatNumber(1234.6, 5))
  })

  it('writes with the marks that it says it does', () => {
    // The table is checked against the tables of numbers that the runtime ships (Unicode CLDR).
    for (const tag of localeTags) {
      const parts = new Intl.NumberFormat(tag).formatToParts(1234567.5)
      const mark = (type: string) => parts.find((part) => part.type === type)?.value
      expect(mark('decimal'), tag).toBe(locales[tag].decimalMark)
    }
  })
})

describe('numbers as they are typed', () => {
  it.each(localeTags)('reads back what it writes in %s, of any size', (tag) => {
    writeAs(tag)
    for (const value of [0, 0.004, 0.125, 1.5, 12.25, 999, 1000, 1234, 1234.5, 1250000, -3.75]) {
      expect(readTyped(typedNumber(value))).toBe(value)
      expect(readTyped(formatNumber(value, 8))).toBe(value)
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
})
