import type { RecordPageDto } from '@spudder/contract/entry'
import type { PlaceDto } from '@spudder/contract/place'
import type { EstateStandDto } from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import { changeHeader } from '@spudder/contract/route'
import { historyOf, takeBack } from '../history/tests/history-api.ts'
import { jpeg } from '../tests/jpeg.ts'
import {
  api,
  entryBody,
  get,
  newId,
  newStand,
  post,
  productBody,
  readingBody,
  refused,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

const standsOf = (placeId: string) =>
  get<EstateStandDto[]>(`/places/${placeId}/estate/stands?from=2025-01-01`)
const placeOf = async (id: string) =>
  (await get<PlaceDto[]>('/places')).find((each) => each.id === id)

describe('two places put together', () => {
  it('hold all that the other held, its story, record, shelf and photos; taken back they are two again', async () => {
    const here = await newStand()
    const { stand: there, applyJobId } = await standWithRemedy()
    await post(`/stands/${there.id}/readings`, readingBody(7.9))
    await post(`/places/${there.placeId}/products`, productBody())
    const first = await post<{ id: string }>(`/jobs/${applyJobId}/entries`, entryBody(2))
    await post(`/entries/${first.id}/corrections`, { ...entryBody(3), reason: 'Weighed again.' })
    await api
      .post(`/api/stands/${there.id}/photos?id=${newId()}&fileName=leaf.jpg`)
      .set('content-type', 'image/jpeg')
      .send(jpeg())
      .expect(201)
    const before = await storyOf(there.id)

    const groupId = newId()
    const path = `/api/places/${here.placeId}/put-together`
    const dto = { otherId: there.placeId, reason: 'One farm by now.' }
    const answer = await api.post(path).set(changeHeader, groupId).send(dto)
    expect(answer.status, JSON.stringify(answer.body)).toBe(201)

    const list = await standsOf(here.placeId)
    expect(list.map(({ stand }) => stand.id)).toContain(here.id)
    const copy = list.find(({ stand }) => stand.id !== here.id)?.stand
    expect(list).toHaveLength(2)
    expect(copy).toMatchObject({ name: there.name, placeId: here.placeId })
    const story = await storyOf(copy?.id ?? '')
    for (const part of [
      'readings',
      'looks',
      'cases',
      'remedies',
      'jobs',
      'entries',
      'photos',
    ] as const)
      expect(story[part], part).toHaveLength(before[part].length)
    // What names something names the one here.
    const ids = new Set(story.entries.map(({ id }) => id))
    expect(
      story.entries.filter(({ correctsId }) => correctsId && ids.has(correctsId)),
    ).toHaveLength(1)
    expect(story.jobs.some(({ id }) => id === applyJobId)).toBe(false)
    const photo = await api.get(`/api/photos/${story.photos[0]?.id}`)
    expect(photo.status).toBe(200)
    const record = await get<RecordPageDto>(`/places/${here.placeId}/entries`)
    expect(record.total).toBe(2)
    expect(await get(`/places/${here.placeId}/products`)).toHaveLength(1)
    expect(await placeOf(there.placeId)).toMatchObject({ isArchived: true })

    const { detail } = await refused('post', path.replace('/api', ''), dto, 409)
    expect(detail).toMatch(/put together before/)
    const { lines } = await historyOf(here.placeId, '?act=changed')
    expect(new Set(lines.map(({ kind }) => kind))).toEqual(new Set(['stand', 'product', 'place']))
    await takeBack(here.placeId, groupId)
    expect((await standsOf(here.placeId)).map(({ stand }) => stand.id)).toEqual([here.id])
    expect(await placeOf(there.placeId)).toMatchObject({ isArchived: false })
    expect(await storyOf(there.id)).toMatchObject({ readings: before.readings })
  })

  it('must be two, and both be there', async () => {
    const { placeId } = await newStand()
    const ask = (otherId: string, status: number) =>
      refused('post', `/places/${placeId}/put-together`, { otherId, reason: 'one' }, status)
    expect((await ask(placeId, 409)).detail).toMatch(/the same one/)
    await ask(newId(), 404)
  })
})
