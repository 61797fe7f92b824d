import type { PlanningDto } from '@spudder/contract/planning'
import type {
  EstatePageDto,
  EstateStandDto,
  StandNameDto,
  StandStoryDto,
} from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import {
  api,
  get,
  newId,
  newPlace,
  newStand,
  patch,
  post,
  readingBody,
  refused,
  standBody,
  standWithRemedy,
} from '../tests/test-estate.ts'

describe('the estate', () => {
  it('gives its stands page by page in the order in which they were added', async () => {
    const { id } = await newPlace()
    const names = ['a', 'b', 'c', 'd', 'e']
    for (const name of names) await post(`/places/${id}/stands`, { ...standBody(), name })
    const page = (offset: number) =>
      get<EstatePageDto>(`/places/${id}/estate?from=2025-01-01&offset=${offset}&limit=2`)
    const pages = await Promise.all([page(0), page(2), page(4), page(6)])
    expect(pages.map(({ rows }) => rows.map(({ stand }) => stand.name))).toEqual([
      ['a', 'b'],
      ['c', 'd'],
      ['e'],
      [],
    ])
    expect(pages.every(({ total }) => total === 5)).toBe(true)
  })

  it('gives all its stands by name, however many there are', async () => {
    const { id } = await newPlace()
    const names = ['south', 'north', 'east']
    for (const name of names) await post(`/places/${id}/stands`, { ...standBody(), name })
    const told = await get<StandNameDto[]>(`/places/${id}/stands`)
    expect(told.map(({ name }) => name)).toEqual(names)
    await api.get(`/api/places/${newId()}/stands`).expect(404)
  })

  it('gives each stand its own ribbon from a day on: readings, jobs, and the open case', async () => {
    const { stand, caseId } = await standWithRemedy()
    await post(`/stands/${stand.id}/readings`, { ...readingBody(6.9), takenOn: '2024-01-05' })
    await post(`/places/${stand.placeId}/stands`, { ...standBody(), name: 'Other lawn' })
    const { rows } = await get<EstatePageDto>(`/places/${stand.placeId}/estate?from=2025-01-01`)
    const [row, other] = rows
    expect(row?.openCase?.id).toBe(caseId)
    expect(row?.ribbon.readings).toEqual([
      { kind: 'pH', value: 7.8, method: 'meter', takenOn: '2025-05-20' },
    ])
    expect(row?.ribbon.jobs.map(({ kind }) => kind)).toEqual(['apply', 'look', 'look'])
    expect(other).toMatchObject({ openCase: null, ribbon: { readings: [], jobs: [] } })
  })

  it('tells of each stand how far its case is, with the ribbons and in the list', async () => {
    const { stand, caseId } = await standWithRemedy()
    const { rows } = await get<EstatePageDto>(`/places/${stand.placeId}/estate?from=2025-01-01`)
    const told = { lastLookOn: expect.any(String), hasRemedy: true, lastAppliedOn: null, lastClosed: null } // prettier-ignore
    expect(rows[0]?.state).toEqual(told)
    await patch(`/cases/${caseId}`, { closedOn: '2025-06-20', outcome: 'given-up', note: 'Dug up.' }) // prettier-ignore
    const [listed] = await listOf(stand.placeId)
    expect(listed).toMatchObject({
      openCase: null,
      nextJob: null,
      nextSheetJobId: null,
      state: { hasRemedy: false, lastClosed: { id: caseId, outcome: 'given-up' } },
    })
  })

  it('lists every stand with its newest colour, its next job and what was spent on it', async () => {
    const { stand } = await standWithRemedy()
    const colour = (value: number, takenOn: string) =>
      post(`/stands/${stand.id}/readings`, { ...readingBody(value), kind: 'turfColour', method: 'eye', takenOn }) // prettier-ignore
    await colour(4, '2025-05-21')
    await colour(6, '2025-05-19')
    const [listed] = await listOf(stand.placeId)
    expect(listed?.colour).toMatchObject({ value: 4, takenOn: '2025-05-21' })
    expect(listed?.nextJob?.kind).toBe('apply')
    expect(listed?.nextSheetJobId).toBe(listed?.nextJob?.id)
    expect(listed?.spent).toBe(0)
  })

  it('puts a stand away and back: out of the estate, its list and the dates meanwhile', async () => {
    const { stand } = await standWithRemedy()
    await patch(`/stands/${stand.id}`, { isArchived: true })
    const { total } = await get<EstatePageDto>(`/places/${stand.placeId}/estate?from=2025-01-01`)
    const { jobs } = await get<PlanningDto>(`/places/${stand.placeId}/planning`)
    expect([total, (await listOf(stand.placeId)).length, jobs.length]).toEqual([0, 0, 0])
    expect((await listOf(stand.placeId, true)).map((each) => each.stand.id)).toEqual([stand.id])
    await patch(`/stands/${stand.id}`, { isArchived: false })
    expect((await listOf(stand.placeId)).map((each) => each.stand.id)).toEqual([stand.id])
  })

  it('plans a look at several stands for one day, all or none', async () => {
    const { stand } = await standWithRemedy()
    const other = await newStand()
    const sent = { looks: [{ id: newId(), standId: stand.id, dueOn: '2026-12-01' }] }
    for (let again = 0; again < 2; again++) await post(`/places/${stand.placeId}/looks-due`, sent)
    const { jobs } = await get<StandStoryDto>(`/stands/${stand.id}`)
    expect(jobs.filter(({ dueOn }) => dueOn === '2026-12-01')).toMatchObject([
      { kind: 'look', title: 'Look at it', caseId: null },
    ])
    const both = [
      { id: newId(), standId: stand.id, dueOn: '2026-12-02' },
      { id: newId(), standId: other.id, dueOn: '2026-12-02' },
    ]
    await refused('post', `/places/${stand.placeId}/looks-due`, { looks: both }, 404) // prettier-ignore
    const after = await get<StandStoryDto>(`/stands/${stand.id}`)
    expect(after.jobs).toHaveLength(jobs.length)
  })
})

const listOf = (placeId: string, isArchived = false) =>
  get<EstateStandDto[]>(
    `/places/${placeId}/estate/stands?from=2025-01-01${isArchived ? '&archived=true' : ''}`,
  )
