import type { JobDto } from '@spudder/contract/job'
import { describe, expect, it } from 'vitest'
import {
  entryBody,
  newId,
  patch,
  post,
  refused,
  standWithRemedy,
  storyOf,
} from '../testing/test-estate.ts'

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
