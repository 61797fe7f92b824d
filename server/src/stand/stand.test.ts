import type { PlaceDto } from '@spudder/contract/place'
import type { StandDto } from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import { get, newId, newPlace, patch, post, refused, standBody } from '../tests/test-estate.ts'

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
