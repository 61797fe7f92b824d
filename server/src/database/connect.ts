import { drizzle, type MySql2Database } from 'drizzle-orm/mysql2'
import { createPool, type Pool } from 'mysql2'
import { fileURLToPath } from 'node:url'
import { bringUpToDate } from './migrations.ts'
import { isWorkingBy, Nodes, type Node } from './nodes.ts'
import * as schema from './schema.ts'

/** Where the database listens; on this machine's own address where no host is said. */
export interface DatabaseAddress {
  readonly host?: string
  readonly port: number
  readonly user: string
  readonly password: string
  readonly database: string
  /** Further servers that keep the same database (MariaDB Galera), tried in turn when one stops working. */
  readonly others?: readonly Node[]
  /** Asked over TLS, whose certificate is checked; by an authority of its own where one is given (PEM). */
  readonly tls?: { readonly ca?: string }
}

export type Database = MySql2Database<typeof schema> & { readonly $client: Pool }
/** A database or a transaction on it: what repositories work on. */
export type Connection = Database | Parameters<Parameters<Database['transaction']>[0]>[0]

/** An open database, to be closed by whoever opened it. */
export interface OpenDatabase {
  readonly db: Database
  /** How long work waits for the next node when one is gone [ms]; 0 where there is one server. */
  readonly patienceMs: number
  /** Whether it answers now. */
  readonly isAnswering: () => Promise<boolean>
  readonly close: () => Promise<void>
}

export interface OpenOptions {
  /** Copies the data before tables are changed. */
  readonly copy?: (before: string) => Promise<void>
  /** Changes no tables: they must be up to date. */
  readonly isCheckedOnly?: boolean
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

/** A cluster takes some seconds to agree that one of its nodes is gone [ms]. */
const clusterPatienceMs = 40_000
/** What was written at one node is read at every other. */
const inCluster = 'wsrep_sync_wait = 1'

interface Pooled {
  readonly pool: Pool
  /** Absent where there is one server. */
  readonly nodes: Nodes | undefined
}

function openPool({ tls, others = [], ...address }: DatabaseAddress): Pooled {
  const { host = '127.0.0.1', port, ...account } = address
  const way = {
    ...account,
    // The certificate must be for the host that is asked, not for any.
    ...(tls && { ssl: { minVersion: 'TLSv1.2', rejectUnauthorized: true, verifyIdentity: true, ...tls } }), // prettier-ignore
  }
  const nodes =
    others.length === 0 ? undefined : new Nodes([{ host, port }, ...others], isWorkingBy(way))
  const pool = createPool({
    ...way,
    host,
    port,
    ...(nodes && { stream: () => nodes.connect() }),
    timezone: 'Z',
    connectionLimit: poolSize,
    maxIdle: poolSize,
    queueLimit: mostWaiting,
    connectTimeout: 5000,
    dateStrings: ['DATE'],
  })
  const settings = [...limits, ...(nodes ? [inCluster] : [])].join(', ')
  pool.on('connection', (connection) => {
    connection.query(`SET ${settings}`)
  })
  return { pool, nodes }
}

/**
 * Opens the database and brings its tables up to date.
 * @throws {DatabaseUnfit} for data that this server cannot work on
 */
export async function openDatabase(
  address: DatabaseAddress,
  { copy, isCheckedOnly = false }: OpenOptions = {},
): Promise<OpenDatabase> {
  const { pool, nodes } = openPool(address)
  const promised = pool.promise()
  const close = async () => {
    nodes?.stop()
    await promised.end()
  }
  try {
    const connection = await promised.getConnection()
    // Changing a big table takes as long as it takes.
    await connection.query('SET max_statement_time = 0, innodb_lock_wait_timeout = 600')
    await bringUpToDate(connection, { folder: migrationsFolder, copy, isCheckedOnly })
    connection.destroy()
  } catch (error) {
    await close()
    throw error
  }
  return {
    db: drizzle(pool, { schema, mode: 'default' }),
    isAnswering: () =>
      promised.query('SELECT 1').then(
        () => true,
        () => false,
      ),
    patienceMs: nodes ? clusterPatienceMs : 0,
    close,
  }
}
