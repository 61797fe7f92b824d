import type { EntryDto } from '@spudder/contract/entry'
import type { SeasonDto } from '@spudder/contract/season-review'
import { describe, expect, it } from 'vitest'
import {
  api,
  entryBody,
  get,
  lookBody,
  newId,
  newPlace,
  patch,
  post,
  productBody,
  readingBody,
  standBody,
  standWithRemedy,
} from '../tests/test-estate.ts'

const season = (placeId: string, year = 2025) =>
  get<SeasonDto>(`/places/${placeId}/season?season=${year}`)
async function treatedStand(placeId: string) {
  const of = await standWithRemedy(placeId)
  const entry = await post<EntryDto>(`/jobs/${of.applyJobId}/entries`, {
    ...entryBody(),
    happenedOn: '2025-06-03',
  })
  return { ...of, entry }
}

describe('a season of a place', () => {
  it('is what was put out in it and stands, and nothing of another year or place', async () => {
    const [{ id: placeId }, { id: elsewhere }] = [await newPlace(), await newPlace()]
    await treatedStand(elsewhere)
    const { stand, caseId, entry, remedy } = await treatedStand(placeId)
    const told = await season(placeId)
    expect(told.entries).toEqual([
      {
        entryId: entry.id,
        standId: stand.id,
        caseId,
        appliedOn: '2025-06-03',
        route: remedy.route,
        sourceId: remedy.sourceId,
        appliedName: remedy.appliedName,
        productKg: entry.productKg,
      },
    ])
    expect((await season(placeId, 2024)).entries).toEqual([])
    const moved = { ...entryBody(), happenedOn: '2024-09-03', reason: 'It was the year before.' }
    await post(`/entries/${entry.id}/corrections`, moved)
    expect((await season(placeId)).entries).toEqual([])
    expect((await season(placeId, 2024)).entries).toHaveLength(1)
  })

  it('costs what the shelf says today', async () => {
    const { id: placeId } = await newPlace()
    const { entry } = await treatedStand(placeId)
    expect((await season(placeId)).entries[0]?.cost).toBeUndefined()
    const bag = { ...productBody(), packPrice: 30, packKg: 10 }
    const { id: productId } = await post<{ id: string }>(`/places/${placeId}/products`, bag)
    const right = { ...entryBody(0.6), productId, happenedOn: '2025-06-03', reason: 'This bag.' }
    await post(`/entries/${entry.id}/corrections`, right)
    const [told] = (await season(placeId)).entries
    expect(told).toMatchObject({ appliedName: bag.name, sourceId: bag.sourceId })
    expect(told?.cost).toBeCloseTo(3 * (told?.productKg ?? 0), 9)
  })

  it('has the cases that were open in it, with what was known when somebody acted', async () => {
    const { id: placeId } = await newPlace()
    const { stand, caseId } = await treatedStand(placeId)
    const [before] = (await season(placeId)).cases
    expect(before).toMatchObject({ id: caseId, standId: stand.id, outcome: null, closedOn: null })
    expect(before?.acted?.on).toBe('2025-06-03')
    expect(before?.found?.probability).toBeGreaterThan(0)
    expect(before?.checks.map(({ checkId }) => checkId)).toContain('which-leaves')
    // What was measured afterwards was no help to who acted.
    const late = { ...readingBody(5.1), kind: 'pH', method: 'laboratory', takenOn: '2025-09-01' }
    await post(`/stands/${stand.id}/readings`, late)
    expect((await season(placeId)).cases[0]).toEqual(before)
    await patch(`/cases/${caseId}`, { outcome: 'green', closedOn: '2025-08-01' })
    expect((await season(placeId)).cases[0]).toMatchObject({ outcome: 'green', closedOn: '2025-08-01' }) // prettier-ignore
    expect((await season(placeId, 2026)).cases).toEqual([])
  })

  it('says of a case in which nobody acted what was found', async () => {
    const { id: placeId } = await newPlace()
    const { id: standId } = await post<{ id: string }>(`/places/${placeId}/stands`, standBody())
    await post(`/stands/${standId}/looks`, lookBody())
    const { looks, cases } = await season(placeId)
    expect(looks).toEqual([])
    expect(cases).toHaveLength(1)
    expect(cases[0]?.acted).toBeUndefined()
    expect(cases[0]?.found).toBeDefined()
  })

  it('tells the looks that are planned already', async () => {
    const { id: placeId } = await newPlace()
    const { id: standId } = await post<{ id: string }>(`/places/${placeId}/stands`, standBody())
    const looks = ['2026-04-01', '2026-05-01'].map((dueOn) => ({ id: newId(), standId, dueOn }))
    await post(`/places/${placeId}/looks-due`, { looks })
    expect((await season(placeId, 2026)).looks).toEqual(looks.map(({ dueOn }) => ({ standId, dueOn }))) // prettier-ignore
  })

  it('is asked for by its year', async () => {
    const { id: placeId } = await newPlace()
    const { status, body } = await api.get(`/api/places/${placeId}/season?season=last`)
    expect([status, (body as { detail: string }).detail]).toEqual([400, expect.stringContaining('Season: give a whole number')]) // prettier-ignore
  })
})
