import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import { createPool, type Pool } from 'mysql2'
import { fileURLToPath } from 'node:url'
import { bringUpToDate } from './migrations.ts'
import * as schema from './schema.ts'

/** Where the database listens; on this machine's own address where no host is said. */
export interface DatabaseAddress {
  readonly host?: string
  readonly port: number
  readonly user: string
  readonly password: string
  readonly database: string
  /** Asked over TLS, whose certificate is checked; by an authority of its own where one is given (PEM). */
  readonly tls?: { readonly ca?: string }
}

export type Database = MySql2Database<typeof schema> & { readonly $client: Pool }
/** A database or a transaction on it: what repositories work on. */
export type Connection = Database | Parameters<Parameters<Database['transaction']>[0]>[0]

/** An open database, to be closed by whoever opened it. */
export interface OpenDatabase {
  readonly db: Database
  /** Whether it answers now. */
  readonly isAnswering: () => Promise<boolean>
  readonly close: () => Promise<void>
}

export interface OpenOptions {
  /** Copies the data before tables are changed. */
  readonly copy?: (before: string) => Promise<void>
}

const migrationsFolder = fileURLToPath(new URL('../../drizzle', import.meta.url))

/** Connections kept; some of them are left to those who only read (`http/turns.ts`). */
export const poolSize = 12
/** Requests that may wait for a connection; whoever comes after is asked to come back. */
const mostWaiting = 400
const limits = [
  "time_zone = '+00:00'",
  // No statement holds a connection for longer [s].
  'max_statement_time = 20',
  'innodb_lock_wait_timeout = 6',
  'idle_transaction_timeout = 30',
]

function openPool({ tls, ...address }: DatabaseAddress): Pool {
  const pool = createPool({
    host: '127.0.0.1',
    ...address,
    ...(tls && { ssl: { minVersion: 'TLSv1.2', rejectUnauthorized: true, ...tls } }),
    timezone: 'Z',
    connectionLimit: poolSize,
    maxIdle: poolSize,
    queueLimit: mostWaiting,
    connectTimeout: 5000,
    dateStrings: ['DATE'],
  })
  pool.on('connection', (connection) => {
    connection.query(`SET ${limits.join(', ')}`)
  })
  return pool
}

/**
 * Opens the database and brings its tables up to date.
 * @throws {DatabaseUnfit} for data that this server cannot work on
 */
export async function openDatabase(
  address: DatabaseAddress,
  { copy }: OpenOptions = {},
): Promise<OpenDatabase> {
  const pool = openPool(address)
  const promised = pool.promise()
  try {
    const connection = await promised.getConnection()
    // Changing a big table takes as long as it takes.
    await connection.query('SET max_statement_time = 0, innodb_lock_wait_timeout = 600')
    await bringUpToDate(connection, { folder: migrationsFolder, copy })
    connection.destroy()
  } catch (error) {
    await promised.end()
    throw error
  }
  return {
    db: drizzle(pool, { schema, mode: 'default' }),
    isAnswering: () =>
      promised.query('SELECT 1').then(
        () => true,
        () => false,
      ),
    close: () => promised.end(),
  }
}
