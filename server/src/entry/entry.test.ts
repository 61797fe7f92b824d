import type { EntryDto, RecordPageDto } from '@spudder/contract/entry'
import { eq } from 'drizzle-orm'
import { describe, expect, it, vi } from 'vitest'
import { entry } from '../database/schema.ts'
import {
  clientOf,
  db,
  entryBody,
  get,
  post,
  practiseAt,
  productBody,
  refused,
  remedyBody,
  standWithRemedy,
  storyOf,
} from '../tests/test-estate.ts'

const correction = (productKg: number) => ({ ...entryBody(productKg), reason: 'Weighed again.' })

describe('an entry', () => {
  it('keeps what was really used beside what was planned, with who and when, and does the job', async () => {
    const { stand, remedy, applyJobId } = await standWithRemedy()
    const begun = Date.now()
    const stored = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(0.55))
    expect(stored).toMatchObject({ productKg: 0.55, createdBy: 'Tess Marlow', correctsId: null })
    expect(stored.plannedProductKg).toBeCloseTo(remedy.productKg, 12)
    expect(Date.parse(stored.createdAt)).toBeGreaterThan(begun - 1000)
    const { jobs } = await storyOf(stand.id)
    expect(jobs.find(({ id }) => id === applyJobId)?.status).toBe('done')
  })

  it('sent again after a lost answer is the one that is there', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const body = entryBody()
    const path = `/jobs/${applyJobId}/entries`
    expect(await post<EntryDto>(path, body)).toEqual(await post<EntryDto>(path, body))
    expect((await storyOf(stand.id)).entries).toHaveLength(1)
    await refused('post', path, { ...body, waterL: body.waterL + 50 }, 409)
  })

  it('is taken from one of two people who record the same job at once', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const two = await Promise.all(
      ['Ona Birch', 'Piet Loam'].map((name) => clientOf(name, stand.placeId, 'applicator')),
    )
    const record = (each: (typeof two)[number]) =>
      each.post(`/api/jobs/${applyJobId}/entries`).send(entryBody())
    const answers = await Promise.all(two.map(record))
    expect(answers.map(({ status }) => status).toSorted()).toEqual([201, 409])
    const { entries } = await storyOf(stand.id)
    expect(entries).toHaveLength(1)
    const loser = answers.find(({ status }) => status === 409)
    expect(loser?.body.detail).toContain(entries[0]?.createdBy)
  })

  it('is corrected by a new one that names it; the old one stays as it was', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const first = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(0.6))
    const second = await post<EntryDto>(`/entries/${first.id}/corrections`, correction(0.7))
    expect(second).toMatchObject({ correctsId: first.id, productKg: 0.7, reason: 'Weighed again.' })
    const again = await refused('post', `/entries/${first.id}/corrections`, correction(0.8), 409)
    expect(again.detail).toMatch(/Correct the newer one/)
    const third = await post<EntryDto>(`/entries/${second.id}/corrections`, correction(0.8))
    const { entries } = await storyOf(stand.id)
    expect(entries.map(({ id }) => id).toSorted()).toEqual(
      [first.id, second.id, third.id].toSorted(),
    )
    expect(entries.find(({ id }) => id === first.id)).toEqual(first)
  })

  it('cannot be changed or removed, not even in the database', async () => {
    const { applyJobId } = await standWithRemedy()
    const { id } = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(0.6))
    const ofIt = eq(entry.id, id)
    await expect(db.update(entry).set({ productKg: 9 }).where(ofIt)).rejects.toThrow()
    await expect(db.delete(entry).where(ofIt)).rejects.toThrow()
    const [row] = await db.select().from(entry).where(ofIt)
    expect(row?.productKg).toBe(0.6)
  })

  it('takes a figure whose last bit the driver cannot read back', async () => {
    const { applyJobId } = await standWithRemedy()
    const stored = await post<EntryDto>(`/jobs/${applyJobId}/entries`, entryBody(20 * 0.45359237))
    expect(stored.productKg).toBeCloseTo(9.0718474, 12)
  })

  it('is not taken for a look', async () => {
    const { lookJobId } = await standWithRemedy()
    const { detail } = await refused('post', `/jobs/${lookJobId}/entries`, entryBody(), 409)
    expect(detail).toMatch(/Only an application/)
  })
})

describe('the record of a place', () => {
  const full = () => ({
    ...entryBody(0.7),
    startedAt: '06:30',
    endedAt: '08:10',
    worker: 'Ines Calloway',
    lot: 'KX-204',
    equipment: 'Blue backpack',
    waterSource: 'chalk borehole',
    partners: [{ kindId: 'urea', name: 'Urea', dose: '4 oz a fill' }],
    reEntryH: 12,
    note: 'Dew was gone by seven.',
  })
  const search = async (placeId: string, query: string) =>
    (await get<RecordPageDto>(`/places/${placeId}/entries?${query}`)).lines.map(
      ({ entry: { id } }) => id,
    )

  it('keeps start, end, weather then, lot, who, partners, water and re-entry', async () => {
    const { applyJobId, stand } = await standWithRemedy()
    // Nobody measured the weather and none is made up: it is not known.
    const unasked = await standWithRemedy()
    expect((await post<EntryDto>(`/jobs/${unasked.applyJobId}/entries`, full())).weather).toBeNull()
    await practiseAt(stand.placeId)
    const body = full()
    const stored = await post<EntryDto>(`/jobs/${applyJobId}/entries`, body)
    expect(stored).toMatchObject(body)
    expect(stored.weather).toMatchObject({ source: 'simulated weather' })
    expect(stored.weather?.temperatureC).toBeGreaterThan(-20)
    expect(stored).not.toHaveProperty('search')
    const own = { source: 'thermometer on the tank', temperatureC: 17 }
    const second = await standWithRemedy()
    expect(
      await post<EntryDto>(`/jobs/${second.applyJobId}/entries`, { ...full(), weather: own }),
    ).toMatchObject({ weather: own })
  })

  it('holds no weather of hours that have not come', async () => {
    const at = (hour: number) =>
      vi.useFakeTimers({ toFake: ['Date'], now: new Date(2025, 5, 3, hour) })
    const weatherAt = async (hour: number, startedAt?: string) => {
      const { applyJobId, stand } = await standWithRemedy()
      await practiseAt(stand.placeId)
      at(hour)
      const body = { ...entryBody(), ...(startedAt ? { startedAt } : {}) }
      const { weather } = await post<EntryDto>(`/jobs/${applyJobId}/entries`, body)
      vi.useRealTimers()
      return weather
    }
    expect((await weatherAt(13, '06:30'))?.rainAfterMm).toBeGreaterThanOrEqual(0)
    const early = await weatherAt(10, '06:30')
    expect(early?.temperatureC).toBeGreaterThan(-20)
    expect(early).not.toHaveProperty('rainAfterMm')
    expect(await weatherAt(10, '11:00')).toBeNull()
    // Before the usual hour, whoever says none did it in the hour that it is.
    expect((await weatherAt(5))?.temperatureC).toBeGreaterThan(-20)
  })

  it('that is corrected keeps what the correction does not speak of', async () => {
    const { applyJobId } = await standWithRemedy()
    const first = await post<EntryDto>(`/jobs/${applyJobId}/entries`, full())
    const right = { ...correction(0.9), worker: 'Tobin Ashgrove' }
    const second = await post<EntryDto>(`/entries/${first.id}/corrections`, right)
    expect(second).toMatchObject({
      productKg: 0.9,
      worker: 'Tobin Ashgrove',
      lot: 'KX-204',
      startedAt: '06:30',
      partners: full().partners,
      weather: first.weather,
    })
    expect(await post(`/entries/${first.id}/corrections`, right)).toEqual(second)
  })

  it('is found by words, wherever they stand, by days and by stand', async () => {
    const { stand, applyJobId } = await standWithRemedy()
    const { id } = await post<EntryDto>(`/jobs/${applyJobId}/entries`, full())
    const found = (query: string) => search(stand.placeId, query)
    for (const text of ['kx-204', 'ines dew', 'south eddha', 'borehole', 'urea', 'Tess', '%']) {
      // Signs of a pattern are text, and no percentage stands in it.
      expect([text, await found(`text=${encodeURIComponent(text)}`)]).toEqual([
        text,
        text === '%' ? [] : [id],
      ])
    }
    expect(await found('text=sulfate')).toEqual([])
    expect(await found('from=2025-06-03&to=2025-06-03')).toEqual([id])
    expect(await found('from=2025-06-04')).toEqual([])
    expect(await found(`standId=${stand.id}`)).toEqual([id])
    expect(await found('text=%27%22%5C')).toEqual([])
    expect(await search((await standWithRemedy()).stand.placeId, 'text=kx')).toEqual([])
  })

  it.each(['', 'text=ines&'])(
    'comes by pages that know how many there are, by %j',
    async (words) => {
      const { stand, applyJobId } = await standWithRemedy()
      const first = await post<EntryDto>(`/jobs/${applyJobId}/entries`, full())
      const second = await post<EntryDto>(`/entries/${first.id}/corrections`, correction(0.9))
      const third = await post<EntryDto>(`/entries/${second.id}/corrections`, correction(0.8))
      const pages: string[] = []
      for (const offset of [0, 1, 2, 3]) {
        const path = `/places/${stand.placeId}/entries?${words}limit=1&offset=${offset}`
        const { lines, total } = await get<RecordPageDto>(path)
        expect([offset, total]).toEqual([offset, 3])
        pages.push(...lines.map(({ entry }) => entry.id))
      }
      expect(pages.toSorted()).toEqual([first.id, second.id, third.id].toSorted())
    },
  )

  it('shows a corrected entry as corrected and takes the difference to the shelf', async () => {
    const { stand, caseId } = await standWithRemedy()
    const product = { ...productBody(), sourceId: 'fe-eddha', stockKg: 10, labelMaximum: undefined }
    const { id: productId } = await post<{ id: string }>(
      `/places/${stand.placeId}/products`,
      product,
    )
    await post(`/cases/${caseId}/remedies`, { ...remedyBody(), productId, applyOn: '2025-07-03' })
    const { jobs, remedies } = await storyOf(stand.id)
    const remedyId = remedies.find((each) => each.productId === productId)?.id
    const job = jobs.find((each) => each.remedyId === remedyId && each.kind === 'apply')
    const stock = async () =>
      (await get<{ id: string; stockKg: number }[]>(`/places/${stand.placeId}/products`)).find(
        ({ id }) => id === productId,
      )?.stockKg
    const body = entryBody(4)
    const first = await post<EntryDto>(`/jobs/${job?.id ?? ''}/entries`, body)
    expect(first.productId).toBe(productId)
    expect(await stock()).toBeCloseTo(6, 9)
    await post(`/jobs/${job?.id ?? ''}/entries`, body)
    expect(await stock()).toBeCloseTo(6, 9)
    const right = { ...correction(3), lot: 'B' }
    await post(`/entries/${first.id}/corrections`, right)
    await post(`/entries/${first.id}/corrections`, right)
    expect(await stock()).toBeCloseTo(7, 9)
    const { lines, total } = await get<RecordPageDto>(`/places/${stand.placeId}/entries`)
    expect(total).toBe(2)
    expect(
      lines.map(({ entry, isCorrected }) => [entry.productKg, isCorrected]).toSorted(),
    ).toEqual([
      [3, false],
      [4, true],
    ])
    expect(lines[0]?.productName).toBe('Crystals, 50 lb')
  })
})
