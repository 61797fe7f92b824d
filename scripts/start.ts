import { mkdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { lanAddresses, lanCertificate } from './lan-certificate.ts'
import { qrFor, serveLanPage } from './lan-page.ts'
import { startAppServer } from './app-server.ts'
import { buildWeb } from './build-web.ts'
import { valueAfter } from './flags.ts'
import { copyRegularly } from './copy-regularly.ts'
import { startMariaDb } from './mariadb.ts'
import { freePort } from './ports.ts'
import { holdFolder } from './holding.ts'
import { dataRoot } from './processes.ts'

const [name = 'start', ...flags] = process.argv.slice(2)
const isDemo = name === 'demo'
const folder = join(dataRoot, isDemo ? 'demo' : 'own')
const usualPort = isDemo ? 5180 : 5190
const weatherFolder = valueAfter(flags, '--weather-folder')
if (weatherFolder !== undefined) process.env['SPUDDER_WEATHER_FOLDER'] = weatherFolder
const say = (text: string) => process.stdout.write(`${text}\n`)

/** What others in the network reach this machine by. */
async function lanIn(lanFolder: string) {
  const addresses = lanAddresses()
  if (addresses.length === 0) throw new Error('This machine is in no network: start without --lan.')
  return { certificate: await lanCertificate(lanFolder, addresses), addresses }
}

/** Says how a phone gets there, and serves it the page that explains it. */
async function tellLan(
  { certificate: { authorityFile }, addresses: [first = ''] }: Awaited<ReturnType<typeof lanIn>>,
  port: number,
) {
  const address = `https://${first}:${port}`
  const pagePort = await freePort(port + 2)
  const page = await serveLanPage({ address, authorityFile }, pagePort)
  const pageAddress = `http://${first}:${pagePort}`
  say(
    `\n  In your network: ${address}\n  A phone begins at ${pageAddress}, which tells it to trust this machine:\n`,
  )
  say(await qrFor(pageAddress))
  return page
}

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true })
  // Two servers on one data folder would harm it.
  const held = await holdFolder(folder)
  if (typeof held === 'string') {
    say(`Already running: ${held}`)
    if (flags.includes('--fresh')) say('Stop it first, then start it with --fresh again.')
    return
  }
  if (flags.includes('--fresh')) {
    if (!isDemo)
      throw new Error('--fresh is for the demo only; your own data is not removed by a flag.')
    rmSync(folder, { recursive: true, force: true })
    mkdirSync(folder, { recursive: true })
  }
  await buildWeb()
  const port = await freePort(usualPort)
  const started: { stop: () => Promise<void> }[] = []
  let isStopping = false
  const stopAll = async (code: number) => {
    if (isStopping) return
    isStopping = true
    for (const each of started.toReversed()) await each.stop()
    held.letGo()
    process.exit(code)
  }
  for (const signal of ['SIGINT', 'SIGTERM'] as const) {
    process.on(signal, () => {
      if (!isStopping) say('\nStopping …')
      void stopAll(0)
    })
  }
  try {
    const database = await startMariaDb(folder, port + 1)
    started.push(database)
    const lan = flags.includes('--lan') ? await lanIn(join(folder, 'lan')) : undefined
    const copies = join(folder, 'copies')
    const server = await startAppServer({ database, port, isDemo, copies, ...(lan && { lan }) })
    started.push(server)
    server.process.once('exit', (code) => void stopAll(code ?? 1))
    database.process.once('exit', (code) => void stopAll(code ?? 1))
    held.runsAt(server.url)
    started.push(copyRegularly(database, { folder: join(folder, 'copies'), flags, say }))
    if (lan) started.push(await tellLan(lan, port))
    say(
      `\n  Spudder${isDemo ? ' with the demo estate' : ''}: ${server.url}\n  Data: ${folder}\n  Stop with Ctrl-C.\n`,
    )
  } catch (error) {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`)
    await stopAll(1)
  }
}

await main()
