import type { CaseDto } from '@spudder/contract/case'
import { describe, expect, it } from 'vitest'
import {
  lookBody,
  newStand,
  patch,
  post,
  refused,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

const closing = { outcome: 'green', closedOn: '2025-07-01', note: 'Green since June.' }

describe('a case', () => {
  it('is opened by the first look, taken up by the next, and opened anew after it was closed', async () => {
    const { id } = await newStand()
    await post(`/stands/${id}/looks`, lookBody())
    await post(`/stands/${id}/looks`, lookBody())
    const [first, ...others] = (await storyOf(id)).cases
    expect(others).toEqual([])
    const closed = await patch<CaseDto>(`/cases/${first?.id}`, closing)
    expect(closed).toMatchObject({ outcome: 'green', closedOn: '2025-07-01' })
    await post(`/stands/${id}/looks`, { ...lookBody(), lookedOn: '2025-08-01' })
    const { cases, looks } = await storyOf(id)
    expect(cases.map(({ openedOn }) => openedOn)).toEqual(['2025-06-01', '2025-08-01'])
    expect(looks.map(({ caseId }) => caseId)).toEqual([first?.id, first?.id, cases[1]?.id])
  })

  it('drops what was still planned when it is closed, and is closed once', async () => {
    const { stand, caseId } = await standWithRemedy()
    await patch(`/cases/${caseId}`, closing)
    const { jobs } = await storyOf(stand.id)
    expect(jobs.every(({ status }) => status === 'dropped')).toBe(true)
    const problem = await refused('patch', `/cases/${caseId}`, closing, 409)
    expect(problem.detail).toMatch(/closed on 2025-07-01/)
  })

  it('does not end before it began', async () => {
    const { stand, caseId } = await standWithRemedy()
    const early = { ...closing, closedOn: '2025-05-01' }
    const { fields } = await refused('patch', `/cases/${caseId}`, early, 400)
    expect(fields).toEqual([{ field: 'closedOn', message: expect.stringMatching(/2025-06-01/) }])
    expect((await storyOf(stand.id)).cases[0]?.closedOn).toBeNull()
  })

  it('is one, however many looks arrive at once', async () => {
    const { id } = await newStand()
    await Promise.all(Array.from({ length: 6 }, () => post(`/stands/${id}/looks`, lookBody())))
    expect((await storyOf(id)).cases).toHaveLength(1)
  })
})
