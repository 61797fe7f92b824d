import type { PlaceDto } from '@spudder/contract/place'
import type { WeatherHoursDto } from '@spudder/contract/weather'
import { serveWeather, type WeatherFault } from '@spudder/sim/weather'
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import type { AddressInfo } from 'node:net'
import type { Server } from 'node:http'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { pino } from 'pino'
import { afterEach, describe, expect, it } from 'vitest'
import { db, get, newPlace, patch, refused } from '../tests/test-estate.ts'
import { lookIntoFolder } from './watch-folder.ts'

const servers: Server[] = []
const folders: string[] = []
afterEach(() => {
  for (const server of servers.splice(0)) {
    server.closeAllConnections()
    server.close()
  }
  for (const folder of folders.splice(0)) rmSync(folder, { recursive: true, force: true })
})

async function addressOf(fault: WeatherFault = 'none'): Promise<string> {
  const server = serveWeather(fault)
  servers.push(server)
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  return `http://127.0.0.1:${(server.address() as AddressInfo).port}/hours`
}
async function hoursFrom(weatherFrom: string): Promise<WeatherHoursDto> {
  const { id } = await newPlace()
  await patch<PlaceDto>(`/places/${id}/settings`, { weatherFrom })
  return get(`/places/${id}/weather/hours?from=2026-05-01&to=2026-05-03`)
}

describe('weather from an address', () => {
  it('is taken day by day and says by whom, made up where it is', async () => {
    const { service, days } = await hoursFrom(await addressOf())
    expect(service).toBe('simulated weather service')
    expect(days.map(({ day }) => day)).toEqual(['2026-05-01', '2026-05-02', '2026-05-03'])
    expect(days[0]?.temperatureC).toHaveLength(24)
  })

  it.each(['not json', 'other format', 'half a day'] as const)(
    'that is wrong (%s) is not taken, and days are told as without weather',
    async (fault) => {
      expect(await hoursFrom(await addressOf(fault))).toEqual({ service: 'none', days: [] })
    },
  )

  it('that is no address is refused where it is typed', async () => {
    const { id } = await newPlace()
    const body = { weatherFrom: 'file:///etc/passwd' }
    const { fields } = await refused('patch', `/places/${id}/settings`, body, 400)
    expect(fields[0]?.field).toBe('weatherFrom')
  })
})

describe('a folder that a station writes into', () => {
  it('is taken in as files come and grow, each once, and one that is no table harms nothing', async () => {
    const folder = mkdtempSync(join(tmpdir(), 'spudder-weather-'))
    folders.push(folder)
    const watching = { db, folder, actor: 'the station', logger: pino({ level: 'silent' }) }
    const seen = new Map<string, string>()
    const rows = (day: number) =>
      Array.from({ length: 24 }, (_, hour) => `2026-05-0${day} ${String(hour).padStart(2, '0')}:00,12,0,2,70`) // prettier-ignore
    const file = (days: readonly number[]) =>
      `time,temperature C,rain mm,wind m/s,humidity %\n${days.flatMap(rows).join('\n')}\n`
    writeFileSync(join(folder, 'may.csv'), file([1]))
    writeFileSync(join(folder, 'readme.txt'), 'not a table')
    const look = () => lookIntoFolder(watching, seen, new Date())
    expect(await look()).toEqual(['may.csv'])
    expect(await look()).toEqual([])
    writeFileSync(join(folder, 'may.csv'), file([1, 2]))
    expect(await look()).toEqual(['may.csv'])
  })
})
