import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startAppServer, type AppServer } from '../app-server.ts'
import { startMariaDb, type PrivateMariaDb } from '../mariadb.ts'
import { freePort } from '../ports.ts'
import { root } from '../processes.ts'
import { faultOf, fuzz } from './fuzz.ts'
import { storedFaults } from './stored-faults.ts'

const folder = join(root, '.data', 'test-fuzz')
let database: PrivateMariaDb
let server: AppServer
beforeAll(async () => {
  rmSync(folder, { recursive: true, force: true })
  database = await startMariaDb(folder, 5491)
  server = await startAppServer({ database, port: await freePort(5490), isDemo: true })
})
afterAll(async () => {
  await server.stop()
  await database.stop()
  rmSync(folder, { recursive: true, force: true })
})

describe('answers to hostile requests', () => {
  it('are judged: faults of ours, hangs, insides, errors in another form', () => {
    const of = (status: number, body = '', type = 'application/problem+json', ms = 5) =>
      faultOf({ status, body, type, ms })
    expect(of(500)).toMatch(/500/)
    expect(of(200, '', 'application/json', 1500)).toMatch(/1500 ms/)
    expect(of(400, '<html>', 'text/html')).toMatch(/text\/html/)
    expect(of(400, 'ER_DUP_ENTRY')).toMatch(/inside/)
    expect(of(400, 'x'.repeat(30_000))).toMatch(/30000/)
    expect(of(400, '{}')).toBeUndefined()
    expect(of(200, '[]', 'application/json')).toBeUndefined()
  })

  it('hold no fault, and nothing invalid is stored by them', async () => {
    const { sent, faults, byStatus } = await fuzz(server.url, {
      count: 3000,
      seed: 23,
      workers: 6,
      // Other work runs beside the tests: only what never comes back is a hang here.
      hangsFromMs: 15_000,
    })
    expect(faults).toEqual([])
    expect(sent).toBe(3000)
    // Some of it is meant well: the fuzzer gets through the door.
    expect(byStatus['201'] ?? 0).toBeGreaterThan(5)
    expect(byStatus['400'] ?? 0).toBeGreaterThan(500)
    const stored = await storedFaults(server.url)
    expect(stored.read).toBeGreaterThan(50)
    expect(stored.faults).toEqual([])
  })
})
