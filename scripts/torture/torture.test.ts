import { randomLcg } from 'd3-random'
import { rmSync } from 'node:fs'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startAppServer } from '../app-server.ts'
import { startMariaDb, type PrivateMariaDb } from '../mariadb.ts'
import { freePort } from '../ports.ts'
import { root } from '../processes.ts'
import { dataOf } from './data-at.ts'
import { killRounds, victims } from './kill-rounds.ts'
import { migrationRounds } from './migration-rounds.ts'
import { compare, nothingYet } from './writers.ts'

const folder = join(root, '.data', 'test-torture')
const migrations = `${folder}-migrations`

describe('what was acknowledged', () => {
  it('is counted as lost, doubled or half where it is', () => {
    const acknowledged = { readings: new Set(['a', 'b']), imports: new Map([['f', 25]]) }
    const rows = [
      { id: 'a', note: '' },
      { id: 'a', note: '' },
      { id: 'x', note: 'f.csv, line 2, pH' },
    ]
    expect(compare(acknowledged, rows)).toEqual({ lost: 1, doubled: 1, half: 1 })
    expect(compare(nothingYet(), [])).toEqual({ lost: 0, doubled: 0, half: 0 })
  })

  it('is there after server, database or both were killed under writers', async () => {
    const chance = randomLcg(0.19)
    const result = await killRounds({ folder, rounds: victims.length, writers: 6, chance })
    expect(result.acknowledged).toBeGreaterThan(20)
    expect(result).toMatchObject({ rounds: 3, lost: 0, doubled: 0, half: 0, notStarting: 0 })
  })
})

describe('tables', () => {
  let database: PrivateMariaDb
  beforeAll(async () => {
    rmSync(migrations, { recursive: true, force: true })
    database = await startMariaDb(migrations, 5481)
  })
  afterAll(async () => {
    await database.stop()
    rmSync(migrations, { recursive: true, force: true })
    rmSync(folder, { recursive: true, force: true })
  })

  it('are made by one of two servers that start at once on nothing; the other waits', async () => {
    await dataOf(database, 0)
    const start = async () =>
      startAppServer({ database, port: await freePort(0), isDemo: false, isQuiet: true })
    const both = await Promise.all([start(), start()])
    for (const { url } of both) expect((await fetch(`${url}/readyz`)).status).toBe(200)
    await Promise.all(both.map((server) => server.stop()))
  })

  it('come up to date from old releases, whatever start was killed on the way', async () => {
    const chance = randomLcg(0.5)
    const result = await migrationRounds({ database, rounds: 3, chance, from: [0, 8, 14] })
    expect(result).toMatchObject({ rounds: 3, lost: 0, notStarting: [] })
  })
})
