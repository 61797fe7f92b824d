import { spawnSync } from 'node:child_process'
import { readdirSync, readFileSync, rmSync } from 'node:fs'
import { join } from 'node:path'
import { gunzipSync } from 'node:zlib'
import { createConnection } from 'mysql2/promise'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startAppServer } from '../app-server.ts'
import { startMariaDb, type PrivateMariaDb } from '../mariadb.ts'
import { freePort } from '../ports.ts'
import { root } from '../processes.ts'
import { dataOf, placesKept, placesMade, releases } from './data-at.ts'

const folder = join(root, '.data', 'test-newer')
const copies = join(folder, 'copies')
let database: PrivateMariaDb
beforeAll(async () => {
  rmSync(folder, { recursive: true, force: true })
  database = await startMariaDb(folder, 5486)
})
afterAll(async () => {
  await database.stop()
  rmSync(folder, { recursive: true, force: true })
})

describe('data of another release', () => {
  it('are copied before their tables are changed, whole', async () => {
    await dataOf(database, releases().length - 2)
    const server = await startAppServer({
      database,
      port: await freePort(0),
      isDemo: false,
      copies,
    })
    await server.stop()
    expect(await placesKept(database)).toBe(placesMade)
    const made = readdirSync(copies)
    expect(made).toHaveLength(1)
    const text = gunzipSync(readFileSync(join(copies, made[0] ?? ''))).toString('utf8')
    expect(text.match(/Place \d+/g)?.length).toBe(placesMade)
    expect(text).toContain('entry_is_never_changed')
  })

  it('of a newer one are left alone, with the way back in words', async () => {
    const connection = await createConnection({ host: '127.0.0.1', port: database.port, user: 'spudder', password: database.password, database: 'spudder' }) // prettier-ignore
    await connection.query("INSERT INTO `__drizzle_migrations` (hash, created_at) VALUES ('', 1999999999999)") // prettier-ignore
    await connection.end()
    const { status, stderr } = spawnSync(
      process.execPath,
      ['--import', 'tsx', join(root, 'server/src/main.ts')],
      {
        cwd: root,
        encoding: 'utf8',
        env: {
          ...process.env,
          SPUDDER_DB_PORT: String(database.port),
          SPUDDER_DB_PASSWORD_FILE: database.passwordFile,
          SPUDDER_PORT: String(await freePort(0)),
        },
      },
    )
    expect(status).toBe(1)
    expect(stderr).toMatch(
      /opened by a newer Spudder.*Start the newer one again, or put back a copy/,
    )
    expect(await placesKept(database)).toBe(placesMade)
  })
})
