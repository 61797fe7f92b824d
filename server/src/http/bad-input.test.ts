import { getTableName, sql } from 'drizzle-orm'
import type { ProblemDto } from '@spudder/contract/problem'
import { beforeAll, describe, expect, it } from 'vitest'
import { jpeg } from '../tests/jpeg.ts'
import * as schema from '../database/schema.ts'
import {
  acidPlanBody,
  api,
  db,
  entryBody,
  lookBody,
  newId,
  placeBody,
  post,
  productBody,
  readingBody,
  remedyBody,
  jarTestBody,
  measureBody,
  sprayerBody,
  standBody,
  standWithRemedy,
  trialBody,
  zoneBody,
} from '../tests/test-estate.ts'

const eventBody = () => ({ id: newId(), kind: 'limed', happenedOn: '2025-05-02' })
const correctionBody = () => ({ ...entryBody(), reason: 'weighed again' })
const settingsBody = () => ({ ironSchool: 'field' })
const orderBody = () => ({
  id: newId(),
  orderedOn: '2025-05-02',
  packets: ['soil'],
  places: ['sick'],
})
const importBody = () => ({
  id: newId(),
  fileName: 'may.csv',
  csv: 'Date,Sample,pH\n2025-05-02,Lawn,7.4\n',
  map: {
    laboratory: 'Downs',
    dayColumn: 'Date',
    dayOrder: 'ymd',
    sampleColumn: 'Sample',
    placeColumn: '',
    columns: [{ column: 'pH', kind: 'pH', unit: '' }],
    stands: { Lawn: ids['standId'] },
  },
})
const buyBody = () => ({
  id: newId(),
  standId: ids['standId'],
  productId: ids['productId'],
  plannedKg: 20,
  dueOn: '2025-06-01',
})
const stationBody = () => ({
  fileName: 'may.csv',
  text: 'Time,Temperature,Rain,Wind\n2025-05-31 00:00,9,0,2\n',
})
const checkBody = () => ({ id: newId(), checkId: 'leaf-paint', dueOn: '2025-06-08' })
const changedProduct = () => {
  const { id: _id, ...rest } = productBody()
  return { ...rest, isRetired: false }
}
const changedSprayer = () => {
  const { setup, name } = sprayerBody()
  const calibration = { measuredOn: '2025-05-02', rateLPerM2: 0.03, how: 'walked 90 m2' }
  return { name, setup, calibration, isRetired: false }
}
const changedStand = () => ({
  name: 'North lawn',
  measures: { outline: [[0, 0], [40, 0], [40, 25]], plantCount: 4 }, // prettier-ignore
})
const closing = { outcome: 'green', closedOn: '2025-07-01' }

/** Every route that takes a body, with one that it accepts. */
const routes = {
  '/places': { method: 'post', body: placeBody },
  '/places/:placeId/stands': { method: 'post', body: standBody },
  '/places/:placeId': { method: 'patch', body: () => ({ name: 'Lower Vennlow' }) },
  '/places/:placeId/settings': { method: 'patch', body: settingsBody },
  '/places/:placeId/looks-due': {
    method: 'post',
    body: () => ({ looks: [{ id: newId(), standId: ids['standId'] }], dueOn: '2025-06-03' }),
  },
  '/places/:placeId/laboratory-imports': { method: 'post', body: importBody, limitMB: 8 },
  '/stands/:standId/laboratory-orders': { method: 'post', body: orderBody },
  '/stands/:standId/readings': { method: 'post', body: readingBody },
  '/stands/:standId/events': { method: 'post', body: eventBody },
  '/stands/:standId/looks': { method: 'post', body: lookBody },
  '/stands/:standId/acid-plans': { method: 'post', body: acidPlanBody },
  '/cases/:caseId/checks': { method: 'post', body: checkBody },
  '/cases/:caseId/practices': {
    method: 'post',
    body: () => ({ ids: [newId(), newId()], practiceId: 'fungicide-pair', dueOn: '2025-06-08' }),
  },
  '/cases/:caseId/remedies': { method: 'post', body: remedyBody },
  '/cases/:caseId': { method: 'patch', body: () => closing },
  '/places/:placeId/products': { method: 'post', body: productBody },
  '/places/:placeId/product-imports': {
    method: 'post',
    body: () => ({ products: [productBody()] }),
  },
  '/products/:productId': { method: 'patch', body: changedProduct },
  '/places/:placeId/sprayers': { method: 'post', body: sprayerBody },
  '/sprayers/:sprayerId': { method: 'patch', body: changedSprayer },
  '/places/:placeId/jar-tests': { method: 'post', body: jarTestBody },
  '/stands/:standId': { method: 'patch', body: changedStand },
  '/places/:placeId/moves': {
    method: 'post',
    body: () => ({ moves: [{ jobId: ids['jobId'], from: '2025-06-03', to: '2025-06-04' }] }),
  },
  '/places/:placeId/orders': { method: 'post', body: buyBody },
  '/places/:placeId/weather/station': { method: 'post', body: stationBody, limitMB: 8 },
  '/photos/:photoId/measure': { method: 'post', body: measureBody },
  '/stands/:standId/trials': { method: 'post', body: trialBody },
  '/trials/:trialId/ratings': {
    method: 'post',
    body: () => ({ ratings: [{ id: newId(), plot: 2, ratedOn: '2025-06-01', value: 6 }] }),
  },
  '/stands/:standId/zones': { method: 'post', body: zoneBody },
  '/zones/:zoneId': { method: 'patch', body: () => ({ score: 4 }) },
  '/jobs/:jobId': { method: 'patch', body: () => ({ dueOn: '2025-06-09' }) },
  '/jobs/:jobId/entries': { method: 'post', body: entryBody },
  '/entries/:entryId/corrections': { method: 'post', body: correctionBody },
} satisfies Readonly<
  Record<string, { method: 'post' | 'patch'; body: () => object; limitMB?: number }>
>
type Path = keyof typeof routes
const paths = Object.keys(routes) as Path[]

const ids: Record<string, string> = {}
beforeAll(async () => {
  const { stand, caseId, applyJobId } = await standWithRemedy()
  const other = await standWithRemedy()
  const { id: entryId } = await post<{ id: string }>(
    `/jobs/${other.applyJobId}/entries`,
    entryBody(),
  )
  const { id: productId } = await post<{ id: string }>(
    `/places/${stand.placeId}/products`,
    productBody(),
  )
  const { id: sprayerId } = await post<{ id: string }>(
    `/places/${stand.placeId}/sprayers`,
    sprayerBody(),
  )
  const { id: trialId } = await post<{ id: string }>(`/stands/${stand.id}/trials`, trialBody())
  const { id: zoneId } = await post<{ id: string }>(`/stands/${stand.id}/zones`, zoneBody())
  const photo = await api
    .post(`/api/stands/${stand.id}/photos?id=${newId()}&fileName=leaf.jpg`)
    .set('content-type', 'image/jpeg')
    .send(jpeg())
  Object.assign(ids, {
    trialId,
    zoneId,
    photoId: (photo.body as { id: string }).id,
    productId,
    sprayerId,
    placeId: stand.placeId,
    standId: stand.id,
    caseId,
    jobId: applyJobId,
    entryId,
  })
})

const addressOf = (path: string) =>
  `/api${path.replace(/:(\w+)/g, (_, name: string) => ids[name] ?? '')}`
const send = (path: Path, body: unknown, type = 'application/json') =>
  api[routes[path].method](addressOf(path))
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
  expect(described.toSorted()).toEqual(paths.toSorted())
})

describe.each(paths)('%s', (path) => {
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
    const body: () => Record<string, unknown> = routes[path].body as never
    for (const field of Object.keys(body())) {
      for (const bad of [{ a: 1 }, -1e12, 'x'.repeat(3000), true]) {
        // Yes is a fine answer to a question of yes or no.
        if (field.startsWith('is') && bad === true) continue
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
    const { limitMB = 1 } = routes[path] as { limitMB?: number }
    const huge = JSON.stringify({ note: 'x'.repeat(limitMB * 1_200_000) })
    expectProblem(await send(path, huge), 413)
  })

  it('answers 404 where what it belongs to does not exist', async () => {
    if (!path.includes(':')) return
    const { method, body } = routes[path]
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
    ['/api/places/x/estate', 400],
    ['/api/places/x/estate?from=yesterday', 400],
    ['/api/places/x/estate?from=2026-01-01&limit=1000000', 400],
    ['/api/places/x/weather?from=2026-01-01&to=2025-01-01', 404],
    [`/api/places/${newId()}/planning`, 404],
    [`/api/places/${newId()}/calendar.ics`, 404],
    [`/api/places/${newId()}/entries`, 404],
    ['/api/places/x/entries?limit=501', 400],
    ['/api/places/x/entries?from=soon', 400],
  ])('%s is answered with %d', async (address, status) => {
    expectProblem(await api.get(address), status)
  })

  it('a method that is not there is answered as a problem', async () => {
    expectProblem(await api.delete('/api/places'), 404)
  })
})
