import { describe, expect, it } from 'vitest'
import { asInTheNorth, seasonOfYear } from './index.ts'

describe('seasons of both halves of the earth (meteorological seasons: definition)', () => {
  it.each([
    ['2026-03-01', 51, 'spring'],
    ['2026-08-31', 51, 'summer'],
    ['2026-11-30', 51, 'autumn'],
    ['2026-12-01', 51, 'winter'],
    ['2026-02-10', 51, 'winter'],
    ['2026-11-30', -38, 'spring'],
    ['2026-01-15', -38, 'summer'],
    ['2026-07-15', -38, 'winter'],
  ] as const)('%s at %s° is %s', (day, latitude, season) => {
    expect(seasonOfYear(day, latitude)).toBe(season)
  })

  it('has none between the tropics, and refuses a day that is none', () => {
    expect(seasonOfYear('2026-11-30', 10)).toBeUndefined()
    expect(() => seasonOfYear('2026-02-30', 51)).toThrow(/day/)
  })

  it('shifts the south by half a year, and the north not at all', () => {
    expect(asInTheNorth('2026-11-30', -38)).toBe('2027-05-31')
    expect(asInTheNorth('2026-11-30', 51)).toBe('2026-11-30')
    expect(asInTheNorth('2026-11-30')).toBe('2026-11-30')
  })
})
