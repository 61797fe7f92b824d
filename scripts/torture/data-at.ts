import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise'
import { root } from '../processes.ts'

/** A released state of the tables: the migrations that it knew. */
export interface Release {
  readonly tag: string
  readonly when: number
  readonly sql: readonly string[]
}

const folder = join(root, 'server', 'drizzle')

/** Every state that tables were ever left in, the oldest first. */
export function releases(): readonly Release[] {
  const journal = JSON.parse(readFileSync(join(folder, 'meta', '_journal.json'), 'utf8')) as {
    readonly entries: readonly { readonly tag: string; readonly when: number }[]
  }
  return journal.entries.map(({ tag, when }) => ({
    tag,
    when,
    sql: readFileSync(join(folder, `${tag}.sql`), 'utf8').split('--> statement-breakpoint'),
  }))
}

export interface DatabaseAt {
  readonly port: number
  readonly password: string
}
const connectTo = ({ port, password }: DatabaseAt): Promise<Connection> =>
  createConnection({ host: '127.0.0.1', port, user: 'spudder', password, database: 'spudder' })

/** Removes every table. */
async function empty(connection: Connection): Promise<void> {
  await connection.query('SET foreign_key_checks = 0')
  const [rows] = await connection.query<RowDataPacket[]>(
    'SELECT table_name AS t FROM information_schema.tables WHERE table_schema = DATABASE()',
  )
  for (const { t } of rows) {
    await connection.query(`DROP TABLE \`${t}\``)
  }
  await connection.query('SET foreign_key_checks = 1')
}

const placesAt = 40

/**
 * Makes the database as a release left it, with places in it: by nobody's journal but the one that
 * releases kept. Up to a statement of the next, where an older start was killed.
 * @param known how many migrations it knew; 0 for an empty database
 * @param begun how many statements of the next were made
 */
export async function dataOf(at: DatabaseAt, known: number, begun = 0): Promise<void> {
  const connection = await connectTo(at)
  try {
    await empty(connection)
    if (known === 0 && begun === 0) return
    await connection.query(
      'CREATE TABLE `__drizzle_migrations` (id serial primary key, hash text not null, created_at bigint)',
    )
    const all = releases()
    for (const { sql, when } of all.slice(0, known)) {
      for (const each of sql) if (each.trim() !== '') await connection.query(each)
      await connection.query('INSERT INTO `__drizzle_migrations` (hash, created_at) VALUES (?, ?)', ['', when]) // prettier-ignore
    }
    if (known > 0) {
      for (let number = 0; number < placesAt; number += 1) {
        await connection.query(
          "INSERT INTO place (id, name, unit_system, climate, created_by, created_at) VALUES (?, ?, 'us', 'temperate', 'Tess', NOW(3))",
          [`00000000-0000-4000-8000-${String(number).padStart(12, '0')}`, `Place ${number}`],
        )
      }
    }
    for (const each of all[known]?.sql.slice(0, begun) ?? []) {
      if (each.trim() !== '') await connection.query(each)
    }
  } finally {
    await connection.end()
  }
}

/** How many of the places are there after it came up. */
export async function placesKept(at: DatabaseAt): Promise<number> {
  const connection = await connectTo(at)
  try {
    const [rows] = await connection.query<RowDataPacket[]>(
      "SELECT COUNT(*) AS n FROM place WHERE name LIKE 'Place %'",
    )
    return Number(rows[0]?.['n'] ?? 0)
  } finally {
    await connection.end()
  }
}
export const placesMade = placesAt
