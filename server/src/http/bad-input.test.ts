import { getTableName, sql } from 'drizzle-orm'
import type { ProblemDto } from '@spudder/contract/problem'
import { describe, expect, it } from 'vitest'
import * as schema from '../database/schema.ts'
import { api, db, newId } from '../tests/test-estate.ts'
import { addressOf, makeOneOfEach, writingRoutes } from '../tests/writing-routes.ts'
import { peopleRoutes } from '../tests/people-routes.ts'

makeOneOfEach()

interface WithBody {
  readonly method: 'post' | 'patch'
  readonly body: () => object
  readonly limitMB?: number
}
const bodyRoutes: Readonly<Record<string, WithBody>> = { ...writingRoutes, ...peopleRoutes }
const bodyPaths = Object.keys(bodyRoutes)
const routeOf = (path: string): WithBody => {
  const route = bodyRoutes[path]
  if (!route) throw new Error(`no body for ${path}`)
  return route
}

const send = (path: string, body: unknown, type = 'application/json') =>
  api[routeOf(path).method](addressOf(path))
    .set('content-type', type)
    .send(body as string)

async function rowCounts(): Promise<string> {
  const tables = Object.values(schema)
  const counts = await Promise.all(
    tables.map((table) => db.select({ rows: sql<number>`count(*)` }).from(table)),
  )
  return tables.map((table, index) => `${getTableName(table)} ${counts[index]?.[0]?.rows}`).join()
}

interface Answered {
  readonly status: number
  readonly type: string
  readonly body: unknown
}

function expectProblem({ status, type, body }: Answered, wanted: number): ProblemDto {
  expect(status).toBe(wanted)
  expect(type).toBe('application/problem+json')
  const problem = body as ProblemDto
  expect(problem).toMatchObject({ status: wanted, type: `/problems/${problem.code}` })
  expect(problem.detail.length).toBeGreaterThan(10)
  expect(JSON.stringify(problem)).not.toMatch(/select |insert |at .*\.ts/i)
  return problem
}

it('covers every route that takes a body', async () => {
  const { body } = await api.get('/api/openapi.json')
  const described = Object.entries(body.paths as Record<string, Record<string, object>>)
    .filter(([, methods]) =>
      // A photo travels as bytes, not as JSON; photo.test.ts sends bad ones.
      Object.values(methods).some((each) =>
        JSON.stringify(each).includes(
          '"requestBody":{"required":true,"content":{"application/json"',
        ),
      ),
    )
    .map(([path]) => path.replace('/api', '').replace(/\{(\w+)\}/g, ':$1'))
  expect(described.toSorted()).toEqual(bodyPaths.toSorted())
})

describe.each(bodyPaths)('%s', (path) => {
  it.each([
    ['broken JSON', '{"id": ', 'body-unreadable'],
    ['a list', '[]', 'invalid-body'],
    ['a bare word', '"text"', 'body-unreadable'],
    ['a property it does not know', '{"nonsense": 1}', 'invalid-body'],
  ])('refuses %s and stores nothing', async (_, body, code) => {
    const before = await rowCounts()
    expect(expectProblem(await send(path, body), 400).code).toBe(code)
    expect(await rowCounts()).toBe(before)
  })

  it('names the field beside which every bad value stands, and stores nothing', async () => {
    const before = await rowCounts()
    const body = routeOf(path).body as () => Record<string, unknown>
    for (const field of Object.keys(body())) {
      for (const bad of [{ a: 1 }, -1e12, 'x'.repeat(3000), true]) {
        // Yes is a fine answer to a question of yes or no.
        if (field.startsWith('is') && bad === true) continue
        // What a passkey answers is read by who knows passkeys.
        if (field === 'answer' && typeof bad === 'object') continue
        const problem = expectProblem(await send(path, { ...body(), [field]: bad }), 400)
        const named = problem.fields.map((each) => each.field.split('.')[0])
        const isFinding = field === 'findings' || field === 'paint'
        if (!isFinding) expect([field, named]).toEqual([field, expect.arrayContaining([field])])
        expect(problem.fields.every(({ message }) => message.length > 8)).toBe(true)
      }
    }
    expect(await rowCounts()).toBe(before)
  })

  it('answers 413 to more than it takes', async () => {
    const { limitMB = 1 } = routeOf(path)
    const huge = JSON.stringify({ note: 'x'.repeat(limitMB * 1_200_000) })
    expectProblem(await send(path, huge), 413)
  })

  it('answers 404 where what it belongs to does not exist', async () => {
    if (!path.includes(':')) return
    const { method, body } = routeOf(path)
    const address = `/api${path.replace(/:(\w+)/, newId())}`
    expectProblem(await api[method](address).send(body()), 404)
  })
})

describe('addresses and queries', () => {
  it.each([
    ['/api/nowhere', 404],
    [`/api/stands/${newId()}`, 404],
    [`/api/stands/${encodeURIComponent("' or 1=1 --")}`, 404],
    [`/api/places/${newId()}/estate?from=2026-01-01`, 404],
    ['/api/places/:placeId/estate', 400],
    ['/api/places/:placeId/estate?from=yesterday', 400],
    ['/api/places/:placeId/estate?from=2026-01-01&limit=1000000', 400],
    ['/api/places/:placeId/weather?from=2026-01-01&to=2025-01-01', 400],
    [`/api/places/${newId()}/planning`, 404],
    [`/api/places/${newId()}/calendar.ics`, 404],
    [`/api/places/${newId()}/entries`, 404],
    ['/api/places/:placeId/entries?limit=501', 400],
    ['/api/places/:placeId/entries?from=soon', 400],
  ])('%s is answered with %d', async (address, status) => {
    expectProblem(await api.get(addressOf(address.replace('/api', ''))), status)
  })

  it('a method that is not there is answered as a problem', async () => {
    expectProblem(await api.delete('/api/places'), 404)
  })
})
