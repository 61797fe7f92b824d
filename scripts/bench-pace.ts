import 'reflect-metadata'
import { drizzle } from 'drizzle-orm/mysql2'
import express from 'express'
import { createPool } from 'mysql2'
import { createConnection, type Pool, type RowDataPacket } from 'mysql2/promise'
import { randomUUID } from 'node:crypto'
import { createServer } from 'node:http'
import type { AddressInfo } from 'node:net'
import { pino } from 'pino'
import { SimulatedLaboratory } from '@spudder/sim/laboratory'
import { SimulatedMeter } from '@spudder/sim/meter'
import { SimulatedWeather } from '@spudder/sim/weather'
import { makeOwner } from '../server/src/access/make-owner.ts'
import { createApp } from '../server/src/app.ts'
import * as schema from '../server/src/database/schema.ts'
import { Clients, type Asked, type Loaded } from './bench-load.ts'
import type { PrivateMariaDb } from './mariadb.ts'

/** Clients at once, and requests of each measurement. */
const clients = 8
const requests = 300
/** How often both are measured, one after the other. */
const rounds = 4

interface Statement {
  readonly sql: string
  readonly values: readonly unknown[]
}

/** How one kind of request compares with the least that could answer it. */
export interface Pace {
  readonly name: string
  readonly perSecond: number
  readonly barePerSecond: number
  /** Slowest of a hundred, and the middle one [ms]. */
  readonly p99: number
  readonly median: number
}

const listening = (app: express.Express) =>
  new Promise<{ readonly port: number; readonly close: () => void }>((resolve) => {
    const server = createServer(app).listen(0, '127.0.0.1', () => {
      const { port } = server.address() as AddressInfo
      resolve({ port, close: () => server.close() })
    })
  })

const secondsOf = (loads: readonly Loaded[]) => loads.reduce((sum, { seconds }) => sum + seconds, 0)
const at = (times: readonly number[], share: number) =>
  times[Math.min(times.length - 1, Math.floor(times.length * share))] ?? Number.NaN

const isId = (value: unknown) => typeof value === 'string' && /^[\da-f-]{36}$/.test(value)

/** The least that could answer: the same statements, one after the other, and their rows. */
function bareOf(pool: Pool, statements: readonly Statement[]): express.Express {
  const bare = express()
  bare.disable('x-powered-by')
  bare.use(express.json())
  bare.use(async (_request, response) => {
    // A row of its own each time, where one is written.
    const id = randomUUID()
    const rows: unknown[] = []
    // What is one transaction there is one here, on one connection.
    const isTransaction = statements.some(({ sql }) => /^begin/i.test(sql))
    const connection = isTransaction ? await pool.getConnection() : undefined
    for (const { sql, values } of statements) {
      // What is counted up, or numbered by the database, is the same row or none of its own.
      const isNew = /^insert/i.test(sql) && !/on duplicate key/i.test(sql) && isId(values[0])
      const own = isNew ? values.map((value, index) => (index === 0 ? id : value)) : values
      const [got] = await (connection ?? pool).query(sql, own as never)
      rows.push(got)
    }
    connection?.release()
    response.json(rows)
  })
  return bare
}

/**
 * Requests a second of the application, beside those of a bare Express handler that sends the very same
 * statements by the driver and answers with their rows, on the same database in the same run.
 */
export async function paceOf(
  { port, password }: PrivateMariaDb,
  asked: readonly (Asked & { readonly name: string })[],
): Promise<readonly Pace[]> {
  const address = { host: '127.0.0.1', port, user: 'spudder', password, database: 'spudder' }
  const pool = createPool({ ...address, connectionLimit: 12, timezone: 'Z', dateStrings: ['DATE'] })
  const noted: Statement[] = []
  const db = drizzle(pool, {
    schema,
    mode: 'default',
    logger: { logQuery: (sql, values) => void noted.push({ sql, values }) },
  })
  await makeOwner(db, 'bench')
  const app = await listening(
    createApp({
      db,
      services: {
        weather: new SimulatedWeather(),
        meter: new SimulatedMeter(),
        laboratory: new SimulatedLaboratory(),
      },
      isPrivate: true,
      logger: pino({ level: 'silent' }),
    }),
  )
  const plain = pool.promise()
  const crowd = new Clients()
  const paces: Pace[] = []
  for (const each of asked) {
    noted.length = 0
    await crowd.ask({ port: app.port, asked: each, clients: 1, requests: 1 })
    const statements = [...noted]
    const other = await listening(bareOf(plain, statements))
    // What is sent has to be read there too.
    const bareAsked = { ...each, path: '/' }
    const warm = { clients, requests }
    await crowd.ask({ port: app.port, asked: each, ...warm })
    await crowd.ask({ port: other.port, asked: bareAsked, ...warm })
    // By turns: a machine that is slow for a while is so for both.
    const own: Loaded[] = []
    const least: Loaded[] = []
    for (let round = 0; round < rounds; round += 1) {
      own.push(await crowd.ask({ port: app.port, asked: each, clients, requests }))
      least.push(await crowd.ask({ port: other.port, asked: bareAsked, clients, requests }))
    }
    other.close()
    const times = own.flatMap((one) => one.times).toSorted((a, b) => a - b)
    paces.push({
      name: each.name,
      perSecond: (rounds * requests) / secondsOf(own),
      barePerSecond: (rounds * requests) / secondsOf(least),
      p99: at(times, 0.99),
      median: at(times, 0.5),
    })
  }
  app.close()
  crowd.end()
  await plain.end()
  return paces
}

/** What is asked: a page of the record, sprayers, a stand's story, a page of the estate, a reading. */
export async function paceAsked(
  { port, password }: PrivateMariaDb,
  places: ReadonlyMap<number, string>,
  records: ReadonlyMap<number, string>,
): Promise<readonly (Asked & { readonly name: string })[]> {
  const connection = await createConnection({ host: '127.0.0.1', port, user: 'spudder', password, database: 'spudder' }) // prettier-ignore
  const ofPlace = [...places.values()].at(1) ?? ''
  const ofRecord = [...records.values()].at(1) ?? ''
  const [rows] = await connection.query<RowDataPacket[]>(
    'SELECT id FROM stand WHERE place_id = ? ORDER BY position LIMIT 1',
    [ofPlace],
  )
  await connection.end()
  const standId = String(rows[0]?.['id'])
  const reading = { kind: 'pH', value: 7.1, method: 'meter', takenOn: '2025-06-01' }
  const estate = `/api/places/${ofPlace}/estate?from=2026-06-01&offset=0&limit=40`
  return [
    { name: 'a page of the record', method: 'GET', path: `/api/places/${ofRecord}/entries` },
    { name: 'sprayers', method: 'GET', path: `/api/places/${ofRecord}/sprayers` },
    { name: 'the story of a stand', method: 'GET', path: `/api/stands/${standId}` },
    { name: 'a page of the estate', method: 'GET', path: estate },
    { name: 'a reading written', method: 'POST', path: `/api/stands/${standId}/readings`, body: reading }, // prettier-ignore
  ]
}
