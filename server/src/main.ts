import 'reflect-metadata'
import { dateToDay } from '@spudder/core/base/calendar'
import { SimulatedLaboratory } from '@spudder/sim/laboratory'
import { SimulatedMeter } from '@spudder/sim/meter'
import { SimulatedWeather } from '@spudder/sim/weather'
import { manager, vennlowEstate } from '@spudder/sim/vennlow'
import { readFileSync } from 'node:fs'
import { createServer } from 'node:http'
import { createServer as createTlsServer } from 'node:https'
import { fileURLToPath } from 'node:url'
import { pino } from 'pino'
import { makeOwner } from './access/make-owner.ts'
import { createApp } from './app.ts'
import { openDatabase } from './database/connect.ts'
import { copyBefore } from './database/copy-before.ts'
import { DatabaseUnfit } from './database/database-unfit.ts'
import { loadHistory } from './demo/load-history.ts'
import { morningOfDemo } from './demo/morning-of-demo.ts'
import { peopleOfDemo } from './demo/people-of-demo.ts'
import { drainable } from './http/drain.ts'
import { openMailer } from './mail/mailer.ts'
import { linkForOwner } from './person/invitation.service.ts'
import { findPlaces } from './place/place.service.ts'
import { pushKeysOf } from './push/push-keys.ts'
import { openPusher } from './push/pusher.ts'
import { isPrivate, readSettings, SettingsUnfit, type Settings } from './settings/settings.ts'
import { tellRegularly } from './tell/tell-regularly.ts'
import { openThread } from './thread/file-reader.ts'
import { watchFolder } from './weather/watch-folder.ts'

/** Ends with words for whoever started it, where it cannot work with what it was given. */
function giveUp(error: unknown): never {
  if (!(error instanceof SettingsUnfit) && !(error instanceof DatabaseUnfit)) throw error
  process.stderr.write(`\n  ${error.message}\n\n`)
  return process.exit(1)
}

function settingsGiven(): Settings {
  try {
    return readSettings(process.env)
  } catch (error) {
    return giveUp(error)
  }
}
const settings = settingsGiven()
const { isDemo, copies, publicAddress, tls } = settings
const logger = pino({ level: settings.log })

const { db, close, isAnswering, patienceMs } = await openDatabase(settings.database, {
  isCheckedOnly: settings.isMigratedByHand,
  ...(copies !== undefined && {
    copy: copyBefore({ address: settings.database, folder: copies, logger }),
  }),
}).catch(giveUp)

const services = {
  weather: new SimulatedWeather(),
  meter: new SimulatedMeter(),
  laboratory: new SimulatedLaboratory(),
}

const now = new Date()
if (isDemo && (await findPlaces(db)).length === 0) {
  const estate = vennlowEstate(dateToDay(now))
  await loadHistory({ db, ...services }, estate, now)
  await peopleOfDemo(db, estate.place.id, now)
  await morningOfDemo(db, estate.place.id, now)
}
const actor = isDemo ? manager.name : settings.actor
await makeOwner(db, actor)

const mailer = settings.mail && openMailer(settings.mail, logger)
const { pushContact } = settings
const pusher =
  pushContact === undefined ? undefined : openPusher(await pushKeysOf(db), pushContact, logger)

const app = createApp({
  db,
  services,
  isPrivate: isPrivate(settings),
  isDemo,
  canMail: mailer !== undefined,
  pusher,
  logger,
  isReady: isAnswering,
  patienceMs,
  hosts: [...settings.hosts, ...(publicAddress ? [publicAddress.hostname] : [])],
  trustedProxies: settings.trustedProxies,
  isHttpsOnly: publicAddress?.protocol === 'https:',
  webFolder: fileURLToPath(new URL('../../web/dist', import.meta.url)),
})

const server = tls
  ? createTlsServer(
      { cert: readFileSync(tls.certFile), key: readFileSync(tls.keyFile), minVersion: 'TLSv1.2' },
      app,
    )
  : createServer(app)
const { drain } = drainable(server)
server.listen(settings.port, settings.bind)
openThread()

if (!isPrivate(settings)) {
  // Whoever worked alone here has no password yet, and is asked for one from now on.
  const path = await linkForOwner(db)
  const own = publicAddress?.origin ?? `${tls ? 'https' : 'http'}://localhost:${settings.port}`
  if (path !== undefined) process.stdout.write(`\n  Choose a password first: ${own}${path}\n`)
}

const { weatherFolder } = settings
const watching =
  weatherFolder === undefined
    ? undefined
    : watchFolder({ db, folder: weatherFolder, actor, logger })

const telling =
  (mailer ?? pusher) &&
  tellRegularly(
    { db, weather: services.weather, mailer, pusher, address: publicAddress?.origin },
    logger,
  )

let isStopping = false
async function stop(): Promise<void> {
  if (isStopping) return
  isStopping = true
  watching?.stop()
  await telling?.stop()
  mailer?.close()
  pusher?.close()
  await drain()
  await close()
  process.exit(0)
}
for (const signal of ['SIGTERM', 'SIGINT'] as const) process.on(signal, () => void stop())
// Whoever started this is gone without a word: do not go on alone.
process.once('disconnect', () => void stop())
