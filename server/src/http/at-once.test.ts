import { createServer, request } from 'node:http'
import type { AddressInfo } from 'node:net'
import { setTimeout as pause } from 'node:timers/promises'
import { describe, expect, it } from 'vitest'
import { againWithin, doneAgain } from '../database/database-fault.ts'
import { drainable } from './drain.ts'
import { Turns } from './turns.ts'
import {
  api,
  entryBody,
  get,
  post,
  productBody,
  remedyBody,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'
import { addressOf, makeOneOfEach, writingPaths, writingRoutes } from '../tests/writing-routes.ts'

describe('turns', () => {
  it('let so many work, the others in the order in which they came, and not too many wait', async () => {
    const turns = new Turns(2, 3)
    const done: number[] = []
    let [working, most] = [0, 0]
    const work = (number: number) =>
      turns.take(async () => {
        working += 1
        most = Math.max(most, working)
        await pause(2)
        working -= 1
        done.push(number)
      })
    const five = [1, 2, 3, 4, 5].map(work)
    await expect(work(6)).rejects.toMatchObject({ code: 'busy' })
    await Promise.all(five)
    expect(most).toBe(2)
    expect(done).toEqual([1, 2, 3, 4, 5])
    // Whoever fails leaves his turn too.
    await expect(turns.take(() => Promise.reject(new Error('no')))).rejects.toThrow('no')
    await work(7)
    expect(done.at(-1)).toBe(7)
  })
})

describe('what the database gave up for another’s sake', () => {
  const deadlock = () => Object.assign(new Error('Deadlock found'), { errno: 1213 })
  it('is done again, and given up in the end', async () => {
    let tries = 0
    const twice = () => (++tries < 3 ? Promise.reject(deadlock()) : Promise.resolve('done'))
    expect(await doneAgain(twice)).toBe('done')
    expect(tries).toBe(3)
    await expect(doneAgain(() => Promise.reject(deadlock()))).rejects.toThrow('Deadlock')
    const other = Object.assign(new Error('Duplicate'), { errno: 1062 })
    let once = 0
    await expect(doneAgain(() => (once++, Promise.reject(other)))).rejects.toThrow('Duplicate')
    expect(once).toBe(1)
  })

  it('waits for another server where there is one, as long as it was told to', async () => {
    const gone = () =>
      Object.assign(new Error('Connection lost'), { code: 'PROTOCOL_CONNECTION_LOST' })
    let tries = 0
    const soon = () => (++tries < 3 ? Promise.reject(gone()) : Promise.resolve('done'))
    expect(await againWithin(10_000)(soon)).toBe('done')
    expect(tries).toBe(3)
    await expect(doneAgain(() => Promise.reject(gone()))).rejects.toThrow('Connection lost')
    await expect(againWithin(200)(() => Promise.reject(gone()))).rejects.toThrow('Connection lost')
  })
})

/** 200 pairs of each by SPUDDER_PAIRS=200; a few in every run of the tests. */
const pairs = Number(process.env['SPUDDER_PAIRS'] ?? 4)
/** What only one of two can do: the other is told so, and that is right. */
const oneOnly: ReadonlySet<number> = new Set([409])

describe('two people at once', () => {
  makeOneOfEach()

  it.each(writingPaths)('see no fault of ours at %s', async (path) => {
    const { method, body } = writingRoutes[path]
    const send = () => api[method](addressOf(path)).send(body())
    for (let pair = 0; pair < pairs; pair += 1) {
      const both = await Promise.all([send(), send()])
      for (const { status, body: told } of both) {
        expect(status < 300 || oneOnly.has(status), `${status} ${JSON.stringify(told)}`).toBe(true)
      }
    }
  })

  it('bring in files of two laboratories, and both are remembered', async () => {
    const { stand } = await standWithRemedy()
    const path = `/api/places/${stand.placeId}/laboratory-imports`
    const file = (laboratory: string) => {
      const body = writingRoutes['/places/:placeId/laboratory-imports'].body()
      return { ...body, map: { ...body.map, laboratory, stands: { Lawn: stand.id } } }
    }
    for (let pair = 0; pair < pairs; pair += 1) {
      const names = [`North ${pair}`, `South ${pair}`]
      const both = await Promise.all(names.map((name) => api.post(path).send(file(name))))
      expect(both.map(({ status }) => status)).toEqual([201, 201])
    }
    const places = await get<{ id: string; settings: { laboratories?: unknown[] } }[]>('/places')
    const place = places.find(({ id }) => id === stand.placeId)
    expect(place?.settings.laboratories).toHaveLength(2 * pairs)
  })

  it('record with one product, each its own job, and the shelf counts both', async () => {
    const { stand, caseId } = await standWithRemedy()
    const product = { ...productBody(), sourceId: 'fe-eddha', stockKg: 5000, labelMaximum: undefined, label: { ...productBody().label, analysis: { Fe: '6' }, chelated: '6', derivedFrom: 'ferric EDDHA' } } // prettier-ignore
    const { id: productId } = await post<{ id: string }>(
      `/places/${stand.placeId}/products`,
      product,
    )
    const jobs: string[] = []
    for (let round = 0; round < 2 * pairs; round += 1) {
      await post(`/cases/${caseId}/remedies`, { ...remedyBody(), productId }) // prettier-ignore
    }
    const story = await storyOf(stand.id)
    const own = new Set(story.remedies.filter((each) => each.productId === productId).map(({ id }) => id)) // prettier-ignore
    jobs.push(
      ...story.jobs
        .filter(({ kind, remedyId }) => kind === 'apply' && own.has(remedyId ?? ''))
        .map(({ id }) => id),
    )
    expect(jobs.length).toBeGreaterThanOrEqual(2 * pairs)
    for (let pair = 0; pair < pairs; pair += 1) {
      const two = jobs.slice(2 * pair, 2 * pair + 2)
      const both = await Promise.all(two.map((id) => api.post(`/api/jobs/${id}/entries`).send(entryBody(1)))) // prettier-ignore
      expect(both.map(({ status }) => status)).toEqual([201, 201])
    }
    const products = await get<{ id: string; stockKg: number }[]>(`/places/${stand.placeId}/products`) // prettier-ignore
    expect(products.find(({ id }) => id === productId)?.stockKg).toBeCloseTo(5000 - 2 * pairs, 6)
  })
})

describe('a server that stops', () => {
  it('answers what it was asked before it goes, and takes nothing new', async () => {
    const server = createServer((_request, response) => {
      setTimeout(() => response.end('answered'), 120)
    })
    const { drain } = drainable(server)
    await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve))
    const { port } = server.address() as AddressInfo
    const ask = () =>
      new Promise<string>((resolve, reject) => {
        const asked = request({ port, host: '127.0.0.1' }, (response) => {
          let said = ''
          response.on('data', (part: Buffer) => (said += part.toString()))
          response.on('end', () => resolve(said))
        })
        asked.on('error', reject)
        asked.end()
      })
    const before = Array.from({ length: 20 }, ask)
    await pause(40)
    const gone = drain()
    await expect(ask()).rejects.toThrow(/ECONNREFUSED/)
    expect(await Promise.all(before)).toEqual(Array.from({ length: 20 }, () => 'answered'))
    await gone
  })
})
