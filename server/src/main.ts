import 'reflect-metadata'
import { dateToDay } from '@spudder/core/base/calendar'
import { SimulatedLaboratory } from '@spudder/sim/laboratory'
import { SimulatedMeter } from '@spudder/sim/meter'
import { SimulatedWeather } from '@spudder/sim/weather'
import { manager, vennlowEstate } from '@spudder/sim/vennlow'
import { createServer } from 'node:http'
import { readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { pino } from 'pino'
import { openDatabase } from './database/connect.ts'
import { copyBefore } from './database/copy-before.ts'
import { DatabaseUnfit } from './database/database-unfit.ts'
import { loadHistory } from './demo/load-history.ts'
import { makeOwner } from './access/make-owner.ts'
import { createApp } from './app.ts'
import { drainable } from './http/drain.ts'
import { peopleOfDemo } from './demo/people-of-demo.ts'
import { findPlaces } from './place/place.service.ts'
import { watchFolder } from './weather/watch-folder.ts'
import { openThread } from './thread/file-reader.ts'

/** A setting that the start script hands over; without it the server cannot run. */
function setting(name: string): string {
  const value = process.env[name]
  if (value === undefined)
    throw new Error(`${name} is not set; start with npm start or npm run demo`)
  return value
}

const logger = pino({ level: process.env['SPUDDER_LOG'] ?? 'warn' })
const address = {
  port: Number(setting('SPUDDER_DB_PORT')),
  user: 'spudder',
  // A file that its owner alone can read: what stands in the environment is seen by more.
  password: readFileSync(setting('SPUDDER_DB_PASSWORD_FILE'), 'utf8').trim(),
  database: 'spudder',
}
const copies = process.env['SPUDDER_COPIES']

const opened = await openDatabase(
  address,
  copies === undefined ? {} : { copy: copyBefore({ address, folder: copies, logger }) },
).catch((error: unknown) => {
  if (!(error instanceof DatabaseUnfit)) throw error
  process.stderr.write(`\n  ${error.message}\n\n`)
  return process.exit(1)
})
const { db, close, isAnswering } = opened

const services = {
  weather: new SimulatedWeather(),
  meter: new SimulatedMeter(),
  laboratory: new SimulatedLaboratory(),
}

const now = new Date()
const isDemo = process.env['SPUDDER_DEMO'] === '1'
if (isDemo && (await findPlaces(db)).length === 0) {
  const estate = vennlowEstate(dateToDay(now))
  await loadHistory({ db, ...services }, estate, now)
  await peopleOfDemo(db, estate.place.id, now)
}

const actor = process.env['SPUDDER_ACTOR'] ?? (isDemo ? manager.name : 'the grower')

await makeOwner(db, actor)

const app = createApp({
  db,
  services,
  isPrivate: true,
  isDemo,
  logger,
  isReady: isAnswering,
  hosts: (process.env['SPUDDER_HOSTS'] ?? '').split(',').filter((name) => name !== ''),
  webFolder: fileURLToPath(new URL('../../web/dist', import.meta.url)),
})

const server = createServer(app)
const { drain } = drainable(server)
server.listen(Number(setting('SPUDDER_PORT')), '127.0.0.1')
openThread()

const weatherFolder = process.env['SPUDDER_WEATHER_FOLDER']
const watching =
  weatherFolder === undefined
    ? undefined
    : watchFolder({ db, folder: weatherFolder, actor, logger })

let isStopping = false
async function stop(): Promise<void> {
  if (isStopping) return
  isStopping = true
  watching?.stop()
  await drain()
  await close()
  process.exit(0)
}
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.on(signal, () => void stop())
// Whoever started this is gone without a word: do not go on alone.
process.once('disconnect', () => void stop())
