import type { AcidPlanDto } from '@spudder/contract/acid-plan'
import type { EntryDto } from '@spudder/contract/entry'
import type { JobDto } from '@spudder/contract/job'
import { describe, expect, it } from 'vitest'
import {
  acidPlanBody,
  entryBody,
  newId,
  newStand,
  patch,
  post,
  readingBody,
  refused,
  remedyBody,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

async function standWithPlan(change: object = {}) {
  const stand = await newStand()
  const body = { ...acidPlanBody(), ...change }
  const plan = await post<AcidPlanDto>(`/stands/${stand.id}/acid-plans`, body)
  return { stand, body, plan }
}
const plannedOf = async (standId: string) =>
  (await storyOf(standId)).jobs.filter(({ status }) => status === 'planned')
const step = (day: string, kgPerM2: number, sourceId = 'sulfur-granules') => ({
  id: newId(),
  day,
  sourceId,
  kgPerM2,
})

describe('an acid plan', () => {
  it('becomes jobs: its steps by the ground, its retests as tests, without a case', async () => {
    const { stand, body, plan } = await standWithPlan()
    expect(plan).toMatchObject({ ...body, groundM2: 1000, standId: stand.id })
    const { jobs, acidPlans, cases } = await storyOf(stand.id)
    expect(acidPlans).toEqual([plan])
    expect(cases).toEqual([])
    expect(jobs.map(({ kind, dueOn, plannedKg }) => [kind, dueOn, plannedKg])).toEqual([
      ['apply', '2025-06-01', 20],
      ['apply', '2025-10-10', 20],
      ['test', '2026-05-31', null],
    ])
    expect(jobs.every(({ caseId, acidPlanId }) => caseId === null && acidPlanId === plan.id)).toBe(
      true,
    )
  })

  it('sent twice is planned once', async () => {
    const { stand, body } = await standWithPlan()
    await post(`/stands/${stand.id}/acid-plans`, body)
    expect(await plannedOf(stand.id)).toHaveLength(3)
    const other = { ...body, targetPH: 6 }
    expect((await refused('post', `/stands/${stand.id}/acid-plans`, other, 409)).detail).toMatch(
      /already stored/,
    )
  })

  it('takes the place of the one before: what that had still to do is dropped', async () => {
    const { stand } = await standWithPlan()
    const next = { ...acidPlanBody(), steps: [step('2025-09-01', 0.01)], retests: [] }
    await post(`/stands/${stand.id}/acid-plans`, next)
    const { jobs } = await storyOf(stand.id)
    expect(jobs.filter(({ status }) => status === 'dropped')).toHaveLength(3)
    expect((await plannedOf(stand.id)).map(({ dueOn }) => dueOn)).toEqual(['2025-09-01'])
  })

  it('is recorded step by step, and a pH does its test', async () => {
    const { stand, body } = await standWithPlan()
    const [first] = body.steps
    const entry = await post<EntryDto>(`/jobs/${first?.id}/entries`, {
      ...entryBody(19),
      waterL: 0,
    })
    expect(entry).toMatchObject({ plannedProductKg: 20, productKg: 19, caseId: null, route: 'soil' }) // prettier-ignore
    await patch(`/jobs/${body.retests[0]?.id}`, { dueOn: '2025-06-15' })
    await post(`/stands/${stand.id}/readings`, { ...readingBody(7.1), takenOn: '2025-06-15' })
    expect((await plannedOf(stand.id)).map(({ dueOn }) => dueOn)).toEqual(['2025-10-10'])
  })

  it.each([
    [{ steps: [step('2025-06-01', 0.03)] }, 400, /5.5 lb\/1000 ft² sulfur at once is over 5 lb/],
    [
      { steps: [step('2025-06-01', 0.02), step('2025-07-01', 0.02)] },
      400,
      /Step of 2025-07-01: 30 days after/,
    ],
    [
      { situation: 'green', steps: [step('2025-06-01', 0.01)] },
      400,
      /1.8 lb\/1000 ft² sulfur at once is over 0.5/,
    ],
    [{ steps: [step('2025-06-01', 0.02, 'peat-moss')] }, 400, /does not go onto established turf/],
    [{ steps: [step('2025-06-01', 0.02, 'limestone')] }, 400, /raises pH, and the target lies/],
    [{ steps: [step('2025-05-01', 0.02)] }, 400, /give a day from 2025-05-20/],
    [{ targetPH: 7.4 }, 400, /there is nothing to do/],
    [{ steps: [step('2025-06-01', 0.12, 'ammonium-sulfate')] }, 400, /nitrogen at once is over/],
  ])('is refused with %j', async (change, status, message) => {
    const stand = await newStand()
    const body = { ...acidPlanBody(), ...change }
    const { detail } = await refused('post', `/stands/${stand.id}/acid-plans`, body, status)
    expect(detail).toMatch(message)
    expect((await storyOf(stand.id)).acidPlans).toEqual([])
  })

  it('counts the nitrogen of the year against the budget of the place', async () => {
    const stand = await newStand()
    const ask = {
      ...acidPlanBody(),
      steps: [step('2025-06-01', 0.02, 'ammonium-sulfate')],
      retests: [],
    }
    await patch(`/places/${stand.placeId}/settings`, { seasonLimits: { N: 30 } })
    const { detail } = await refused('post', `/stands/${stand.id}/acid-plans`, ask, 400)
    expect(detail).toMatch(
      /0.9 lb\/1000 ft² nitrogen in 2025 is over the 0.6 lb.* that its budget has left/,
    )
  })

  it('is refused for holes under trees where there are none', async () => {
    const stand = await newStand()
    const body = { ...acidPlanBody(), situation: 'holes' }
    const { detail } = await refused('post', `/stands/${stand.id}/acid-plans`, body, 400)
    expect(detail).toMatch(/^Where: choose one that such a stand has/)
  })

  it('is refused where there is no ground, or nobody measured it', async () => {
    const loop = await newStand({ context: 'hydroponic', plantId: 'lettuce', size: { kind: 'solution', volumeL: 900 } }) // prettier-ignore
    const trees = await newStand({ context: 'tree', plantId: 'pin-oak', size: { kind: 'trunks', count: 3, diameterM: 0.2 } }) // prettier-ignore
    for (const [{ id }, message] of [
      [loop, /a solution is brought down with acid/],
      [trees, /ground under the trees/],
    ] as const) {
      const { detail } = await refused('post', `/stands/${id}/acid-plans`, acidPlanBody(), 400)
      expect(detail).toMatch(message)
    }
  })
})

describe('a step that is moved', () => {
  it('stays within the limits beside the others and what was done', async () => {
    const { body } = await standWithPlan()
    const [first, second] = body.steps
    const { detail } = await refused('patch', `/jobs/${second?.id}`, { dueOn: '2025-07-20' }, 400)
    expect(detail).toMatch(/49 days after another sulfur step; wait 120/)
    await post(`/jobs/${first?.id}/entries`, { ...entryBody(20), waterL: 0 })
    await refused('patch', `/jobs/${second?.id}`, { dueOn: '2025-07-20' }, 400)
    const moved = await patch<JobDto>(`/jobs/${second?.id}`, { dueOn: '2025-11-20' })
    expect(moved.dueOn).toBe('2025-11-20')
  })
})

describe('a case and a plan', () => {
  it('do not touch each other: closing the one leaves the other', async () => {
    const { stand, caseId } = await standWithRemedy()
    await post(`/stands/${stand.id}/acid-plans`, acidPlanBody())
    await patch(`/cases/${caseId}`, { outcome: 'green', closedOn: '2025-07-01' })
    const planned = await plannedOf(stand.id)
    expect(planned).toHaveLength(3)
    expect(planned.every(({ acidPlanId }) => acidPlanId !== null)).toBe(true)
  })

  it('twenty people planning and moving at one moment leave one plan and no fault', async () => {
    const { stand, body } = await standWithPlan()
    const tries = Array.from({ length: 20 }, (_, index) =>
      index % 2 === 0
        ? post(`/stands/${stand.id}/acid-plans`, acidPlanBody())
        : patch(`/jobs/${body.steps[1]?.id}`, { dueOn: '2025-11-01' }).catch((error: Error) =>
            // It may be gone already, by whoever planned anew; a fault of the server is none.
            expect(error.message).toMatch(/got 409/),
          ),
    )
    await Promise.all(tries)
    const { acidPlans } = await storyOf(stand.id)
    expect(acidPlans).toHaveLength(11)
    const planned = await plannedOf(stand.id)
    expect(new Set(planned.map(({ acidPlanId }) => acidPlanId)).size).toBe(1)
    expect(planned).toHaveLength(3)
  })

  it('an amendment is no remedy for want of iron', async () => {
    const { caseId } = await standWithRemedy()
    const body = { ...remedyBody(), sourceId: 'sulfur-flour' }
    expect((await refused('post', `/cases/${caseId}/remedies`, body, 400)).detail).toMatch(/rate|source/i) // prettier-ignore
  })
})
