import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import { migrate } from 'drizzle-orm/mysql2/migrator'
import { createPool, type Pool } from 'mysql2'
import { fileURLToPath } from 'node:url'
import * as schema from './schema.ts'

/** Where the database listens. */
export interface DatabaseAddress {
  readonly port: number
  readonly user: string
  readonly password: string
  readonly database: string
}

export type Database = MySql2Database<typeof schema>
/** A database or a transaction on it: what repositories work on. */
export type Connection = Database | Parameters<Parameters<Database['transaction']>[0]>[0]

/** An open database, to be closed by whoever opened it. */
export interface OpenDatabase {
  readonly db: Database
  readonly close: () => Promise<void>
}

const migrationsFolder = fileURLToPath(new URL('../../drizzle', import.meta.url))

function openPool(address: DatabaseAddress): Pool {
  const pool = createPool({
    host: '127.0.0.1',
    ...address,
    timezone: 'Z',
    connectionLimit: 12,
    dateStrings: ['DATE'],
  })
  pool.on('connection', (connection) => {
    connection.query("SET time_zone = '+00:00'")
  })
  return pool
}

/** Opens the database and brings its tables up to date. */
export async function openDatabase(address: DatabaseAddress): Promise<OpenDatabase> {
  const pool = openPool(address)
  const db = drizzle(pool, { schema, mode: 'default' })
  await migrate(db, { migrationsFolder })
  return { db, close: () => pool.promise().end() }
}
