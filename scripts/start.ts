import { mkdirSync, rmSync } from 'node:fs'
import { join } from 'node:path'
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
    const server = await startAppServer({ database, port, isDemo, copies: join(folder, 'copies') })
    started.push(server)
    server.process.once('exit', (code) => void stopAll(code ?? 1))
    database.process.once('exit', (code) => void stopAll(code ?? 1))
    held.runsAt(server.url)
    started.push(copyRegularly(database, { folder: join(folder, 'copies'), flags, say }))
    say(
      `\n  Spudder${isDemo ? ' with the demo estate' : ''}: ${server.url}\n  Data: ${folder}\n  Stop with Ctrl-C.\n`,
    )
  } catch (error) {
    process.stderr.write(`${error instanceof Error ? error.message : String(error)}\n`)
    await stopAll(1)
  }
}

await main()
