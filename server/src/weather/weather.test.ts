import type { WeatherDto } from '@spudder/contract/weather'
import { addDays, dateToDay } from '@spudder/core/calendar'
import { expect, it } from 'vitest'
import { get, newPlace } from '../tests/test-estate.ts'

it('weather says that it is simulated and foretells a fortnight, not more', async () => {
  const { id } = await newPlace()
  const today = dateToDay(new Date())
  const [from, to] = [addDays(today, -3), addDays(today, 60)]
  const { service, days } = await get<WeatherDto>(`/places/${id}/weather?from=${from}&to=${to}`)
  expect(service).toMatch(/simulated/)
  expect(days[0]).toMatchObject({ day: from, isForecast: false })
  expect(days.at(-1)).toMatchObject({ day: addDays(today, 14), isForecast: true })
})
