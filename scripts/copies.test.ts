import { spawn } from 'node:child_process'
import { randomUUID } from 'node:crypto'
import { mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { startAppServer, type AppServer } from './app-server.ts'
import { checkCopy, keepNewest, makeCopy, restoreInto } from './copies.ts'
import { startMariaDb, type PrivateMariaDb } from './mariadb.ts'
import { freePort } from './ports.ts'
import { root } from './processes.ts'

const folder = mkdtempSync(join(tmpdir(), 'spudder-copies-'))
const copies = join(folder, 'copies')
let database: PrivateMariaDb
let server: AppServer
const standId = randomUUID()
const placeId = randomUUID()

async function post(path: string, body: object): Promise<number> {
  const answer = await fetch(`${server.url}/api${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  })
  return answer.status
}
const reading = (id: string) => ({
  id,
  kind: 'pH',
  value: 7.8,
  method: 'meter',
  takenOn: '2025-05-20',
})

beforeAll(async () => {
  database = await startMariaDb(join(folder, 'one'), await freePort(5393))
  server = await startAppServer({ database, port: await freePort(5394), isDemo: false, isQuiet: true }) // prettier-ignore
  const place = { id: placeId, name: 'Copied', unitSystem: 'us', climate: 'temperate' }
  expect(await post('/places', place)).toBe(201)
  const size = { kind: 'area', areaM2: 1000 }
  const stand = { id: standId, name: 'Lawn', context: 'turf', plantId: 'bermudagrass', size }
  expect(await post(`/places/${placeId}/stands`, stand)).toBe(201)
}, 300_000)
afterAll(async () => {
  await server.stop()
  await database.stop()
  rmSync(folder, { recursive: true, force: true })
}, 120_000)

/** People who go on writing until they are told to stop; gives what was acknowledged so far. */
function writers(count: number) {
  const acknowledged: string[] = []
  let isOver = false
  const write = async () => {
    while (!isOver) {
      const id = randomUUID()
      if ((await post(`/stands/${standId}/readings`, reading(id))) === 201) acknowledged.push(id)
    }
  }
  const all = Promise.all(Array.from({ length: count }, write))
  return { acknowledged, stop: () => ((isOver = true), all) }
}

const whole = () => readdirSync(copies).filter((name) => name.endsWith('.sql.gz'))

describe('a copy of data that are worked on', () => {
  it('killed in its middle is no copy; a whole one has all that was acknowledged before it began, on another port', async () => {
    const busy = writers(3)
    // Somebody pulls the plug on the copying.
    const script = `
      import { makeCopy } from ${JSON.stringify(join(root, 'scripts/copies.ts'))}
      import { readFileSync } from 'node:fs'
      const password = readFileSync(${JSON.stringify(database.passwordFile)}, 'utf8')
      await makeCopy({ port: ${database.port}, password }, { folder: ${JSON.stringify(copies)}, name: 'killed', at: new Date() })
    `
    const file = join(folder, 'copy.mts')
    writeFileSync(file, script)
    const child = spawn(process.execPath, ['--import', 'tsx', file], { cwd: root, stdio: 'ignore' })
    const isBegun = () => {
      try {
        return readdirSync(copies).some((name) => name.endsWith('.part'))
      } catch {
        return false
      }
    }
    while (!isBegun()) await new Promise((resolve) => setTimeout(resolve, 5))
    child.kill('SIGKILL')
    expect(whole()).toEqual([])

    const before = [...busy.acknowledged]
    const copy = await makeCopy(database, { folder: copies, name: 'own', at: new Date() })
    const after = busy.acknowledged.length
    await busy.stop()
    expect(before.length).toBeGreaterThan(0)
    expect(after).toBeGreaterThan(before.length)

    const target = join(folder, 'two')
    expect(await restoreInto(target, copy, new Date())).toBeUndefined()
    const restored = await startMariaDb(target, await freePort(5395))
    const port = await freePort(5396)
    const other = await startAppServer({ database: restored, port, isDemo: false, isQuiet: true })
    try {
      const answer = await fetch(`${other.url}/api/stands/${standId}`)
      const { readings } = (await answer.json()) as { readings: { id: string }[] }
      const there = new Set(readings.map(({ id }) => id))
      expect(before.filter((id) => !there.has(id))).toEqual([])
    } finally {
      await other.stop()
      await restored.stop()
    }
    // Laid over what is there, the old is put aside and not removed.
    const aside = await restoreInto(target, copy, new Date())
    expect(readdirSync(target)).toContain(aside?.split('/').at(-1))
  }, 300_000)

  it('is told from one that was damaged, and only the newest are kept', async () => {
    const [name = ''] = whole()
    const file = join(copies, name)
    expect((await checkCopy(file)).rows['stand']).toBe(1)
    const bytes = await readFile(file)
    const at = bytes.length >> 1
    bytes[at] = (bytes[at] ?? 0) ^ 1
    writeFileSync(file, bytes)
    await expect(restoreInto(join(folder, 'three'), file, new Date())).rejects.toThrow(
      /not as it was written/,
    )
    rmSync(`${file}.json`)
    await expect(checkCopy(file)).rejects.toThrow(/is missing beside it/)

    for (const day of ['01', '02', '03'])
      writeFileSync(join(copies, `daily-2026-11-${day}.sql.gz`), '')
    await keepNewest(copies, 'daily', 2)
    expect(whole().filter((each) => each.startsWith('daily'))).toEqual([
      'daily-2026-11-02.sql.gz',
      'daily-2026-11-03.sql.gz',
    ])
  })
})
