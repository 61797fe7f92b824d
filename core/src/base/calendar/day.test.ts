import { usualLocale, writeAs, writtenAs } from '../writing/index.ts'
import fc from 'fast-check'
import { afterEach, describe, expect, it } from 'vitest'
import { addDays, daysBetween, dayWords, isDay, localeSample } from './index.ts'

describe('days', () => {
  it('knows which days exist', () => {
    expect(isDay('2028-02-29')).toBe(true)
    expect(isDay('2026-02-29')).toBe(false)
    expect(isDay('2026-2-9')).toBe(false)
    expect(isDay('2026-13-01')).toBe(false)
    expect(isDay('2026-00-10')).toBe(false)
    expect(isDay('2026-04-00')).toBe(false)
    expect(isDay('tomorrow')).toBe(false)
    expect(isDay('0202-06-01')).toBe(false)
  })

  it('counts over a change to summer time without losing a day', () => {
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2)
    expect(addDays('2026-10-24', 2)).toBe('2026-10-26')
  })

  it('adds and counts as inverses', () => {
    fc.assert(
      fc.property(fc.integer({ min: -4000, max: 4000 }), (days) => {
        expect(daysBetween('2026-11-24', addDays('2026-11-24', days))).toBe(days)
      }),
    )
  })

  it('says a day as people do, the year only where it is not plain', () => {
    expect(dayWords('2026-11-05')).toBe('5 Nov 2026')
    expect(dayWords('2026-11-05', '2026')).toBe('5 Nov')
  })

  it('refuses what is not a day, saying what a day looks like', () => {
    expect(() => addDays('24.11.2026', 1)).toThrow(/a day such as 2026-05-31/)
  })
})

describe('days as a place writes them', () => {
  afterEach(() => writeAs(usualLocale))

  it.each([
    ['en-GB', '5 Nov 2026', '5 Nov', '1,234.5 and 5 Nov 2026'],
    ['en-US', 'Nov 5, 2026', 'Nov 5', '1,234.5 and Nov 5, 2026'],
    ['de-DE', '5 Nov 2026', '5 Nov', '1.234,5 and 5 Nov 2026'],
  ] as const)('%s writes %s', (tag, whole, short, sample) => {
    writeAs(tag)
    expect(dayWords('2026-11-05')).toBe(whole)
    expect(dayWords('2026-11-05', '2026')).toBe(short)
    expect(localeSample(tag)).toBe(sample)
  })

  it('show a sample of another locale without taking it up', () => {
    writeAs('de-DE')
    localeSample('en-US')
    expect(writtenAs()).toBe('de-DE')
  })
})
