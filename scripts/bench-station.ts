import 'reflect-metadata'
import { fork } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { monitorEventLoopDelay } from 'node:perf_hooks'
import { fileURLToPath } from 'node:url'
import { pino } from 'pino'
import { readStationFile } from '@spudder/core/days/station'
import { SimulatedLaboratory } from '@spudder/sim/laboratory'
import { SimulatedMeter } from '@spudder/sim/meter'
import { SimulatedWeather } from '@spudder/sim/weather'
import { makeOwner } from '../server/src/access/make-owner.ts'
import { createApp } from '../server/src/app.ts'
import { openDatabase } from '../server/src/database/connect.ts'
import { place } from '../server/src/database/schema.ts'
import { openThread } from '../server/src/thread/file-reader.ts'
import type { PrivateMariaDb } from './mariadb.ts'

/** A station's file of so many rows, one every five minutes. */
function stationText(rows: number): string {
  const lines = ['Time,Temperature (°C),Rain (mm),Wind (m/s),Humidity (%)']
  for (let row = 0; row < rows; row += 1) {
    const at = new Date(Date.UTC(2010, 0, 1, 0, row * 5)).toISOString()
    const [warm, wind] = [(row % 300) / 10, (row % 90) / 10]
    lines.push(`${at.slice(0, 10)} ${at.slice(11, 16)},${warm},${row % 40 ? 0 : 0.2},${wind},${60 + (row % 30)}`) // prettier-ignore
  }
  return lines.join('\n')
}

/** How a long file of a station was taken in. */
export interface StationPace {
  readonly rows: number
  readonly megabytes: number
  readonly days: number
  readonly seconds: number
  /** To read the same text, without storing what it says [s]. */
  readonly readSeconds: number
  /** The longest that everybody else waited [ms]. */
  readonly longestHoldMs: number
}

interface Sent {
  readonly status: number
  readonly dayCount: number
  readonly seconds: number
}

const self = fileURLToPath(import.meta.url)

/** Takes in a file that another process sends, and watches how long the server is held. */
export async function stationPace(database: PrivateMariaDb, rows: number): Promise<StationPace> {
  const { port, password } = database
  const { db, close } = await openDatabase({ port, user: 'spudder', password, database: 'spudder' })
  const id = randomUUID()
  await db.insert(place).values({ id, name: 'Station', unitSystem: 'us', climate: 'temperate', createdBy: 'bench', createdAt: new Date() }) // prettier-ignore
  await makeOwner(db, 'bench')
  openThread()
  const services = {
    weather: new SimulatedWeather(),
    meter: new SimulatedMeter(),
    laboratory: new SimulatedLaboratory(),
  }
  const server = createServer(
    createApp({ db, services, isPrivate: true, logger: pino({ level: 'silent' }) }),
  )
  await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
  const { port: own } = server.address() as AddressInfo
  const child = fork(self, { execArgv: ['--import', 'tsx'] })
  await new Promise((resolve) => child.once('message', resolve))
  const held = monitorEventLoopDelay({ resolution: 1 })
  const sending = new Promise<Sent>((resolve) => child.once('message', resolve))
  held.enable()
  child.send({ rows, url: `http://127.0.0.1:${own}/api/places/${id}/weather/station?fileName=long.csv` }) // prettier-ignore
  const sent = await sending
  held.disable()
  child.kill()
  server.close()
  await close()
  // Afterwards: what it leaves behind is not to be cleared away meanwhile.
  const longestHoldMs = held.max / 1e6
  const text = stationText(rows)
  const from = performance.now()
  readStationFile(text)
  const readSeconds = (performance.now() - from) / 1000
  if (sent.status !== 201) throw new Error(`the station's file was answered with ${sent.status}`)
  return {
    rows,
    megabytes: Buffer.byteLength(text) / 1e6,
    days: sent.dayCount,
    seconds: sent.seconds,
    readSeconds,
    longestHoldMs,
  }
}

if (process.argv[1] === self && process.send) {
  process.on('message', ({ rows, url }: { readonly rows: number; readonly url: string }) => {
    const body = stationText(rows)
    const from = performance.now()
    void fetch(url, { method: 'POST', headers: { 'content-type': 'text/csv' }, body }).then(
      async (response) => {
        const seconds = (performance.now() - from) / 1000
        const { dayCount = 0 } = (await response.json()) as { dayCount?: number }
        process.send?.({ status: response.status, dayCount, seconds })
      },
    )
  })
  process.send('ready')
}
