import { describe, expect, it } from 'vitest'
import {
  climateNames,
  dayOfYear,
  isWatering,
  soilClimateAt,
  soilClimates,
  soilTemperature,
  wateringDaysOf,
} from './index.ts'

describe('the soil’s year', () => {
  it.each(climateNames)('%s: warmest and coldest where its record says', (name) => {
    const climate = soilClimates[name]
    const year = Array.from({ length: 365 }, (_, index) => {
      const date = new Date(Date.UTC(2026, 0, 1 + index))
      return soilTemperature(climate, date.toISOString().slice(0, 10))
    })
    expect(Math.max(...year)).toBeCloseTo(climate.meanC + climate.swingC, 2)
    expect(year.indexOf(Math.max(...year)) + 1).toBe(climate.warmestDay)
    const mean = year.reduce((sum, value) => sum + value, 0) / 365
    expect(mean).toBeCloseTo(climate.meanC, 1)
  })

  it('waters in summer alone', () => {
    expect(isWatering(soilClimates.temperate, '2026-07-01')).toBe(true)
    expect(isWatering(soilClimates.temperate, '2026-12-01')).toBe(false)
  })

  it.each(climateNames)(
    '%s: turned by half a year in the south, and as it is in the north',
    (name) => {
      const [north, south] = [soilClimateAt(name, 45), soilClimateAt(name, -45)]
      expect(north).toBe(soilClimates[name])
      expect(soilClimateAt(name)).toBe(north)
      for (const [day, halfYearOn] of [
        ['2026-01-10', '2026-07-12'],
        ['2026-05-20', '2026-11-19'],
      ] as const) {
        expect(soilTemperature(south, day)).toBeCloseTo(soilTemperature(north, halfYearOn), 0)
      }
      expect(wateringDaysOf(south)).toBe(wateringDaysOf(north))
    },
  )

  it('waters over the turn of the year in the south', () => {
    const south = soilClimateAt('temperate', -38)
    expect(isWatering(south, '2026-01-10')).toBe(true)
    expect(isWatering(south, '2026-12-10')).toBe(true)
    expect(isWatering(south, '2026-07-01')).toBe(false)
  })

  it('counts days of the year, leap years too', () => {
    expect(dayOfYear('2026-01-01')).toBe(1)
    expect(dayOfYear('2028-12-31')).toBe(366)
    expect(() => soilTemperature(soilClimates.temperate, '2026-02-30')).toThrow(/day: expected/)
  })
})
