import 'reflect-metadata'
import { describe, expect, it } from 'vitest'
import { climates } from '@spudder/contract/place'
import { SimulatedWeather } from './index.ts'

const service = new SimulatedWeather()
const ask = (climate: (typeof climates)[number], from: string, to: string, today = to) =>
  service.weather({ climate, placeId: 'a place', from, to, today })
const mean = (values: number[]) => values.reduce((sum, value) => sum + value, 0) / values.length

describe('the weather stand-in', () => {
  it('says that it is simulated, and the same thing twice', async () => {
    const first = await ask('temperate', '2026-01-01', '2026-03-01')
    expect(first.service).toMatch(/simulated/)
    expect(await ask('temperate', '2026-01-01', '2026-03-01')).toEqual(first)
  })

  it.each(climates)('gives %s a plausible year', async (climate) => {
    const { days } = await ask(climate, '2025-01-01', '2025-12-31')
    expect(days).toHaveLength(365)
    for (const day of days) expect(day.minC).toBeLessThan(day.maxC)
    const july = mean(days.filter(({ day }) => day.slice(5, 7) === '07').map(({ maxC }) => maxC))
    const january = mean(days.filter(({ day }) => day.slice(5, 7) === '01').map(({ maxC }) => maxC))
    expect(july).toBeGreaterThan(january + 8)
    const rainy = days.filter(({ rainMm }) => rainMm > 0).length / days.length
    expect(rainy).toBeGreaterThan(0.08)
    expect(rainy).toBeLessThan(0.6)
  })

  it('is further off the further ahead it foretells', async () => {
    const error = async (ahead: number) => {
      const misses = await Promise.all(
        Array.from({ length: 60 }, async (_, index) => {
          const today = new Date(Date.UTC(2026, 0, 1 + index * 5))
          const day = new Date(today.getTime() + ahead * 864e5).toISOString().slice(0, 10)
          const said = await ask('temperate', day, day, today.toISOString().slice(0, 10))
          const came = await ask('temperate', day, day)
          return Math.abs((said.days[0]?.maxC ?? 0) - (came.days[0]?.maxC ?? 0))
        }),
      )
      return mean(misses)
    }
    expect(await error(10)).toBeGreaterThan((await error(1)) * 3)
  })
})
