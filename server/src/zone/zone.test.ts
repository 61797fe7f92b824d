import type { ZoneDto } from '@spudder/contract/zone'
import { changeHeader } from '@spudder/contract/route'
import { describe, expect, it } from 'vitest'
import { api, get, newId, newStand, patch, post, refused, zoneBody } from '../tests/test-estate.ts'

async function newZone() {
  const { id: standId } = await newStand()
  const zone = await post<ZoneDto>(`/stands/${standId}/zones`, zoneBody())
  const zones = () => get<ZoneDto[]>(`/stands/${standId}/zones`)
  return { standId, zone, zones }
}

describe('a zone', () => {
  it('is kept with its corners, its score and where its grid lies on the globe', async () => {
    const { zone, zones } = await newZone()
    const origin = { longitude: -1.512, latitude: 51.204 }
    await patch(`/zones/${zone.id}`, { origin, score: 4, scoredOn: '2025-06-20' })
    const by = { version: 2, changedBy: zone.createdBy, changedAt: expect.any(String) }
    expect(await zones()).toEqual([{ ...zone, ...by, origin, score: 4, scoredOn: '2025-06-20' }])
  })

  it('taken away is no longer told, sent twice is there once', async () => {
    const { standId, zones } = await newZone()
    const body = zoneBody()
    const { id } = await post<ZoneDto>(`/stands/${standId}/zones`, body)
    await post<ZoneDto>(`/stands/${standId}/zones`, body)
    expect(await zones()).toHaveLength(2)
    await patch(`/zones/${id}`, { isTakenAway: true })
    expect(await zones()).toHaveLength(1)
  })

  it('is changed once where its answer was lost and it is sent again, whatever was seen', async () => {
    const { zone, zones } = await newZone()
    const once = { score: 4, version: zone.version }
    const send = (groupId: string) =>
      api.patch(`/api/zones/${zone.id}`).set(changeHeader, groupId).send(once)
    const groupId = newId()
    expect([(await send(groupId)).status, (await send(groupId)).status]).toEqual([200, 200])
    expect(await zones()).toMatchObject([{ score: 4, version: zone.version + 1 }])
    // Another change that saw the same state is told of this one.
    expect((await send(newId())).status).toBe(409)
  })

  it('whose sides cross is refused with what is wrong', async () => {
    const { standId } = await newZone()
    const outline = [[0, 0], [4, 4], [4, 0], [0, 4]] // prettier-ignore
    const path = `/stands/${standId}/zones`
    const { detail } = await refused('post', path, { ...zoneBody(), outline }, 400)
    expect(detail).toContain('do not cross')
  })

  it('that is nowhere is not changed', async () => {
    expect((await refused('patch', `/zones/${newId()}`, { score: 2 }, 404)).code).toBe('not-found')
  })
})
