import type { PlaceDto } from '@spudder/contract/place'
import type { EstatePageDto, StandDto, StandNameDto } from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import {
  api,
  get,
  newId,
  newPlace,
  patch,
  post,
  readingBody,
  refused,
  standBody,
  standWithRemedy,
} from '../tests/test-estate.ts'

describe('a stand that is changed', () => {
  it('keeps who changed it last, and when; so do settings of its place', async () => {
    const { id } = await newPlace()
    const made = await post<StandDto>(`/places/${id}/stands`, standBody())
    expect(made).toMatchObject({ changedBy: null, changedAt: null })
    const changed = await patch<StandDto>(`/stands/${made.id}`, { name: 'Renamed' })
    expect(changed).toMatchObject({ changedBy: made.createdBy, createdAt: made.createdAt })
    expect(Date.parse(changed.changedAt ?? '')).toBeGreaterThanOrEqual(Date.parse(made.createdAt))
    const place = await patch<PlaceDto>(`/places/${id}/settings`, { ironSchool: 'field' })
    expect(place).toMatchObject({ changedBy: made.createdBy })
    const [told] = (await get<PlaceDto[]>('/places')).filter((each) => each.id === id)
    expect(told).toEqual(place)
  })
})

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

describe('a new stand', () => {
  it.each([
    [{ plantId: 'pin-oak' }, /plant that grows in this kind/],
    [{ plantId: 'triffid' }, /a plant of the list/],
    [{ size: { kind: 'solution', volumeL: 900 } }, /a size by area/],
    [{ size: { kind: 'area' } }, /Area: give a number/],
    [{ size: undefined }, /Size: give its kind and measures/],
    [{ size: [] }, /Size: give its kind and measures/],
    [{ name: '' }, /Name: give 1 to 80/],
  ])('is refused with %j', async (change, message) => {
    const { id } = await newPlace()
    const body = { ...standBody(), ...change }
    const { detail } = await refused('post', `/places/${id}/stands`, body, 400)
    expect(detail).toMatch(message)
  })

  it('does not take the id of another record', async () => {
    const { id } = await newPlace()
    const first = standBody()
    await post(`/places/${id}/stands`, first)
    const taken = { ...standBody(), id: first.id, name: 'Another lawn' }
    await refused('post', `/places/${id}/stands`, taken, 409)
    await refused('post', `/places/${newId()}/stands`, standBody(), 404)
  })
})

describe('a stand', () => {
  it('is stored with what was measured beside its size, once however often it is sent', async () => {
    const { id } = await newPlace()
    const outline = [[0, 0], [40, 0], [40, 25], [0, 25]] // prettier-ignore
    const body = { ...standBody(), measures: { outline } }
    const stored = await post<StandDto>(`/places/${id}/stands`, body)
    expect(stored.measures).toEqual({ outline })
    expect(await post<StandDto>(`/places/${id}/stands`, body)).toEqual(stored)
  })

  it('may be measured again while nothing is planned', async () => {
    const { id } = await post<StandDto>(`/places/${(await newPlace()).id}/stands`, standBody())
    const bigger = { size: { kind: 'area', areaM2: 1200 }, measures: { plantCount: 12 } }
    expect(await patch<StandDto>(`/stands/${id}`, bigger)).toMatchObject(bigger)
    const trunks = { size: { kind: 'trunks', count: 3, diameterM: 0.2 } }
    expect((await refused('patch', `/stands/${id}`, trunks, 400)).detail).toMatch(/size by area/)
  })
})
