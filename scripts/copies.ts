import { loadDatabase, dumpDatabase } from '../server/src/database/dump.ts'
import { createHash } from 'node:crypto'
import { createReadStream } from 'node:fs'
import { mkdir, mkdtemp, readdir, readFile, rename, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { basename, join } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { createConnection, type RowDataPacket } from 'mysql2/promise'
import { startMariaDb } from './mariadb.ts'

/** Where a database of ours listens. */
export interface Listening {
  readonly port: number
  readonly password: string
}

/** Rows by table. */
export type Counts = Readonly<Record<string, number>>

/** What stands beside a copy: what is in it, and by what it can be told to be whole. */
export interface CopyNote {
  readonly madeAt: string
  readonly sha256: string
  readonly rows: Counts
}

const addressOf = ({ port, password }: Listening) => ({
  port,
  password,
  user: 'spudder',
  database: 'spudder',
})
const noteOf = (file: string): string => `${file}.json`

async function hashOf(file: string): Promise<string> {
  const hash = createHash('sha256')
  await pipeline(createReadStream(file), hash)
  return hash.digest('hex')
}

/** How many rows every table has. */
async function countRows(listening: Listening): Promise<Counts> {
  const connection = await createConnection({ host: '127.0.0.1', ...addressOf(listening) })
  try {
    const [tables] = await connection.query<RowDataPacket[]>(
      "SELECT table_name AS name FROM information_schema.tables WHERE table_schema = DATABASE() AND table_type = 'BASE TABLE'",
    )
    const counts: Record<string, number> = {}
    for (const { name } of tables as { name: string }[]) {
      const [[row]] = await connection.query<RowDataPacket[]>('SELECT COUNT(*) AS n FROM ??', [
        name,
      ])
      counts[name] = Number((row as { n: unknown } | undefined)?.n ?? 0)
    }
    return counts
  } finally {
    await connection.end()
  }
}

/**
 * Reads a copy back into a database of its own and counts what came out.
 * @throws {Error} where it cannot be read
 */
async function readBack(file: string): Promise<Counts> {
  const folder = await mkdtemp(join(tmpdir(), 'spudder-copy-'))
  const database = await startMariaDb(folder, 5390)
  try {
    await loadDatabase(addressOf(database), file)
    return await countRows(database)
  } finally {
    await database.stop()
    await rm(folder, { recursive: true, force: true })
  }
}

/** Tables that only grow: a copy holds all that was there when it was begun. */
const growing = ['entry', 'history', 'reading', 'look', 'photo', 'stand', 'place'] as const

/**
 * Copies a running database whole, as it is at one moment, and reads the copy back before it counts as
 * one: until then it has another name.
 * @returns the file
 * @throws {Error} where it does not hold what was there when it was begun
 */
export async function makeCopy(
  listening: Listening,
  { folder, name, at }: { readonly folder: string; readonly name: string; readonly at: Date },
): Promise<string> {
  await mkdir(folder, { recursive: true, mode: 0o700 })
  const file = join(folder, `${name}-${at.toISOString().replace(/[:.]/g, '-')}.sql.gz`)
  const part = `${file}.part`
  try {
    const before = await countRows(listening)
    await dumpDatabase(addressOf(listening), part)
    const rows = await readBack(part)
    const short = growing.find((table) => (rows[table] ?? 0) < (before[table] ?? 0))
    if (short !== undefined) throw new Error(`the copy lacks rows of ${short}`)
    const note: CopyNote = { madeAt: at.toISOString(), sha256: await hashOf(part), rows }
    await writeFile(noteOf(file), `${JSON.stringify(note, null, 2)}\n`, { mode: 0o600 })
    await rename(part, file)
    return file
  } finally {
    await rm(part, { force: true })
  }
}

/**
 * What a copy says of itself, once its bytes are those that were written.
 * @throws {Error} where it is damaged, or no copy of ours
 */
export async function checkCopy(file: string): Promise<CopyNote> {
  const text = await readFile(noteOf(file), 'utf8').catch(() => undefined)
  if (text === undefined)
    throw new Error(`${basename(noteOf(file))} is missing beside it; without it nobody can tell whether the copy is whole`) // prettier-ignore
  const note = JSON.parse(text) as CopyNote
  if ((await hashOf(file)) !== note.sha256)
    throw new Error(`${basename(file)} is not as it was written; take another copy`)
  return note
}

/** Leaves the newest copies of a name and removes the others. */
export async function keepNewest(folder: string, name: string, count: number): Promise<void> {
  const files = (await readdir(folder)).filter(
    (each) => each.startsWith(`${name}-`) && each.endsWith('.sql.gz'),
  )
  for (const old of files.toSorted().slice(0, -count)) {
    await rm(join(folder, old), { force: true })
    await rm(noteOf(join(folder, old)), { force: true })
  }
}

/**
 * Lays a copy into a data folder in place of what is there, which is put aside, not removed.
 * @returns where what was there lies now; undefined where nothing was
 * @throws {Error} where the copy cannot be read; then everything is as it was
 */
export async function restoreInto(
  folder: string,
  file: string,
  at: Date,
): Promise<string | undefined> {
  const { rows } = await checkCopy(file)
  await mkdir(folder, { recursive: true })
  const data = join(folder, 'data')
  const aside = join(folder, `data-before-${at.toISOString().replace(/[:.]/g, '-')}`)
  const hadData = await rename(data, aside).then(
    () => true,
    () => false,
  )
  try {
    const database = await startMariaDb(folder, 5391)
    try {
      await loadDatabase(addressOf(database), file)
      const now = await countRows(database)
      const short = Object.keys(rows).find((table) => now[table] !== rows[table])
      if (short !== undefined) throw new Error(`${short} did not come back whole`)
    } finally {
      await database.stop()
    }
  } catch (error) {
    await rm(data, { recursive: true, force: true })
    if (hadData) await rename(aside, data)
    throw error
  }
  return hadData ? aside : undefined
}
