import 'reflect-metadata'
import { describe, expect, it } from 'vitest'
import { climates } from '@spudder/contract/place'
import type { DayOfHoursDto } from '@spudder/contract/weather'
import { SimulatedWeather } from './index.ts'

const service = new SimulatedWeather()
const ask = (climate: (typeof climates)[number], from: string, to: string, today = to) =>
  service.hours({ climate, placeId: 'a place', from, to, today })
const mean = (values: readonly number[]) =>
  values.reduce((sum, value) => sum + value, 0) / values.length
const later = (day: string, days: number) =>
  new Date(Date.parse(day) + days * 864e5).toISOString().slice(0, 10)

describe('the weather stand-in', () => {
  it('says that it is simulated, and the same thing twice', async () => {
    const first = await ask('temperate', '2026-01-01', '2026-01-20')
    expect(first.service).toMatch(/simulated/)
    expect(await ask('temperate', '2026-01-01', '2026-01-20')).toEqual(first)
  })

  it.each(climates)('gives %s a plausible year', async (climate) => {
    const { days } = await ask(climate, '2025-01-01', '2025-12-31')
    expect(days).toHaveLength(365)
    const ofMonth = (month: string) =>
      mean(
        days
          .filter(({ day }) => day.slice(5, 7) === month)
          .map(({ temperatureC }) => Math.max(...temperatureC)),
      )
    expect(ofMonth('07')).toBeGreaterThan(ofMonth('01') + (climate === 'tropical' ? 1 : 8))
    const rainy = days.filter(({ rainMm }) => mean(rainMm) > 0).length / days.length
    expect(rainy).toBeGreaterThan(0.08)
    expect(rainy).toBeLessThan(0.6)
    for (const { windMPerS, humidityPercent } of days) {
      expect(Math.min(...windMPerS)).toBeGreaterThan(0)
      expect(Math.max(...humidityPercent)).toBeLessThanOrEqual(100)
    }
  })

  it('has its summer in January in the south', async () => {
    const warmth = async (latitude: number) => {
      const span = { from: '2026-01-01', to: '2026-01-31', today: '2026-01-31' }
      const { days } = await service.hours({
        climate: 'temperate',
        placeId: 'a',
        latitude,
        ...span,
      })
      return mean(days.map(({ temperatureC }) => mean(temperatureC)))
    }
    expect(await warmth(-38)).toBeGreaterThan((await warmth(38)) + 8)
  })

  it('runs on from hour to hour over midnight, coldest before dawn, soil steadier than air', async () => {
    const { days } = await ask('temperate', '2025-06-01', '2025-06-30')
    const swing = (values: readonly number[]) => Math.max(...values) - Math.min(...values)
    days.slice(1).forEach((day, index) => {
      const before = days[index]?.temperatureC[23] ?? 0
      expect(Math.abs((day.temperatureC[0] ?? 0) - before)).toBeLessThan(2.5)
      expect(day.temperatureC[5]).toBeLessThan(day.temperatureC[15] ?? 0)
      expect(swing(day.soilC)).toBeLessThan(swing(day.temperatureC))
    })
  })

  /** Forecasts made so many days ahead, each beside the day that came. */
  const pairs = async (ahead: number, count: number) =>
    Promise.all(
      Array.from({ length: count }, async (_, index): Promise<[DayOfHoursDto, DayOfHoursDto]> => {
        const today = later('2024-01-01', index * 3)
        const day = later(today, ahead)
        const said = (await ask('temperate', day, day, today)).days[0]
        const came = (await ask('temperate', day, day)).days[0]
        if (!said || !came) throw new Error('no day')
        return [said, came]
      }),
    )

  it('is further off the further ahead it foretells, by as much as it says', async () => {
    const missBy = async (ahead: number) => {
      const asked = await pairs(ahead, 200)
      const misses = asked.map(
        ([said, came]) => ((said.temperatureC[12] ?? 0) - (came.temperatureC[12] ?? 0)) ** 2,
      )
      return { off: Math.sqrt(mean(misses)), said: asked[0]?.[0].temperatureDoubtK ?? 0 }
    }
    for (const ahead of [1, 10]) {
      const { off, said } = await missBy(ahead)
      expect(off / said).toBeGreaterThan(0.85)
      expect(off / said).toBeLessThan(1.15)
    }
    expect((await missBy(10)).said).toBeGreaterThan((await missBy(1)).said * 3)
  })

  it('says chances of rain that come true as often as said', async () => {
    const asked = (await Promise.all([1, 4, 8].map((ahead) => pairs(ahead, 300)))).flat()
    const spells = asked.flatMap(([said, came]) =>
      [0, 6, 12, 18].map((hour) => ({
        chance: said.rainChance[hour] ?? 0,
        rained: (came.rainChance[hour] ?? 0) > 0,
      })),
    )
    for (const [low, high] of [
      [0, 0.2],
      [0.2, 0.5],
      [0.5, 0.8],
      [0.8, 1],
    ] as const) {
      const within = spells.filter(({ chance }) => chance >= low && chance < high)
      expect(within.length).toBeGreaterThan(20)
      const came = mean(within.map(({ rained }) => Number(rained)))
      expect(Math.abs(came - mean(within.map(({ chance }) => chance)))).toBeLessThan(0.13)
    }
  })
})
