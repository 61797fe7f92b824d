import { createServer, type Server } from 'node:http'
import { hoursOf } from './hours.ts'

/** What a stand-in of a weather service can do wrong, by name. */
export type WeatherFault = 'none' | 'silent' | 'not json' | 'other format' | 'half a day'

/**
 * Plays a weather service that is asked at an address: hours of made-up weather by the documented JSON,
 * which says of itself that it is simulated.
 * @param fault how it fails; none where it does as it should
 */
export function serveWeather(fault: WeatherFault = 'none'): Server {
  return createServer((request, response) => {
    if (fault === 'silent') return
    const { searchParams } = new URL(request.url ?? '/', 'http://localhost')
    const [from, to] = ['from', 'to'].map((name) => searchParams.get(name) ?? '')
    const today = new Date().toISOString().slice(0, 10)
    const days = hoursOf({
      placeId: 'served',
      climate: 'temperate',
      latitude: undefined,
      from: from ?? '',
      to: to ?? '',
      today,
    })
    const cut = fault === 'half a day'
    const answer = {
      format: fault === 'other format' ? 'another' : 'spudder-weather',
      version: 1,
      source: 'simulated weather service',
      days: cut
        ? days.map((day) => ({ ...day, temperatureC: day.temperatureC.slice(0, 12) }))
        : days,
    }
    response.setHeader('content-type', 'application/json')
    response.end(fault === 'not json' ? '<html>' : JSON.stringify(answer))
  })
}
