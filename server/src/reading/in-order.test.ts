import type { ReadingDto } from '@spudder/contract/reading'
import type { RecordPageDto } from '@spudder/contract/entry'
import { expect, it } from 'vitest'
import { vi } from 'vitest'
import {
  api,
  entryBody,
  get,
  newStand,
  readingBody,
  standWithRemedy,
} from '../tests/test-estate.ts'

it('what was stored last comes last, though the clock was put back an hour meanwhile', async () => {
  const { id } = await newStand()
  const send = async (value: number) => {
    const answer = await api.post(`/api/stands/${id}/readings`).send(readingBody(value))
    expect(answer.status).toBe(201)
  }
  await send(8.1)
  vi.useFakeTimers({ toFake: ['Date'], now: Date.now() - 3_600_000 })
  await send(6.4)
  vi.useRealTimers()
  const { readings } = await get<{ readings: ReadingDto[] }>(`/stands/${id}`)
  expect(readings.map(({ value }) => value)).toEqual([8.1, 6.4])
  expect(new Date(readings[1]?.createdAt ?? 0) < new Date(readings[0]?.createdAt ?? 0)).toBe(true)
})

it('a form is found by its name however it is written', async () => {
  const { stand, applyJobId } = await standWithRemedy()
  await api.post(`/api/jobs/${applyJobId}/entries`).send(entryBody())
  const found = async (text: string) =>
    (await get<RecordPageDto>(`/places/${stand.placeId}/entries?text=${encodeURIComponent(text)}`)).total // prettier-ignore
  for (const text of ['eddha', 'fe-eddha', 'fe eddha', 'Fe-EDDHA', 'FeEDDHA']) {
    expect(await found(text), text).toBe(1)
  }
  expect(await found('fe-dtpa')).toBe(0)
})
