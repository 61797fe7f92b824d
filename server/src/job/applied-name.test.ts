import type { EntryDto, RecordPageDto } from '@spudder/contract/entry'
import type { PlanningDto } from '@spudder/contract/planning'
import type { RemedyDto } from '@spudder/contract/remedy'
import { dateToDay } from '@spudder/core/base/calendar'
import type { ProductDto } from '@spudder/contract/shelf'
import { expect, it } from 'vitest'
import {
  api,
  get,
  lookBody,
  newId,
  newStand,
  patch,
  post,
  productBody,
  storyOf,
} from '../tests/test-estate.ts'

const today = dateToDay(new Date())
const spray = (productId: string) => ({
  id: newId(),
  causeId: 'iron-tied-up-by-pH',
  route: 'leaf',
  sourceId: 'ferrous-sulfate',
  rateId: 'leaf-sulfate-turf-summer',
  rateValue: 2,
  carrierValue: 1,
  contentShare: 0.06,
  applyOn: today,
  repeats: 1,
  productId,
})

it('calls an own product by its one name wherever it is planned, done, put right, listed or looked for', async () => {
  const stand = await newStand()
  const { placeId } = stand
  await post(`/stands/${stand.id}/looks`, lookBody())
  const caseId = (await storyOf(stand.id)).cases[0]?.id ?? ''
  const product = await post<ProductDto>(`/places/${placeId}/products`, {
    ...productBody(),
    name: 'Own liquid 6 %',
  })
  const remedy = await post<RemedyDto>(`/cases/${caseId}/remedies`, spray(product.id))
  expect(remedy.appliedName).toBe('Own liquid 6 %')

  const done = { id: newId(), happenedOn: today, productKg: 0.6, waterL: 40 }
  const [first] = (await storyOf(stand.id)).jobs.filter(({ kind }) => kind === 'apply')
  const entry = await post<EntryDto>(`/jobs/${first?.id}/entries`, done)
  expect(entry.appliedName).toBe('Own liquid 6 %')
  const right = { ...done, id: newId(), productKg: 0.5, reason: 'weighed again' }
  const corrected = await post<EntryDto>(`/entries/${entry.id}/corrections`, right)
  expect(corrected.appliedName).toBe('Own liquid 6 %')

  const namesNow = async () => {
    const { jobs, remedies, entries } = await storyOf(stand.id)
    const planning = await get<PlanningDto>(`/places/${placeId}/planning`)
    const estate = await get<{ rows: { ribbon: { jobs: { title: string }[] } }[] }>(
      `/places/${placeId}/estate?from=2024-01-01`,
    )
    const titles = jobs.filter(({ kind }) => kind === 'apply').map(({ title }) => title)
    return {
      titles,
      ofPlanning: planning.jobs.filter(({ kind }) => kind === 'apply').map(({ title }) => title),
      ofEstate: estate.rows[0]?.ribbon.jobs.map(({ title }) => title),
      names: new Set(
        [...remedies, ...entries, ...planning.entries, ...planning.remedies].map(
          ({ appliedName }) => appliedName,
        ),
      ),
      calendar: (await api.get(`/api/places/${placeId}/calendar.ics`)).text.replaceAll('\r\n ', ''),
    }
  }
  const found = async (text: string) =>
    (await get<RecordPageDto>(`/places/${placeId}/entries?text=${encodeURIComponent(text)}`)).lines
  const before = await namesNow()
  expect(before.titles).toEqual(['Own liquid 6 %', 'Own liquid 6 %, repeat 1 of 1'])
  expect([...before.names]).toEqual(['Own liquid 6 %'])
  expect(before.calendar).toContain('South lawn: Own liquid 6 %\\, repeat 1 of 1')
  expect(await found('liquid')).toHaveLength(2)

  // A name that was mistyped is put right everywhere at once: it is stored nowhere else.
  await patch(`/products/${product.id}`, { name: 'Blue liquid' })
  const after = await namesNow()
  expect(after.titles).toEqual(['Blue liquid', 'Blue liquid, repeat 1 of 1'])
  expect(after.ofPlanning).toContain('Blue liquid, repeat 1 of 1')
  expect(after.ofEstate).toContain('Blue liquid, repeat 1 of 1')
  expect([...after.names]).toEqual(['Blue liquid'])
  expect(after.calendar).toContain('South lawn: Blue liquid\\, repeat 1 of 1')
  expect(await found('blue')).toHaveLength(2)
  expect(await found('own')).toHaveLength(0)
  // By its form and by its stand too.
  expect(await found('ferrous lawn')).toHaveLength(2)
})
