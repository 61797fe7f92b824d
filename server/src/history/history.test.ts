import type { EntryDto, RecordPageDto } from '@spudder/contract/entry'
import type { HistoryPageDto, MendedDto, TakenBackDto } from '@spudder/contract/history'
import type { JobDto } from '@spudder/contract/job'
import type { LookDto } from '@spudder/contract/look'
import type { ReadingDto } from '@spudder/contract/reading'
import { changeHeader } from '@spudder/contract/route'
import type { ProductDto } from '@spudder/contract/shelf'
import type { SprayerDto } from '@spudder/contract/sprayer'
import type { StandDto } from '@spudder/contract/stand'
import type { TrialDto } from '@spudder/contract/trial'
import type { ZoneDto } from '@spudder/contract/zone'
import { historyKinds } from '@spudder/core/outcome/history'
import { getTableColumns } from 'drizzle-orm'
import supertest from 'supertest'
import { describe, expect, it } from 'vitest'
import { history } from '../database/schema.ts'
import {
  appFor,
  db,
  entryBody,
  get,
  jarTestBody,
  lookBody,
  newId,
  newStand,
  patch,
  post,
  productBody,
  readingBody,
  refused,
  remedyBody,
  sprayerBody,
  standBody,
  standWithRemedy,
  storyOf,
  trialBody,
  zoneBody,
  api,
} from '../tests/test-estate.ts'

const historyOf = (placeId: string, query = '') =>
  get<HistoryPageDto>(`/places/${placeId}/history${query}`)
const mend = (kind: string, id: string, body: object) =>
  patch<MendedDto>(`/things/${kind}/${id}`, { reason: 'Typed wrongly.', ...body })

/** A change under a name of its own, and its taking back. */
async function changed(path: string, body: object): Promise<string> {
  const groupId = newId()
  const answer = await api.patch(`/api${path}`).set(changeHeader, groupId).send(body)
  expect(answer.status, JSON.stringify(answer.body)).toBe(200)
  return groupId
}
const takeBack = (placeId: string, groupId: string) =>
  post<TakenBackDto>(`/places/${placeId}/taken-back`, { groupId })

describe('a thing entered by mistake', () => {
  it('is put right with the reason; the old stays in the history, and what is read is the new', async () => {
    const stand = await newStand()
    const wrong = await post<ReadingDto>(`/stands/${stand.id}/readings`, readingBody(8.7))
    const mended = await mend('reading', wrong.id, {
      version: 1,
      changes: { value: 7.8, takenOn: '2025-05-21' },
    })
    expect(mended).toMatchObject({ version: 2, isStruck: false })
    const { readings } = await storyOf(stand.id)
    expect(readings).toMatchObject([{ value: 7.8, takenOn: '2025-05-21', came: { how: 'typed' } }])
    const { lines } = await historyOf(stand.placeId, `?standId=${stand.id}&kind=reading`)
    expect(lines.map(({ act, reason }) => [act, reason])).toEqual([
      ['changed', 'Typed wrongly.'],
      ['stored', ''],
    ])
    expect(lines[0]?.changes).toEqual({
      value: { was: 8.7, is: 7.8 },
      takenOn: { was: '2025-05-20', is: '2025-05-21' },
    })
    expect(lines[0]).toMatchObject({ by: 'Tess Marlow', standName: stand.name })
  })

  it('is struck out and counts no more, and is brought back', async () => {
    const stand = await newStand()
    const { id } = await post<ReadingDto>(`/stands/${stand.id}/readings`, readingBody(8.7))
    const { version } = await mend('reading', id, { version: 1, isStruck: true })
    expect((await storyOf(stand.id)).readings).toEqual([])
    await mend('reading', id, { version, isStruck: false, reason: 'It was right.' })
    expect((await storyOf(stand.id)).readings).toMatchObject([{ value: 8.7, version: 3 }])
    const { lines } = await historyOf(stand.placeId, '?kind=reading')
    expect(lines.map(({ act }) => act)).toEqual(['restored', 'struck', 'stored'])
  })

  it('is checked whole, as when it first came in, and nothing is stored of what is not right', async () => {
    const stand = await newStand()
    const { id } = await post<ReadingDto>(`/stands/${stand.id}/readings`, readingBody())
    const body = { version: 1, reason: 'so', changes: { value: 78 } }
    const { fields } = await refused('patch', `/things/reading/${id}`, body, 400)
    expect(fields[0]?.message).toMatch(/pH: give a number from/)
    const unknown = { ...body, changes: { standId: newId() } }
    await refused('patch', `/things/reading/${id}`, unknown, 400)
    await refused('patch', `/things/reading/${id}`, { ...body, reason: '' }, 400)
    await refused('patch', `/things/entry/${id}`, body, 404)
    expect((await storyOf(stand.id)).readings).toMatchObject([{ value: 7.8, version: 1 }])
  })

  it('of every kind: story, look, trial, rating, jar test', async () => {
    const stand = await newStand()
    const event = { id: newId(), kind: 'limed', happenedOn: '2025-05-02' }
    await post(`/stands/${stand.id}/events`, event)
    const { id: lookId } = await post<LookDto>(`/stands/${stand.id}/looks`, lookBody())
    const trial = await post<TrialDto>(`/stands/${stand.id}/trials`, trialBody())
    const rating = { id: newId(), plot: 2, ratedOn: '2025-06-01', value: 6 }
    await post(`/trials/${trial.id}/ratings`, { ratings: [rating] })
    const jar = jarTestBody()
    await post(`/places/${stand.placeId}/jar-tests`, jar)

    await mend('event', event.id, { version: 1, changes: { kind: 'acidified' } })
    const findings = { ...lookBody().findings, tier: 'all' }
    await mend('look', lookId, { version: 1, changes: { findings } })
    await mend('trial', trial.id, { version: 1, changes: { name: 'Iron, north half' } })
    await mend('rating', rating.id, { version: 1, changes: { value: 5 } })
    await mend('jarTest', jar.id, { version: 1, isStruck: true })

    const { events, looks } = await storyOf(stand.id)
    expect(events.map(({ kind }) => kind)).toEqual(['acidified'])
    expect(looks[0]?.findings).toMatchObject({ tier: 'all' })
    const [now] = await get<TrialDto[]>(`/stands/${stand.id}/trials`)
    expect([now?.name, now?.ratings[0]?.value]).toEqual(['Iron, north half', 5])
    expect(await get(`/places/${stand.placeId}/jar-tests`)).toEqual([])
    const { lines } = await historyOf(stand.placeId, '?act=changed')
    expect(lines.map(({ of }) => of)).toMatchObject([
      { plot: 2, value: 5 },
      { name: 'Iron, north half' },
      { lookedOn: '2025-06-01' },
      { kind: 'acidified' },
    ])
    await refused('patch', `/things/look/${lookId}`, { version: 2, reason: 'x', changes: { findings: { tier: 'sky' } } }, 400) // prettier-ignore
  })

  it('made up stays made up, whatever its value is put to', async () => {
    const stand = await newStand()
    const body = { ...readingBody(), instrument: 'simulated pH pen' }
    const { id } = await post<ReadingDto>(`/stands/${stand.id}/readings`, body)
    await mend('reading', id, { version: 1, changes: { value: 7, instrument: 'Good pen' } })
    expect((await storyOf(stand.id)).readings[0]?.came).toEqual({
      how: 'simulated',
      by: 'simulated pH pen',
    })
  })
})

describe('two people who change one thing', () => {
  it('the later is told what the earlier changed, and may store over it', async () => {
    const stand = await newStand()
    const other = supertest(appFor('Ona Birch'))
    await other.patch(`/api/stands/${stand.id}`).send({ version: 1, name: 'Low lawn' })
    const path = `/stands/${stand.id}`
    const problem = await refused('patch', path, { version: 1, name: 'Upper lawn' }, 409)
    expect(problem).toMatchObject({ code: 'changed-meanwhile', version: 2 })
    expect(problem.detail).toBe('Ona Birch changed Name from South lawn to Low lawn.')
    expect((await storyOf(stand.id)).stand.name).toBe('Low lawn')
    const now = await patch<StandDto>(path, { version: 2, name: 'Upper lawn' })
    expect(now).toMatchObject({ name: 'Upper lawn', version: 3 })
  })

  it('neither is bothered where they saw the same, or where nothing differs', async () => {
    const stand = await newStand()
    await patch(`/stands/${stand.id}`, { version: 1, name: stand.name })
    const { stand: now } = await storyOf(stand.id)
    expect(now.version).toBe(1)
    expect((await historyOf(stand.placeId, '?act=changed')).lines).toEqual([])
  })
})

describe('what was changed at once', () => {
  it('is taken back at once, and that too', async () => {
    const stand = await newStand()
    const groupId = await changed(`/stands/${stand.id}`, {
      name: 'Brow',
      care: { mowingDays: [1] },
    })
    await takeBack(stand.placeId, groupId)
    expect((await storyOf(stand.id)).stand).toMatchObject({ name: 'South lawn' })
    const { lines } = await historyOf(stand.placeId, '?act=restored')
    await takeBack(stand.placeId, lines[0]?.groupId ?? '')
    expect((await storyOf(stand.id)).stand).toMatchObject({
      name: 'Brow',
      care: { mowingDays: [1] },
    })
  })

  it('is left alone where any of it was changed again, and where it is of another place', async () => {
    const stand = await newStand()
    const groupId = await changed(`/stands/${stand.id}`, { name: 'Brow' })
    await patch(`/stands/${stand.id}`, { name: 'Hill' })
    const path = `/places/${stand.placeId}/taken-back`
    const { detail } = await refused('post', path, { groupId }, 409)
    expect(detail).toMatch(/changed again since/)
    expect((await storyOf(stand.id)).stand.name).toBe('Hill')
    const other = await newStand()
    await refused('post', `/places/${other.placeId}/taken-back`, { groupId }, 404)
  })

  it('a season of moves goes back as one', async () => {
    const { stand, applyJobId, lookJobId } = await standWithRemedy()
    const { jobs } = await storyOf(stand.id)
    const dueOf = (id: string, of: readonly JobDto[]) => of.find((job) => job.id === id)?.dueOn
    const groupId = newId()
    const moves = [applyJobId, lookJobId].map((jobId) => ({
      jobId,
      from: dueOf(jobId, jobs) ?? '',
      to: '2025-07-01',
    }))
    const answer = await api
      .post(`/api/places/${stand.placeId}/moves`)
      .set(changeHeader, groupId)
      .send({ moves })
    expect(answer.status).toBe(201)
    expect((await takeBack(stand.placeId, groupId)).count).toBe(2)
    const again = (await storyOf(stand.id)).jobs
    for (const id of [applyJobId, lookJobId]) expect(dueOf(id, again)).toBe(dueOf(id, jobs))
  })

  it('a job is dropped with those that wait for it, and all come back', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const groupId = await changed(`/jobs/${applyJobId}`, {
      status: 'dropped',
      followers: 'drop',
      reason: 'Rain all week.',
    })
    const statuses = async () => (await storyOf(stand.id)).jobs.map(({ status }) => status)
    expect(new Set(await statuses())).toEqual(new Set(['dropped']))
    await takeBack(stand.placeId, groupId)
    expect(new Set(await statuses())).toEqual(new Set(['planned']))
  })

  it('a job is dropped alone, and those that waited for it stay on their days', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    await changed(`/jobs/${applyJobId}`, { status: 'dropped', followers: 'let-go' })
    const { jobs } = await storyOf(stand.id)
    const rest = jobs.filter(({ id }) => id !== applyJobId)
    expect(rest.every(({ status }) => status === 'planned')).toBe(true)
    expect(rest.some(({ afterJobId }) => afterJobId === applyJobId)).toBe(false)
  })
})

describe('a case closed by mistake', () => {
  const closing = { outcome: 'green', closedOn: '2025-07-01' }

  it('is opened again with the reason, or comes back with its jobs by taking it back', async () => {
    const { stand, caseId } = await standWithRemedy()
    const groupId = await changed(`/cases/${caseId}`, closing)
    expect((await storyOf(stand.id)).jobs.every(({ status }) => status === 'dropped')).toBe(true)
    await takeBack(stand.placeId, groupId)
    const back = await storyOf(stand.id)
    expect(back.cases[0]).toMatchObject({ closedOn: null, outcome: null })
    expect(back.jobs.every(({ status }) => status === 'planned')).toBe(true)

    await patch(`/cases/${caseId}`, closing)
    await patch(`/cases/${caseId}/reopened`, { reason: 'Pale again within the week.' })
    expect((await storyOf(stand.id)).cases[0]?.closedOn).toBeNull()
    const { lines } = await historyOf(stand.placeId, '?kind=case&act=changed')
    expect(lines[0]).toMatchObject({ reason: 'Pale again within the week.' })
  })

  it('stays closed while another is open', async () => {
    const { stand, caseId } = await standWithRemedy()
    await patch(`/cases/${caseId}`, closing)
    await post(`/stands/${stand.id}/looks`, { ...lookBody(), lookedOn: '2025-08-01' })
    const { detail } = await refused('patch', `/cases/${caseId}/reopened`, { reason: 'so' }, 409)
    expect(detail).toMatch(/Another case of this stand is open/)
  })
})

describe('a stand', () => {
  it('entered as the wrong plant is put right for its whole story', async () => {
    const stand = await newStand()
    await patch(`/stands/${stand.id}`, { plantId: 'creeping-bentgrass', version: 1 })
    const { stand: now, events } = await storyOf(stand.id)
    expect(now.plantId).toBe('creeping-bentgrass')
    expect(events).toEqual([])
    await refused('patch', `/stands/${stand.id}`, { plantId: 'pin-oak' }, 400)
  })

  it('planted anew begins again, with its story, once nothing is under way', async () => {
    const { stand, caseId } = await standWithRemedy()
    const anew = { plantId: 'creeping-bentgrass', replantedOn: '2025-09-01' }
    const { detail } = await refused('patch', `/stands/${stand.id}`, anew, 409)
    expect(detail).toMatch(/a case is open: close it; .*jobs are planned/)
    await patch(`/cases/${caseId}`, { outcome: 'given-up', closedOn: '2025-08-01' })
    await patch(`/stands/${stand.id}`, anew)
    const { stand: now, events, readings } = await storyOf(stand.id)
    expect(now).toMatchObject({
      plantId: 'creeping-bentgrass',
      measures: { plantedOn: '2025-09-01' },
    })
    expect(events).toMatchObject([{ kind: 'transplanted', note: /bermudagrass/ }].map((each) => ({ kind: each.kind }))) // prettier-ignore
    expect(events[0]?.note).toMatch(/before it was bermudagrass/i)
    expect(readings.length).toBeGreaterThan(0)
  })

  it('that is another is told with it, and parted again', async () => {
    const stand = await newStand()
    const twin = await post<StandDto>(`/places/${stand.placeId}/stands`, standBody())
    await post(`/stands/${stand.id}/readings`, readingBody(7.1))
    await post(`/stands/${twin.id}/readings`, readingBody(7.9))
    const merging = { otherId: twin.id, reason: 'Entered twice.' }
    await post(`/stands/${stand.id}/merged`, merging)
    const values = async () => (await storyOf(stand.id)).readings.map(({ value }) => value)
    expect((await values()).toSorted()).toEqual([7.1, 7.9])
    await refused('post', `/stands/${stand.id}/merged`, merging, 409)
    await patch(`/stands/${twin.id}`, { isArchived: false })
    expect(await values()).toEqual([7.1])
    expect((await storyOf(twin.id)).readings).toHaveLength(1)
  })
})

describe('the shelf, sprayers, zones and the place', () => {
  it('are retired, taken away, put away, and brought back', async () => {
    const stand = await newStand()
    const place = `/places/${stand.placeId}`
    const product = await post<ProductDto>(`${place}/products`, productBody())
    const sprayer = await post<SprayerDto>(`${place}/sprayers`, sprayerBody())
    const zone = await post<ZoneDto>(`/stands/${stand.id}/zones`, zoneBody())
    const groups = [
      await changed(`/products/${product.id}`, { isRetired: true }),
      await changed(`/sprayers/${sprayer.id}`, { isRetired: true }),
      await changed(`/zones/${zone.id}`, { isTakenAway: true }),
      await changed(place, { isArchived: true, name: 'Old place' }),
    ]
    expect(await get(`/stands/${stand.id}/zones`)).toEqual([])
    for (const groupId of groups) await takeBack(stand.placeId, groupId)
    expect(await get<ProductDto[]>(`${place}/products`)).toMatchObject([{ isRetired: false }])
    expect(await get<SprayerDto[]>(`${place}/sprayers`)).toMatchObject([{ isRetired: false }])
    expect(await get<ZoneDto[]>(`/stands/${stand.id}/zones`)).toHaveLength(1)
    const kinds = (await historyOf(stand.placeId, '?act=restored')).lines.map(({ kind }) => kind)
    expect(kinds).toEqual(['place', 'zone', 'sprayer', 'product'])
  })

  it('the address of a calendar is never in the history', async () => {
    const { placeId } = await newStand()
    await patch(`/places/${placeId}/calendar`, { isShared: true })
    const { lines } = await historyOf(placeId, '?kind=place&act=changed')
    expect(lines[0]?.changes).toEqual({ calendarToken: { was: null, is: true } })
  })
})

describe('an entry', () => {
  it('that did not happen is struck: shelf, job and record follow, and it comes back', async () => {
    const { stand, caseId } = await standWithRemedy()
    const place = `/places/${stand.placeId}`
    const product = await post<ProductDto>(`${place}/products`, productBody())
    const { remedy } = await planWith(caseId, product.id)
    const job = (await storyOf(stand.id)).jobs.find(
      ({ remedyId, kind }) => remedyId === remedy && kind === 'apply',
    )
    const stock = async () => (await get<ProductDto[]>(`${place}/products`))[0]?.stockKg
    const first = await post<EntryDto>(`/jobs/${job?.id ?? ''}/entries`, entryBody(0.6))
    expect(await stock()).toBeCloseTo(39.4, 9)
    const strike = { ...entryBody(0.6), isStruck: true, reason: 'The wrong lawn.' }
    const struck = await post<EntryDto>(`/entries/${first.id}/corrections`, strike)
    expect(await stock()).toBeCloseTo(40, 9)
    const statusOf = async () =>
      (await storyOf(stand.id)).jobs.find(({ id }) => id === job?.id)?.status
    expect(await statusOf()).toBe('planned')
    const { lines } = await get<RecordPageDto>(`${place}/entries`)
    expect(lines.map(({ entry, isCorrected }) => [entry.isStruck, isCorrected])).toEqual([
      [true, false],
      [false, true],
    ])
    const back = { ...entryBody(0.6), isStruck: false, reason: 'It was done.' }
    await post(`/entries/${struck.id}/corrections`, back)
    expect(await stock()).toBeCloseTo(39.4, 9)
    expect(await statusOf()).toBe('done')
  })

  it('of another product than planned is put right: one gets back what the other gave', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const place = `/places/${stand.placeId}`
    const first = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(0.6))
    const product = await post<ProductDto>(`${place}/products`, productBody())
    const right = { ...entryBody(0.6), productId: product.id, reason: 'Another bag.' }
    const now = await post<EntryDto>(`/entries/${first.id}/corrections`, right)
    expect(now).toMatchObject({ productId: product.id, sourceId: product.sourceId })
    expect((await get<ProductDto[]>(`${place}/products`))[0]?.stockKg).toBeCloseTo(39.4, 9)
    const foreign = await newStand()
    const other = await post<ProductDto>(`/places/${foreign.placeId}/products`, productBody())
    const wrong = { ...entryBody(0.6), productId: other.id, reason: 'x' }
    await refused('post', `/entries/${now.id}/corrections`, wrong, 400)
  })
})

async function planWith(caseId: string, productId: string) {
  const body = {
    ...remedyBody(),
    route: 'leaf',
    sourceId: 'ferrous-sulfate',
    rateId: 'leaf-sulfate-turf-summer',
    rateValue: 3,
    productId,
  }
  const { id } = await post<{ id: string }>(`/cases/${caseId}/remedies`, body)
  return { remedy: id }
}

describe('the history of a place', () => {
  it('is told page by page without a line lost or twice, by who and by day', async () => {
    const stand = await newStand()
    for (let step = 0; step < 7; step += 1) {
      await post(`/stands/${stand.id}/readings`, readingBody(7 + step / 10))
    }
    const seen: string[] = []
    let before = ''
    do {
      const page = await historyOf(stand.placeId, `?limit=3${before && `&before=${before}`}`)
      seen.push(...page.lines.map(({ id }) => id))
      before = page.before ?? ''
    } while (before !== '')
    expect(seen.length).toBe(9)
    expect(new Set(seen).size).toBe(9)
    expect((await historyOf(stand.placeId, '?by=marlow&kind=reading')).lines).toHaveLength(7)
    expect((await historyOf(stand.placeId, '?by=birch')).lines).toEqual([])
    expect((await historyOf(stand.placeId, '?to=2020-01-01')).lines).toEqual([])
  })

  it('can be told of every kind of thing there is', async () => {
    const { stand } = await standWithRemedy()
    for (const kind of historyKinds) {
      await historyOf(stand.placeId, `?kind=${kind}`)
    }
    const { lines } = await historyOf(stand.placeId, `?standId=${stand.id}`)
    const kinds = new Set(lines.map(({ kind }) => kind))
    for (const kind of ['stand', 'reading', 'look', 'case', 'remedy', 'job'] as const) {
      expect(kinds).toContain(kind)
    }
  })

  it('cannot be changed or removed, not even in the database', async () => {
    const stand = await newStand()
    await patch(`/stands/${stand.id}`, { name: 'Brow' })
    await expect(db.update(history).set({ reason: 'x' })).rejects.toThrow()
    await expect(db.delete(history)).rejects.toThrow()
    expect(Object.keys(getTableColumns(history))).toContain('reason')
  })
})
