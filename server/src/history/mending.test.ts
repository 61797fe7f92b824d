import type { MendedDto } from '@spudder/contract/history'
import type { JobDto } from '@spudder/contract/job'
import type { LookDto } from '@spudder/contract/look'
import type { ReadingDto } from '@spudder/contract/reading'
import { changeHeader } from '@spudder/contract/route'
import type { StandDto } from '@spudder/contract/stand'
import type { TrialDto } from '@spudder/contract/trial'
import { describe, expect, it } from 'vitest'
import {
  clientOf,
  get,
  jarTestBody,
  lookBody,
  newId,
  newStand,
  patch,
  post,
  readingBody,
  refused,
  standWithRemedy,
  storyOf,
  trialBody,
  api,
} from '../tests/test-estate.ts'
import { changed, historyOf, takeBack } from './tests/history-api.ts'

const mend = (kind: string, id: string, body: object) =>
  patch<MendedDto>(`/things/${kind}/${id}`, { reason: 'Typed wrongly.', ...body })

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
    const other = await clientOf('Ona Birch', stand.placeId)
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
