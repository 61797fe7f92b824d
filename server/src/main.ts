import 'reflect-metadata'
import { dateToDay } from '@spudder/core/base/calendar'
import { SimulatedLaboratory } from '@spudder/sim/laboratory'
import { SimulatedMeter } from '@spudder/sim/meter'
import { SimulatedWeather } from '@spudder/sim/weather'
import { vennlowEstate } from '@spudder/sim/vennlow'
import { createServer } from 'node:http'
import { fileURLToPath } from 'node:url'
import { pino } from 'pino'
import { openDatabase } from './database/connect.ts'
import { loadHistory } from './demo/load-history.ts'
import { createApp } from './app.ts'
import { findPlaces } from './place/place.service.ts'

/** A setting that the start script hands over; without it the server cannot run. */
function setting(name: string): string {
  const value = process.env[name]
  if (value === undefined)
    throw new Error(`${name} is not set; start with npm start or npm run demo`)
  return value
}

const logger = pino({ level: process.env['SPUDDER_LOG'] ?? 'warn' })
const { db, close } = await openDatabase({
  port: Number(setting('SPUDDER_DB_PORT')),
  user: 'spudder',
  password: setting('SPUDDER_DB_PASSWORD'),
  database: 'spudder',
})

const services = {
  weather: new SimulatedWeather(),
  meter: new SimulatedMeter(),
  laboratory: new SimulatedLaboratory(),
}

const now = new Date()
const isDemo = process.env['SPUDDER_DEMO'] === '1'
if (isDemo && (await findPlaces(db)).length === 0) {
  await loadHistory({ db, ...services }, vennlowEstate(dateToDay(now)), now)
}

const app = createApp({
  db,
  services,
  actor: process.env['SPUDDER_ACTOR'] ?? (isDemo ? 'Marla Quist' : 'the grower'),
  logger,
  webFolder: fileURLToPath(new URL('../../web/dist', import.meta.url)),
})

const server = createServer(app)
server.listen(Number(setting('SPUDDER_PORT')), '127.0.0.1')

function stop(): void {
  server.close(() => void close().then(() => process.exit(0)))
  server.closeIdleConnections()
  // A browser keeps its connection open; it does not keep the server alive.
  setTimeout(() => server.closeAllConnections(), 1500).unref()
}
process.once('SIGTERM', stop)
process.once('SIGINT', stop)
// Whoever started this is gone without a word: do not go on alone.
process.once('disconnect', stop)
