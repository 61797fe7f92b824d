import type { EntryDto, RecordPageDto } from '@spudder/contract/entry'
import type { ProductDto } from '@spudder/contract/shelf'
import type { SprayerDto } from '@spudder/contract/sprayer'
import type { StandDto } from '@spudder/contract/stand'
import type { ZoneDto } from '@spudder/contract/zone'
import { historyKinds } from '@spudder/core/outcome/history'
import { getTableColumns } from 'drizzle-orm'
import { describe, expect, it } from 'vitest'
import { history } from '../database/schema.ts'
import {
  db,
  entryBody,
  get,
  newStand,
  patch,
  post,
  productBody,
  readingBody,
  refused,
  remedyBody,
  sprayerBody,
  standBody,
  standWithRemedy,
  storyOf,
  zoneBody,
} from '../tests/test-estate.ts'
import { changed, historyOf, takeBack } from './tests/history-api.ts'

describe('a stand', () => {
  it('entered as the wrong plant is put right for its whole story', async () => {
    const stand = await newStand()
    await patch(`/stands/${stand.id}`, { plantId: 'creeping-bentgrass', version: 1 })
    const { stand: now, events } = await storyOf(stand.id)
    expect(now.plantId).toBe('creeping-bentgrass')
    expect(events).toEqual([])
    await refused('patch', `/stands/${stand.id}`, { plantId: 'pin-oak' }, 400)
  })

  it('planted anew begins again, with its story, once nothing is under way', async () => {
    const { stand, caseId } = await standWithRemedy()
    const anew = { plantId: 'creeping-bentgrass', replantedOn: '2025-09-01' }
    const { detail } = await refused('patch', `/stands/${stand.id}`, anew, 409)
    expect(detail).toMatch(/a case is open: close it; .*jobs are planned/)
    await patch(`/cases/${caseId}`, { outcome: 'given-up', closedOn: '2025-08-01' })
    await patch(`/stands/${stand.id}`, anew)
    const { stand: now, events, readings } = await storyOf(stand.id)
    expect(now).toMatchObject({
      plantId: 'creeping-bentgrass',
      measures: { plantedOn: '2025-09-01' },
    })
    expect(events).toMatchObject([{ kind: 'transplanted' }])
    expect(events[0]?.note).toMatch(/before it was bermudagrass/i)
    expect(readings.length).toBeGreaterThan(0)
  })

  it('that is another is put together with it, and parted again', async () => {
    const stand = await newStand()
    const twin = await post<StandDto>(`/places/${stand.placeId}/stands`, standBody())
    await post(`/stands/${stand.id}/readings`, readingBody(7.1))
    await post(`/stands/${twin.id}/readings`, readingBody(7.9))
    const merging = { otherId: twin.id, reason: 'Entered twice.' }
    await post(`/stands/${stand.id}/merged`, merging)
    const values = async () => (await storyOf(stand.id)).readings.map(({ value }) => value)
    expect((await values()).toSorted()).toEqual([7.1, 7.9])
    await refused('post', `/stands/${stand.id}/merged`, merging, 409)
    await patch(`/stands/${twin.id}`, { isArchived: false })
    expect(await values()).toEqual([7.1])
    expect((await storyOf(twin.id)).readings).toHaveLength(1)
  })
})

describe('the shelf, sprayers, zones and the place', () => {
  it('are retired, taken away, put away, and brought back', async () => {
    const stand = await newStand()
    const place = `/places/${stand.placeId}`
    const product = await post<ProductDto>(`${place}/products`, productBody())
    const sprayer = await post<SprayerDto>(`${place}/sprayers`, sprayerBody())
    const zone = await post<ZoneDto>(`/stands/${stand.id}/zones`, zoneBody())
    const groups = [
      await changed(`/products/${product.id}`, { isRetired: true }),
      await changed(`/sprayers/${sprayer.id}`, { isRetired: true }),
      await changed(`/zones/${zone.id}`, { isTakenAway: true }),
      await changed(place, { isArchived: true, name: 'Old place' }),
    ]
    expect(await get(`/stands/${stand.id}/zones`)).toEqual([])
    for (const groupId of groups) await takeBack(stand.placeId, groupId)
    expect(await get<ProductDto[]>(`${place}/products`)).toMatchObject([{ isRetired: false }])
    expect(await get<SprayerDto[]>(`${place}/sprayers`)).toMatchObject([{ isRetired: false }])
    expect(await get<ZoneDto[]>(`/stands/${stand.id}/zones`)).toHaveLength(1)
    const kinds = (await historyOf(stand.placeId, '?act=restored')).lines.map(({ kind }) => kind)
    expect(kinds).toEqual(['place', 'zone', 'sprayer', 'product'])
  })

  it('the address of a calendar is never in the history', async () => {
    const { placeId } = await newStand()
    await patch(`/places/${placeId}/calendar`, { isShared: true })
    const { lines } = await historyOf(placeId, '?kind=place&act=changed')
    expect(lines[0]?.changes).toEqual({ calendarToken: { was: null, is: true } })
  })
})

describe('an entry', () => {
  it('that did not happen is struck: shelf, job and record follow, and it comes back', async () => {
    const { stand, caseId } = await standWithRemedy()
    const place = `/places/${stand.placeId}`
    const product = await post<ProductDto>(`${place}/products`, productBody())
    const { remedy } = await planWith(caseId, product.id)
    const job = (await storyOf(stand.id)).jobs.find(
      ({ remedyId, kind }) => remedyId === remedy && kind === 'apply',
    )
    const stock = async () => (await get<ProductDto[]>(`${place}/products`))[0]?.stockKg
    const first = await post<EntryDto>(`/jobs/${job?.id ?? ''}/entries`, entryBody(0.6))
    expect(await stock()).toBeCloseTo(39.4, 9)
    const strike = { ...entryBody(0.6), isStruck: true, reason: 'The wrong lawn.' }
    const struck = await post<EntryDto>(`/entries/${first.id}/corrections`, strike)
    expect(await stock()).toBeCloseTo(40, 9)
    const statusOf = async () =>
      (await storyOf(stand.id)).jobs.find(({ id }) => id === job?.id)?.status
    expect(await statusOf()).toBe('planned')
    const { lines } = await get<RecordPageDto>(`${place}/entries`)
    expect(lines.map(({ entry, isCorrected }) => [entry.isStruck, isCorrected])).toEqual([
      [true, false],
      [false, true],
    ])
    const back = { ...entryBody(0.6), isStruck: false, reason: 'It was done.' }
    await post(`/entries/${struck.id}/corrections`, back)
    expect(await stock()).toBeCloseTo(39.4, 9)
    expect(await statusOf()).toBe('done')
  })

  it('of another product than planned is put right: one gets back what the other gave', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const place = `/places/${stand.placeId}`
    const first = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(0.6))
    const product = await post<ProductDto>(`${place}/products`, productBody())
    const right = { ...entryBody(0.6), productId: product.id, reason: 'Another bag.' }
    const now = await post<EntryDto>(`/entries/${first.id}/corrections`, right)
    expect(now).toMatchObject({ productId: product.id, sourceId: product.sourceId })
    expect((await get<ProductDto[]>(`${place}/products`))[0]?.stockKg).toBeCloseTo(39.4, 9)
    const foreign = await newStand()
    const other = await post<ProductDto>(`/places/${foreign.placeId}/products`, productBody())
    const wrong = { ...entryBody(0.6), productId: other.id, reason: 'x' }
    await refused('post', `/entries/${now.id}/corrections`, wrong, 400)
  })
})

async function planWith(caseId: string, productId: string) {
  const body = {
    ...remedyBody(),
    route: 'leaf',
    sourceId: 'ferrous-sulfate',
    rateId: 'leaf-sulfate-turf-summer',
    rateValue: 3,
    productId,
  }
  const { id } = await post<{ id: string }>(`/cases/${caseId}/remedies`, body)
  return { remedy: id }
}

describe('the history of a place', () => {
  it('is told page by page without a line lost or twice, by who and by day', async () => {
    const stand = await newStand()
    for (let step = 0; step < 7; step += 1) {
      await post(`/stands/${stand.id}/readings`, readingBody(7 + step / 10))
    }
    const seen: string[] = []
    let before = ''
    do {
      const page = await historyOf(stand.placeId, `?limit=3${before && `&before=${before}`}`)
      seen.push(...page.lines.map(({ id }) => id))
      before = page.before ?? ''
    } while (before !== '')
    expect(seen.length).toBe(9)
    expect(new Set(seen).size).toBe(9)
    expect((await historyOf(stand.placeId, '?by=marlow&kind=reading')).lines).toHaveLength(7)
    expect((await historyOf(stand.placeId, '?by=birch')).lines).toEqual([])
    expect((await historyOf(stand.placeId, '?to=2020-01-01')).lines).toEqual([])
  })

  it('can be told of every kind of thing there is', async () => {
    const { stand } = await standWithRemedy()
    for (const kind of historyKinds) {
      await historyOf(stand.placeId, `?kind=${kind}`)
    }
    const { lines } = await historyOf(stand.placeId, `?standId=${stand.id}`)
    const kinds = new Set(lines.map(({ kind }) => kind))
    for (const kind of ['stand', 'reading', 'look', 'case', 'remedy', 'job'] as const) {
      expect(kinds).toContain(kind)
    }
  })

  it('cannot be changed or removed, not even in the database', async () => {
    const stand = await newStand()
    await patch(`/stands/${stand.id}`, { name: 'Brow' })
    await expect(db.update(history).set({ reason: 'x' })).rejects.toThrow()
    await expect(db.delete(history)).rejects.toThrow()
    expect(Object.keys(getTableColumns(history))).toContain('reason')
  })
})
