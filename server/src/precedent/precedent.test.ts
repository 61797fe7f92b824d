import type { PastCaseDto } from '@spudder/contract/precedent'
import { describe, expect, it } from 'vitest'
import { entryBody, get, lookBody, newPlace, patch, post, standBody, standWithRemedy, storyOf } from '../tests/test-estate.ts' // prettier-ignore

const pastCases = (placeId: string) => get<PastCaseDto[]>(`/places/${placeId}/past-cases`)
const close = (caseId: string, outcome: 'green' | 'given-up', closedOn = '2025-08-01') =>
  patch(`/cases/${caseId}`, { outcome, closedOn, note: 'Held all summer.' })

describe('past cases of a place', () => {
  it('tell what was thought, what was done and how it went; an open case is none', async () => {
    const { id: placeId } = await newPlace()
    const { stand, caseId, remedy, applyJobId } = await standWithRemedy(placeId)
    const entry = await post<{ id: string }>(`/jobs/${applyJobId}/entries`, entryBody())
    expect(await pastCases(placeId)).toEqual([])
    await close(caseId, 'green')
    const [told] = await pastCases(placeId)
    expect(told).toMatchObject({
      id: caseId,
      standId: stand.id,
      standName: stand.name,
      outcome: 'green',
      closedOn: '2025-08-01',
      note: 'Held all summer.',
      treatments: [{ appliedName: remedy.appliedName, happenedOn: '2025-06-03' }],
    })
    expect(told?.verdict).toEqual(remedy.verdict)
    const strike = { ...entryBody(), reason: 'It never went out.', isStruck: true }
    await post(`/entries/${entry.id}/corrections`, strike)
    expect((await pastCases(placeId))[0]?.treatments).toEqual([])
  })

  it('without a remedy have the verdict of their last look, and stay in their place', async () => {
    const { id: placeId } = await newPlace()
    const { id: elsewhere } = await newPlace()
    const { id: standId } = await post<{ id: string }>(`/places/${placeId}/stands`, standBody())
    await post(`/stands/${standId}/looks`, lookBody())
    const [open] = (await storyOf(standId)).cases
    await close(open?.id ?? '', 'given-up')
    const [told] = await pastCases(placeId)
    const sum = told?.verdict.reduce((total, { probability }) => total + probability, 0)
    expect(sum).toBeCloseTo(1, 2)
    expect(await pastCases(elsewhere)).toEqual([])
  })
})
