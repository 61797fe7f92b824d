import type { JobDto } from '@spudder/contract/job'
import type { PlanningDto } from '@spudder/contract/planning'
import type { EstateStandDto } from '@spudder/contract/stand'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import ICAL from 'ical.js'
import { describe, expect, it } from 'vitest'
import {
  api,
  clientOf,
  entryBody,
  get,
  newId,
  patch,
  post,
  productBody,
  refused,
  remedyBody,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

const today = dateToDay(new Date())
const jobNamed = async (standId: string, kind: string) => {
  const job = (await storyOf(standId)).jobs.find((each) => each.kind === kind)
  if (!job) throw new Error(`no ${kind}`)
  return job
}

describe('the planning of a place', () => {
  it('holds all that a plan is made of: jobs, what they follow, the season so far', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    await post(`/jobs/${applyJobId}/entries`, entryBody())
    await post(`/stands/${stand.id}/readings`, { id: newId(), kind: 'turfColour', value: 4, method: 'eye', takenOn: '2025-05-30' }) // prettier-ignore
    const planning = await get<PlanningDto>(`/places/${stand.placeId}/planning`)
    const done = planning.jobs.find(({ id }) => id === applyJobId)
    expect(done?.status).toBe('done')
    const looks = planning.jobs.filter(({ kind }) => kind === 'look')
    expect(looks.every(({ afterJobId }) => afterJobId === applyJobId)).toBe(true)
    // Of last year, but a planned look still counts from it.
    expect(planning.entries.map(({ jobId }) => jobId)).toEqual([applyJobId])
    expect(planning.remedies).toHaveLength(1)
    expect(planning.colours[0]?.value).toBe(4)
  })

  it('rests on no made-up colour, though it is the newest, unless they are let count', async () => {
    const { stand } = await standWithRemedy()
    const colour = (value: number, takenOn: string, change = {}) =>
      post(`/stands/${stand.id}/readings`, { id: newId(), kind: 'turfColour', value, method: 'eye', takenOn, ...change }) // prettier-ignore
    await colour(4, '2025-05-28')
    await colour(8, '2025-05-30', { instrument: 'simulated colour meter' })
    const told = async () => {
      const { colours } = await get<PlanningDto>(`/places/${stand.placeId}/planning`)
      const listed = await get<EstateStandDto[]>(`/places/${stand.placeId}/estate/stands?from=2025-01-01`) // prettier-ignore
      return [colours[0]?.value, listed.find((each) => each.stand.id === stand.id)?.colour?.value]
    }
    expect(await told()).toEqual([4, 4])
    await patch(`/places/${stand.placeId}/settings`, { countsMadeUp: true })
    expect(await told()).toEqual([8, 8])
  })
})

describe('moves that were accepted', () => {
  it('are all stored, and looks go along', async () => {
    const { stand, applyJobId, lookJobId } = await standWithRemedy()
    const [from, look] = await Promise.all(
      [applyJobId, lookJobId].map(
        async (id) => (await storyOf(stand.id)).jobs.find((each) => each.id === id)?.dueOn ?? '',
      ),
    )
    const moves = [
      { jobId: applyJobId, from, to: '2025-06-10' },
      { jobId: lookJobId, from: look, to: '2025-06-24' },
    ]
    const moved = await post<JobDto[]>(`/places/${stand.placeId}/moves`, { moves })
    expect(moved.map(({ dueOn }) => dueOn).toSorted()).toEqual(['2025-06-10', '2025-06-24'])
    expect(moved[0]).toMatchObject({ changedBy: 'Tess Marlow' })
  })

  it('are none where one was moved or held meanwhile, and say by whom', async () => {
    const { stand, applyJobId, lookJobId } = await standWithRemedy()
    const { jobs } = await storyOf(stand.id)
    const dayOf = (id: string) => jobs.find((each) => each.id === id)?.dueOn ?? ''
    const moves = [applyJobId, lookJobId].map((jobId) => ({
      jobId,
      from: dayOf(jobId),
      to: '2025-07-01',
    }))
    const other = await clientOf('Ona Birch', stand.placeId)
    await other.patch(`/api/jobs/${lookJobId}`).send({ dueOn: '2025-06-28' })
    const path = `/places/${stand.placeId}/moves`
    const { detail } = await refused('post', path, { moves }, 409)
    expect(detail).toMatch(/was moved by Ona Birch in the meantime/)
    expect((await storyOf(stand.id)).jobs.find(({ id }) => id === applyJobId)?.dueOn).toBe(
      dayOf(applyJobId),
    )
    await patch(`/jobs/${applyJobId}`, { isLocked: true })
    const held = await refused('post', path, { moves: moves.slice(0, 1) }, 409)
    expect(held.detail).toMatch(/was held by Tess Marlow/)
    await refused('post', path, { moves: [{ ...moves[0], jobId: newId() }] }, 404)
  })

  it('of ten people at once lock nobody up: one set is stored, the others are told', async () => {
    const { stand } = await standWithRemedy()
    const { jobs } = await storyOf(stand.id)
    const moves = jobs.map(({ id, dueOn }) => ({ jobId: id, from: dueOn, to: addDays(dueOn, 3) }))
    const ten = await Promise.all(
      Array.from({ length: 10 }, (_, index) => clientOf(`Person ${index}`, stand.placeId)),
    )
    const answers = await Promise.all(
      ten.map((each, index) =>
        each
          .post(`/api/places/${stand.placeId}/moves`)
          .send({ moves: index % 2 ? moves : moves.toReversed() }),
      ),
    )
    expect(answers.map(({ status }) => status).toSorted()).toEqual([
      201,
      ...Array.from({ length: 9 }, () => 409),
    ])
  })
})

describe('a job', () => {
  it('has an hour, is held, and what is only said is done by saying so', async () => {
    const { stand, caseId, applyJobId, lookJobId } = await standWithRemedy()
    expect(
      await patch<JobDto>(`/jobs/${applyJobId}`, { startsAt: '06:30', isLocked: true }),
    ).toMatchObject({ startsAt: '06:30', isLocked: true })
    expect(await patch<JobDto>(`/jobs/${applyJobId}`, { startsAt: null })).toMatchObject({
      startsAt: null,
      isLocked: true,
    })
    for (const id of [applyJobId, lookJobId]) {
      const { detail } = await refused('patch', `/jobs/${id}`, { status: 'done' }, 400)
      expect(detail).toMatch(/done by/)
    }
    await post(`/cases/${caseId}/remedies`, {
      ...remedyBody(),
      hasStrip: true,
      repeats: 1,
      applyOn: '2025-08-03',
    })
    const strip = await jobNamed(stand.id, 'strip')
    expect(strip.dueOn).toBe('2025-08-03')
    const { jobs } = await storyOf(stand.id)
    const first = jobs.find(({ kind, afterJobId }) => kind === 'apply' && afterJobId === strip.id)
    expect(first).toBeDefined()
    expect(
      jobs.find(({ kind, afterJobId }) => kind === 'apply' && afterJobId === first?.id)?.title,
    ).toMatch(/repeat 1 of 1/)
    expect(await patch<JobDto>(`/jobs/${strip.id}`, { status: 'done' })).toMatchObject({
      status: 'done',
    })
  })

  it('to buy fills the shelf when it is done', async () => {
    const { stand } = await standWithRemedy()
    const body = { ...productBody(), stockKg: 3 }
    const { id: productId } = await post<{ id: string }>(`/places/${stand.placeId}/products`, body)
    const order = { id: newId(), standId: stand.id, productId, plannedKg: 20, dueOn: today }
    const job = await post<JobDto>(`/places/${stand.placeId}/orders`, order)
    expect(job).toMatchObject({ kind: 'buy', title: 'Buy Crystals, 50 lb', plannedKg: 20 })
    expect(await post(`/places/${stand.placeId}/orders`, order)).toMatchObject({ id: job.id })
    await patch(`/jobs/${job.id}`, { status: 'done' })
    const products = await get<{ id: string; stockKg: number }[]>(
      `/places/${stand.placeId}/products`,
    )
    expect(products.find(({ id }) => id === productId)?.stockKg).toBeCloseTo(23, 9)
  })
})

describe('the calendar', () => {
  const eventsOf = async (placeId: string) => {
    const { text, headers } = await api
      .get(`/api/places/${placeId}/calendar.ics`)
      .buffer(true)
      .parse((response, done) => {
        let all = ''
        response.setEncoding('utf8')
        response.on('data', (part: string) => (all += part))
        response.on('end', () => done(null, all))
      })
      .then(({ body, headers: sent }) => ({ text: String(body), headers: sent }))
    expect(headers['content-type']).toMatch(/^text\/calendar/)
    const component = new ICAL.Component(ICAL.parse(text))
    return component.getAllSubcomponents('vevent').map((each) => new ICAL.Event(each))
  }

  it('is followed by an address that nobody guesses, until it is renewed or taken back', async () => {
    const { stand } = await standWithRemedy()
    const { placeId } = stand
    const share = async (isShared: boolean) =>
      (await patch<{ calendarToken: string | null }>(`/places/${placeId}/calendar`, { isShared }))
        .calendarToken
    const [first, second] = [await share(true), await share(true)]
    expect(first).toMatch(/^[\w-]{43}$/)
    expect(second).not.toBe(first)
    const status = async (token: string | null) => (await api.get(`/api/calendars/${token}`)).status
    expect(await status(first)).toBe(404)
    expect(await status(second)).toBe(200)
    expect(await share(false)).toBeNull()
    expect([await status(second), await status(null), await status('')]).toEqual([404, 404, 404])
  })

  it('read by another parser holds every job on its day, by the clock of the place, in no zone', async () => {
    const { stand, applyJobId, lookJobId } = await standWithRemedy()
    // About when clocks change in much of Europe, at the hour that then is missing.
    const next = Number(today.slice(0, 4)) + 1
    const [spring, autumn] = [`${next}-03-28`, `${next}-10-31`]
    await patch(`/jobs/${applyJobId}`, { dueOn: spring, startsAt: '02:30' })
    await patch(`/jobs/${lookJobId}`, { dueOn: autumn })
    const events = await eventsOf(stand.placeId)
    const byId = new Map(events.map((event) => [event.uid.split('@')[0], event]))
    const spray = byId.get(applyJobId)
    expect(spray?.startDate.toString()).toBe(`${spring}T02:30:00`)
    expect(spray?.startDate.zone.tzid).toBe('floating')
    expect(spray?.summary).toMatch(/^South lawn: /)
    const look = byId.get(lookJobId)
    expect(look?.startDate.isDate).toBe(true)
    expect(look?.startDate.toString()).toBe(autumn)
    const { jobs } = await storyOf(stand.id)
    const known = new Map(jobs.map(({ id, dueOn }) => [id, dueOn]))
    for (const [id, event] of byId)
      expect(event.startDate.toString().slice(0, 10)).toBe(known.get(id ?? ''))
  })

  it('keeps the name of a job over a move, and holds no dropped one', async () => {
    const { stand, applyJobId, lookJobId } = await standWithRemedy()
    await patch(`/jobs/${applyJobId}`, { dueOn: addDays(today, 5) })
    await patch(`/jobs/${lookJobId}`, { status: 'dropped' })
    const uids = (await eventsOf(stand.placeId)).map(({ uid }) => uid)
    expect(uids).toContain(`${applyJobId}@spudder`)
    expect(uids).not.toContain(`${lookJobId}@spudder`)
  })
})
