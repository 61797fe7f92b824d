import type { EstatePageDto, StandNameDto } from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import {
  api,
  get,
  newId,
  newPlace,
  post,
  readingBody,
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
})
