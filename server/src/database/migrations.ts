import { readMigrationFiles, type MigrationMeta } from 'drizzle-orm/migrator'
import type { PoolConnection, RowDataPacket } from 'mysql2/promise'
import { readFileSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import { DatabaseUnfit } from './database-unfit.ts'

/** What brings the tables up to date, and what is done before the first step. */
export interface MigrationOptions {
  readonly folder: string
  /** Copies the data before anything of them is changed; absent: nothing is copied. */
  readonly copy?: ((before: string) => Promise<void>) | undefined
  /** How long a second server waits for the first [s]. */
  readonly waitS?: number
  /** Changes nothing: what is not up to date is refused. */
  readonly isCheckedOnly?: boolean
}

/** One server at a time; MariaDB lets go of it by itself when the connection dies. */
const lockName = 'spudder.migrations'
const usualWaitS = 600

/**
 * MariaDB's numbers for "that is so already": table, column, key, trigger or foreign key that is
 * there, or is gone. Met only by a statement of which nobody knows whether it came through.
 */
const madeAlready: ReadonlySet<number> = new Set([
  1050, 1051, 1060, 1061, 1068, 1091, 1359, 1360, 1826,
])
/** A foreign key that is there already, as InnoDB says it. */
const isDuplicateKey = (error: { readonly errno?: number; readonly message: string }) =>
  error.errno === 1005 && error.message.includes('errno: 121')

/** A column that is renamed already is not found under its old name. */
const isRenamed = (sql: string, errno: number | undefined) =>
  errno === 1054 && /RENAME COLUMN/i.test(sql)
/** What an older Spudder changed and shut again: entries are append-only, titles are gone. */
const changedAlready: ReadonlySet<number> = new Set([1054, 1644])

/** With a binary log, a trigger is made only by who may do everything, unless the server says otherwise. */
const triggersAreBarred = 1419

const changesData = /^\s*(insert|update|delete|replace)\b/i

const tables = [
  'CREATE TABLE IF NOT EXISTS `__drizzle_migrations` (id serial primary key, hash text not null, created_at bigint)',
  "CREATE TABLE IF NOT EXISTS `migration_step` (migration bigint not null, position int not null, state enum('begun','done') not null, at datetime(3) not null default current_timestamp(3), primary key (migration, position))",
]

type Row = Readonly<Record<string, unknown>>
async function rowsOf(connection: PoolConnection, sql: string, values: readonly unknown[] = []) {
  const [rows] = await connection.query<RowDataPacket[]>(sql, [...values])
  return rows as readonly Row[]
}

async function underLock<Result>(
  connection: PoolConnection,
  waitS: number,
  work: () => Promise<Result>,
): Promise<Result> {
  const [row] = await rowsOf(connection, 'SELECT GET_LOCK(?, ?) AS got', [lockName, waitS])
  if (row?.['got'] !== 1) {
    throw new DatabaseUnfit(
      `Another Spudder is bringing this database up to date, for more than ${waitS} s. Wait until it is done, and start again.`,
    )
  }
  try {
    return await work()
  } finally {
    await connection.query('DO RELEASE_LOCK(?)', [lockName]).catch(() => undefined)
  }
}

/** How far each statement of a migration got. */
async function stepsOf(connection: PoolConnection, { folderMillis }: MigrationMeta) {
  const rows = await rowsOf(
    connection,
    'SELECT position, state FROM migration_step WHERE migration = ?',
    [folderMillis],
  )
  return new Map(rows.map(({ position, state }) => [Number(position), state as 'begun' | 'done']))
}

/** In place of a statement: an older Spudder may have begun this migration, and noted nothing. */
const unnotedBefore = -1

const note = (connection: PoolConnection, migration: number, position: number, state: string) =>
  connection.query(
    'INSERT INTO migration_step (migration, position, state) VALUES (?, ?, ?) ON DUPLICATE KEY UPDATE state = VALUES(state), at = current_timestamp(3)',
    [migration, position, state],
  )

/** Data and the note that they were changed: both or neither. */
async function changeData(
  connection: PoolConnection,
  migration: number,
  position: number,
  sql: string,
): Promise<void> {
  await connection.beginTransaction()
  try {
    await connection.query(sql)
    await note(connection, migration, position, 'done')
    await connection.commit()
  } catch (error) {
    await connection.rollback()
    throw error
  }
}

/** A statement that MariaDB commits by itself: noted before and after. */
async function changeTables(
  connection: PoolConnection,
  sql: string,
  mayBeDone: boolean,
): Promise<void> {
  try {
    await connection.query(sql)
  } catch (error) {
    const fault = error as { readonly errno?: number; readonly message: string }
    if (fault.errno === triggersAreBarred)
      throw new DatabaseUnfit(
        'The database keeps a binary log, and lets nobody make the triggers by which records stay append-only. Set log_bin_trust_function_creators = 1 in its configuration, and start again.',
      )
    const isSo =
      madeAlready.has(fault.errno ?? 0) || isDuplicateKey(fault) || isRenamed(sql, fault.errno)
    if (!mayBeDone || !isSo) throw error
  }
}

/**
 * Makes the statements of a migration that are not made yet. A start that was killed anywhere is
 * taken up where it stopped.
 * @param isUnnoted whether an older Spudder may have begun it, which noted nothing
 */
async function runMigration(
  connection: PoolConnection,
  migration: MigrationMeta,
  isUnnoted: boolean,
): Promise<void> {
  const { sql, folderMillis, hash } = migration
  const known = await stepsOf(connection, migration)
  // Noted too, for whoever takes it up if this start is killed as well.
  if (isUnnoted) await note(connection, folderMillis, unnotedBefore, 'begun')
  const mayBegun = isUnnoted || known.has(unnotedBefore)
  for (const [position, statement] of sql.entries()) {
    const state = known.get(position)
    if (state === 'done' || statement.trim() === '') continue
    if (changesData.test(statement)) {
      await changeData(connection, folderMillis, position, statement).catch((error: unknown) => {
        const isSo = changedAlready.has((error as { readonly errno?: number }).errno ?? 0)
        if (!mayBegun || !isSo) throw error
      })
      continue
    }
    await note(connection, folderMillis, position, 'begun')
    await changeTables(connection, statement, state === 'begun' || mayBegun)
    await note(connection, folderMillis, position, 'done')
  }
  await connection.query('INSERT INTO `__drizzle_migrations` (hash, created_at) VALUES (?, ?)', [
    hash,
    folderMillis,
  ])
}

/** Tables and columns as the newest migration leaves them. */
interface Snapshot {
  readonly tables: Readonly<
    Record<string, { readonly columns: Readonly<Record<string, { readonly notNull: boolean }>> }>
  >
}
function newestSnapshot(folder: string): Snapshot {
  const meta = join(folder, 'meta')
  const newest = readdirSync(meta)
    .filter((name) => name.endsWith('_snapshot.json'))
    .toSorted()
    .at(-1)
  if (newest === undefined) throw new Error(`no snapshot in ${meta}`)
  return JSON.parse(readFileSync(join(meta, newest), 'utf8')) as Snapshot
}

/** @throws {DatabaseUnfit} where a table or column is missing, or takes nothing where it should not */
async function requireSchema(connection: PoolConnection, folder: string): Promise<void> {
  const rows = await rowsOf(
    connection,
    'SELECT table_name AS t, column_name AS c, is_nullable AS n FROM information_schema.columns WHERE table_schema = DATABASE()',
  )
  const nullable = new Map(
    rows.map(({ t, c, n }): [string, boolean] => [`${String(t)}.${String(c)}`, n === 'YES']),
  )
  const faults = Object.entries(newestSnapshot(folder).tables).flatMap(([table, { columns }]) =>
    Object.entries(columns).flatMap(([column, { notNull }]) => {
      const name = `${table}.${column}`
      const mayBeNull = nullable.get(name)
      if (mayBeNull === undefined) return [`${name} is missing`]
      return mayBeNull === notNull ? [`${name} ${notNull ? 'takes' : 'does not take'} nothing`] : []
    }),
  )
  if (faults.length === 0) return
  throw new DatabaseUnfit(
    `The tables are not as this Spudder needs them (${faults.slice(0, 5).join('; ')}${faults.length > 5 ? '; …' : ''}). Put back the newest copy from the folder "copies" beside the data, and start again.`,
  )
}

const notUpToDate = () =>
  new DatabaseUnfit(
    'The tables are not as this Spudder needs them yet. Run npm run migrate once, and start again.',
  )

/**
 * Brings the tables up to date, under a lock that a second server waits for: statement by statement,
 * each noted, so that a start killed anywhere is taken up by the next. Looks at the end whether the
 * tables are as they should be.
 * @throws {DatabaseUnfit} for data of a newer Spudder, and for tables that came out otherwise
 */
export async function bringUpToDate(
  connection: PoolConnection,
  { folder, copy, waitS = usualWaitS, isCheckedOnly = false }: MigrationOptions,
): Promise<void> {
  const migrations = readMigrationFiles({ migrationsFolder: folder })
  await underLock(connection, waitS, async () => {
    const before = await rowsOf(
      connection,
      "SELECT table_name AS t FROM information_schema.tables WHERE table_schema = DATABASE() AND table_name IN ('migration_step', '__drizzle_migrations')",
    )
    const isOlder = before.length > 0 && !before.some(({ t }) => t === 'migration_step')
    if (isCheckedOnly && before.length < 2) throw notUpToDate()
    if (!isCheckedOnly) for (const sql of tables) await connection.query(sql)
    const rows = await rowsOf(connection, 'SELECT created_at AS made FROM `__drizzle_migrations`')
    const made = new Set(rows.map((row) => Number(row['made'])))
    const known = new Set(migrations.map(({ folderMillis }) => folderMillis))
    const unknown = [...made].filter((each) => !known.has(each))
    if (unknown.length > 0) {
      const day = new Date(Math.max(...unknown)).toISOString().slice(0, 10)
      throw new DatabaseUnfit(
        `These data were opened by a newer Spudder: it changed their tables in a way of ${day} that this one does not know. Start the newer one again, or put back a copy from the folder "copies" beside the data.`,
      )
    }
    // Each by itself, not by the newest: their days are not in the order in which they were made.
    const pending = migrations.filter(({ folderMillis }) => !made.has(folderMillis))
    const [first] = pending
    if (first && isCheckedOnly) throw notUpToDate()
    if (first && made.size > 0) await copy?.(`${made.size}`)
    for (const each of pending) await runMigration(connection, each, isOlder && each === first)
    await requireSchema(connection, folder)
  })
}
