import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { makeCopy } from './copies.ts'
import { valueAfter } from './flags.ts'
import { runningMariaDb, startMariaDb } from './mariadb.ts'
import { dataRoot } from './processes.ts'

/** npm run backup [-- --demo] [-- --to FOLDER]: a verified copy of the data, whether the server runs or not. */
const flags = process.argv.slice(3)
const isDemo = flags.includes('--demo')
const name = isDemo ? 'demo' : 'own'
const folder = join(dataRoot, name)
const to = valueAfter(flags, '--to')
const target = to === undefined ? join(folder, 'copies') : resolve(to)

async function main(): Promise<void> {
  if (!existsSync(join(folder, 'data'))) {
    process.stderr.write(`There is nothing to copy yet: ${folder} holds no data.\n`)
    process.exit(1)
  }
  const at = new Date()
  const live = runningMariaDb(folder)
  const own = live ? undefined : await startMariaDb(folder, 5392)
  const database = live ?? own
  if (!database) return
  try {
    const file = await makeCopy(database, { folder: target, name, at })
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
