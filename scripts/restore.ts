import { existsSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { restoreInto } from './copies.ts'
import { valueAfter } from './flags.ts'
import { holdFolder } from './holding.ts'
import { dataRoot } from './processes.ts'

/** npm run restore -- FILE [--demo] [--folder FOLDER]: lays a copy in place of the data that are there. */
const [file, ...flags] = process.argv.slice(3)
const elsewhere = valueAfter(flags, '--folder')
const folder =
  elsewhere === undefined
    ? join(dataRoot, flags.includes('--demo') ? 'demo' : 'own')
    : resolve(elsewhere)

function stop(words: string): never {
  process.stderr.write(`Nothing was changed: ${words}\n`)
  process.exit(1)
}

if (file === undefined) stop('say which copy: npm run restore -- FILE')
if (!existsSync(file)) stop(`${file} is not there.`)
const held = await holdFolder(folder)
if (typeof held === 'string') stop(`Spudder runs on these data (${held}). Stop it first.`)
try {
  const aside = await restoreInto(folder, resolve(file), new Date())
  process.stdout.write(`Brought back into ${folder}, row by row as it was copied.\n`)
  if (aside !== undefined) process.stdout.write(`What was there before lies in ${aside}.\n`)
} catch (error) {
  stop(error instanceof Error ? error.message : String(error))
} finally {
  held.letGo()
}
