import { existsSync, readFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { makeCopy, type Listening } from './copies.ts'
import { startMariaDb } from './mariadb.ts'
import { dataRoot, isAlive } from './processes.ts'

/** npm run backup [-- --demo] [-- --to FOLDER]: a verified copy of the data, whether the server runs or not. */
const flags = process.argv.slice(3)
const isDemo = flags.includes('--demo')
const name = isDemo ? 'demo' : 'own'
const folder = join(dataRoot, name)
const to = flags[flags.indexOf('--to') + 1]
const target = flags.includes('--to') && to !== undefined ? resolve(to) : join(folder, 'copies')

/** The database of a folder where it runs now; undefined where it does not. */
function running(): Listening | undefined {
  const pidFile = join(folder, 'mariadb.pid')
  if (!existsSync(pidFile) || !isAlive(Number(readFileSync(pidFile, 'utf8')))) return undefined
  const [, port] = /^port=(\d+)$/m.exec(readFileSync(join(folder, 'my.cnf'), 'utf8')) ?? []
  if (port === undefined) return undefined
  return { port: Number(port), password: readFileSync(join(folder, 'password'), 'utf8') }
}

async function main(): Promise<void> {
  if (!existsSync(join(folder, 'data'))) {
    process.stderr.write(`There is nothing to copy yet: ${folder} holds no data.\n`)
    process.exit(1)
  }
  const at = new Date()
  const live = running()
  const own = live ? undefined : await startMariaDb(folder, 5392)
  try {
    const file = await makeCopy(live ?? (own as Listening), { folder: target, name, at })
    process.stdout.write(`Copied and read back: ${file}\nBring it back with: npm run restore -- ${file}${isDemo ? ' --demo' : ''}\n`) // prettier-ignore
  } finally {
    await own?.stop()
  }
}

await main().catch((error: unknown) => {
  process.stderr.write(
    `No copy was made: ${error instanceof Error ? error.message : String(error)}\n`,
  )
  process.exit(1)
})
