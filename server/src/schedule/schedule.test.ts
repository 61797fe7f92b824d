import type { JobDto } from '@spudder/contract/job'
import { changeHeader } from '@spudder/contract/route'
import { describe, expect, it } from 'vitest'
import {
  api,
  entryBody,
  lookBody,
  newId,
  newStand,
  patch,
  post,
  readingBody,
  refused,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

const colour = (takenOn: string) => ({
  id: newId(),
  kind: 'turfColour',
  value: 6,
  method: 'eye',
  takenOn,
})

describe('a job', () => {
  it('is moved to another day and remembers who did it', async () => {
    const { applyJobId } = await standWithRemedy()
    const moved = await patch<JobDto>(`/jobs/${applyJobId}`, { dueOn: '2025-06-08' })
    expect(moved).toMatchObject({
      dueOn: '2025-06-08',
      status: 'planned',
      changedBy: 'Tess Marlow',
    })
  })

  it('that is done or dropped stays so', async () => {
    const { applyJobId, lookJobId } = await standWithRemedy()
    await post(`/jobs/${applyJobId}/entries`, entryBody())
    await patch(`/jobs/${lookJobId}`, { status: 'dropped' })
    for (const id of [applyJobId, lookJobId]) {
      const { detail } = await refused('patch', `/jobs/${id}`, { dueOn: '2025-07-01' }, 409)
      expect(detail).toMatch(/already (done|dropped), by Tess Marlow/)
    }
  })

  it('that was said to be begun is begun once, also where that is heard again after it was done', async () => {
    const { applyJobId } = await standWithRemedy()
    const groupId = newId()
    const begin = (id: string) =>
      api
        .post(`/api/jobs/${applyJobId}/under-way`)
        .set(changeHeader, id)
        .send({ since: '2025-06-06T06:00:00.000Z' })
    expect((await begin(groupId)).status).toBe(201)
    await post(`/jobs/${applyJobId}/entries`, entryBody())
    expect((await begin(groupId)).body).toMatchObject({ status: 'done' })
    expect((await begin(newId())).status).toBe(409)
  })

  it('to look is done by a colour reading on its day or later, not by one before', async () => {
    const { stand, lookJobId } = await standWithRemedy()
    const statusOf = async () =>
      (await storyOf(stand.id)).jobs.find(({ id }) => id === lookJobId)?.status
    await post(`/stands/${stand.id}/readings`, colour('2025-06-05'))
    expect(await statusOf()).toBe('planned')
    await post(`/stands/${stand.id}/readings`, colour('2025-06-13'))
    expect(await statusOf()).toBe('done')
  })
})

describe('a planned check', () => {
  const planned = async () => {
    const stand = await newStand()
    await post(`/stands/${stand.id}/looks`, lookBody())
    const [open] = (await storyOf(stand.id)).cases
    const plan = (checkId: string) =>
      post<JobDto>(`/cases/${open?.id ?? ''}/checks`, { id: newId(), checkId, dueOn: '2025-06-08' })
    const statusOf = async (id: string) =>
      (await storyOf(stand.id)).jobs.find((job) => job.id === id)?.status
    return { stand, caseId: open?.id ?? '', plan, statusOf }
  }

  it('is done by a look that says what came out, and by no other', async () => {
    const { stand, plan, statusOf } = await planned()
    const { id } = await plan('leaf-paint')
    const again = { ...lookBody(), findings: { growth: 'slow' } }
    await post(`/stands/${stand.id}/looks`, again)
    expect(await statusOf(id)).toBe('planned')
    const answered = { ...lookBody(), findings: { leafPaint: 'iron' } }
    await post(`/stands/${stand.id}/looks`, answered)
    expect(await statusOf(id)).toBe('done')
  })

  it('is done by a reading of what it asks for', async () => {
    const { stand, plan, statusOf } = await planned()
    const { id } = await plan('soil-test')
    await post(`/stands/${stand.id}/readings`, { ...readingBody(3.2), kind: 'soilIron' })
    expect(await statusOf(id)).toBe('done')
  })

  it('that makes no sense for the stand is refused, and none is recorded as an application', async () => {
    const { caseId, plan } = await planned()
    const body = { id: newId(), checkId: 'nitrate-vial', dueOn: '2025-06-08' }
    await refused('post', `/cases/${caseId}/checks`, body, 400)
    const { id } = await plan('roots')
    await refused('post', `/jobs/${id}/entries`, entryBody(), 409)
  })
})

describe('a practice beside the remedy', () => {
  const openCaseOf = async () => {
    const stand = await newStand()
    await post(`/stands/${stand.id}/looks`, lookBody())
    const [open] = (await storyOf(stand.id)).cases
    return { stand, path: `/cases/${open?.id ?? ''}/practices` }
  }

  it('is planned with all its rounds, each done by saying so', async () => {
    const { stand, path } = await openCaseOf()
    const body = { ids: [newId(), newId()], practiceId: 'fungicide-pair', dueOn: '2025-06-08' }
    const jobs = await post<JobDto[]>(path, body)
    expect(jobs.map(({ dueOn, title, practiceId }) => [dueOn, title, practiceId])).toEqual([
      ['2025-06-08', 'Prevention in pairs, a month ahead, 1 of 2', 'fungicide-pair'],
      ['2025-07-06', 'Prevention in pairs, a month ahead, 2 of 2', 'fungicide-pair'],
    ])
    await patch(`/jobs/${jobs[0]?.id ?? ''}`, { status: 'done' })
    const stored = (await storyOf(stand.id)).jobs.filter(({ kind }) => kind === 'practice')
    expect(stored.map(({ status }) => status)).toEqual(['done', 'planned'])
  })

  it('is refused where it is not done, with too few rounds, and where nobody knows it', async () => {
    const { path } = await openCaseOf()
    const body = { ids: [newId()], practiceId: 'trunk-injection', dueOn: '2025-06-08' }
    await refused('post', path, body, 400)
    await refused('post', path, { ...body, practiceId: 'fungicide-pair' }, 400)
    await refused('post', path, { ...body, practiceId: 'rain-dance' }, 400)
  })
})
