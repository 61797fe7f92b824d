import type { ProblemDto } from '@spudder/contract/problem'
import type {
  OutlookDto,
  StationImportDto,
  WeatherDto,
  WeatherHoursDto,
} from '@spudder/contract/weather'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { describe, expect, it } from 'vitest'
import { api, get, newPlace, practiseAt } from '../tests/test-estate.ts'

const today = dateToDay(new Date())
const hours = Array.from({ length: 24 }, (_, hour) => String(hour).padStart(2, '0'))

const practisingPlace = async () => practiseAt((await newPlace()).id)

describe('weather', () => {
  it('is nobody’s where it was neither measured nor asked to be made up', async () => {
    const { id } = await newPlace()
    const span = `from=${addDays(today, -3)}&to=${addDays(today, 30)}`
    expect(await get<WeatherDto>(`/places/${id}/weather?${span}`)).toEqual({ service: 'none', days: [] }) // prettier-ignore
    const outlook = await get<OutlookDto>(`/places/${id}/weather/outlook?${span}`)
    expect(new Set(outlook.days.map(({ basis }) => basis))).toEqual(new Set(['unknown']))
    for (const { works, meanC } of outlook.days) {
      expect(works.map(({ chance, fitHours }) => [chance, fitHours])).toEqual(works.map(() => [0.5, []])) // prettier-ignore
      expect(meanC).toBeGreaterThan(-30)
    }
  })

  it('of a station alone is that of its days, and of no other', async () => {
    const { id } = await newPlace()
    const day = addDays(today, -2)
    const rows = hours.map((hour) => `${day} ${hour}:00,21.5,0,2`)
    const text = ['Time,Temperature (°C),Rain (mm),Wind (m/s)', ...rows].join('\n')
    await api.post(`/api/places/${id}/weather/station?fileName=own.csv`).type('text/csv').send(text)
    const span = `from=${addDays(today, -5)}&to=${addDays(today, 5)}`
    const { service, days } = await get<WeatherDto>(`/places/${id}/weather?${span}`)
    expect(service).toBe('station file')
    expect(days.map((each) => each.day)).toEqual([day])
    const outlook = await get<OutlookDto>(`/places/${id}/weather/outlook?${span}`)
    const bases = new Map(outlook.days.map((each) => [each.day, each.basis]))
    expect(bases.get(day)).toBe('measured')
    // Days about this time of the year are as that one was; it was one, and it is told as usual.
    expect(bases.get(addDays(today, 3))).toBe('usual')
  })

  it('says that it is simulated and foretells a fortnight, not more', async () => {
    const { id } = await practisingPlace()
    const [from, to] = [addDays(today, -3), addDays(today, 60)]
    const { service, days } = await get<WeatherDto>(`/places/${id}/weather?from=${from}&to=${to}`)
    expect(service).toMatch(/simulated/)
    expect(days[0]).toMatchObject({ day: from, isForecast: false })
    expect(days.at(-1)).toMatchObject({ day: addDays(today, 14), isForecast: true })
  })

  it('adds up from its hours', async () => {
    const { id } = await practisingPlace()
    const span = `from=${addDays(today, -40)}&to=${today}`
    const { days } = await get<WeatherDto>(`/places/${id}/weather?${span}`)
    const byHour = await get<WeatherHoursDto>(`/places/${id}/weather/hours?${span}`)
    days.forEach((day, index) => {
      const own = byHour.days[index]
      expect(day.maxC).toBe(Math.max(...(own?.temperatureC ?? [])))
      expect(day.rainMm).toBeCloseTo(
        (own?.rainMm ?? []).reduce((sum, each) => sum + each, 0),
        1,
      )
    })
  })

  it('promises a season: measured, foretold, then as such days usually are', async () => {
    const { id } = await practisingPlace()
    const span = `from=${today}&to=${addDays(today, 365)}`
    const { days } = await get<OutlookDto>(`/places/${id}/weather/outlook?${span}`)
    expect(days).toHaveLength(366)
    const bases = [days[0], days[5], days[40]].map((day) => day?.basis)
    expect(bases).toEqual(['measured', 'forecast', 'usual'])
    for (const { works } of days) {
      expect(works).toHaveLength(5)
      for (const { chance } of works) expect(chance >= 0 && chance <= 1).toBe(true)
    }
    const leaf = (month: string) => {
      const chances = days
        .filter(({ day, basis }) => day.slice(5, 7) === month && basis === 'usual')
        .flatMap(({ works }) => works.filter(({ work }) => work === 'leaf'))
      return chances.reduce((sum, { chance }) => sum + chance, 0) / Math.max(1, chances.length)
    }
    // A temperate winter is too cold and wet for leaves more often than a summer.
    const [summer, winter] = [leaf('06') || leaf('07'), leaf('01') || leaf('12')]
    expect(summer).toBeGreaterThan(winter)
  })

  it('is that of the station where a file of it was taken in', async () => {
    const { id } = await practisingPlace()
    const day = addDays(today, -2)
    const rows = hours.map((hour) => `${day} ${hour}:00,21.5,0,2`)
    const text = ['Time,Temperature (°C),Rain (mm),Wind (m/s)', ...rows, 'soon,1,1,1'].join('\n')
    const send = async (fileName: string, content: string, status = 201) => {
      const path = `/api/places/${id}/weather/station?fileName=${fileName}`
      const answer = await api.post(path).type('text/csv').send(content)
      expect(answer.status).toBe(status)
      return answer.body as unknown
    }
    const taken = (await send('station.csv', text)) as StationImportDto
    expect(taken).toMatchObject({ dayCount: 1, from: day, to: day })
    expect(taken.errors).toHaveLength(1)
    expect(taken.assumed).toHaveLength(2)
    const span = `from=${addDays(day, -1)}&to=${addDays(day, 1)}`
    const { service, days } = await get<WeatherDto>(`/places/${id}/weather?${span}`)
    expect(service).toMatch(/station file, and simulated/)
    expect(days[1]).toMatchObject({ day, minC: 21.5, maxC: 21.5, rainMm: 0, windMPerS: 2 })
    expect(days[0]?.maxC).not.toBe(21.5)
    // The same day of a newer file stands in place of the older.
    await send('newer.csv', text.replaceAll('21.5', '12'))
    expect((await get<WeatherDto>(`/places/${id}/weather?${span}`)).days[1]?.maxC).toBe(12)
    const { fields } = (await send('x.csv', 'Hour;Warm', 400)) as ProblemDto
    expect(fields[0]?.field).toBe('text')
  })
})
