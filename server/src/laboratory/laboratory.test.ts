import type {
  ImportDto,
  LaboratoryOrderDto,
  LaboratoryResultDto,
} from '@spudder/contract/laboratory'
import type { PlaceDto } from '@spudder/contract/place'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { guessMap, readLaboratoryFile } from '@spudder/core/seen/laboratory'
import { describe, expect, it } from 'vitest'
import {
  api,
  get,
  newId,
  newStand,
  post,
  practiseAt,
  refused,
  storyOf,
} from '../tests/test-estate.ts'

const today = dateToDay(new Date())

function importOf(csv: string, stands: Record<string, string>) {
  const map = { ...guessMap(readLaboratoryFile(csv), 'Downs'), stands }
  return { id: newId(), fileName: 'may.csv', csv, map }
}

describe('a laboratory file', () => {
  it('becomes readings of its stands, and its columns are remembered', async () => {
    const { id, placeId } = await newStand()
    const csv = 'Date,Sample,Patch,pH,Fe DTPA (ppm)\n2025-05-02,Lawn,sick,7.9,<1\n'
    const body = importOf(csv, { Lawn: id })
    const stored = await post<ImportDto>(`/places/${placeId}/laboratory-imports`, body)
    expect(stored.readingCount).toBe(2)
    const { readings } = await storyOf(id)
    expect(readings.find(({ kind }) => kind === 'soilIron')).toMatchObject({
      value: 0.5,
      doubt: 0.5,
      place: 'sick',
      method: 'laboratory',
      instrument: 'Downs',
    })
    const places = await get<PlaceDto[]>('/places')
    const place = places.find((each) => each.id === placeId)
    expect(place?.settings.laboratories).toEqual([body.map])
  })

  it('with one broken cell is not stored at all; line and column are named', async () => {
    const { id, placeId } = await newStand()
    const csv = 'Date,Sample,pH\n2025-05-02,Lawn,7.9\n2025-05-03,Lawn,seven\n'
    const path = `/places/${placeId}/laboratory-imports`
    const problem = await refused('post', path, importOf(csv, { Lawn: id }), 400)
    expect(problem.detail).toMatch(/Line 3, pH: pH: give a number, not "seven"/)
    expect((await storyOf(id)).readings).toEqual([])
  })

  it('of 5,000 rows is stored whole, once, however often it is sent', async () => {
    const { id, placeId } = await newStand()
    const lines = Array.from(
      { length: 5000 },
      (_, index) => `${addDays('2010-01-01', index)},Lawn,${(6 + (index % 20) / 10).toFixed(1)}`,
    )
    const body = importOf(`Date,Sample,pH\n${lines.join('\n')}\n`, { Lawn: id })
    const path = `/places/${placeId}/laboratory-imports`
    const [first, again] = [await post<ImportDto>(path, body), await post<ImportDto>(path, body)]
    expect(again).toEqual(first)
    expect((await storyOf(id)).readings).toHaveLength(5000)
  })

  it('cannot write to a stand of another place', async () => {
    const [{ placeId }, other] = [await newStand(), await newStand()]
    const csv = 'Date,Sample,pH\n2025-05-02,Lawn,7.9\n'
    const path = `/places/${placeId}/laboratory-imports`
    await refused('post', path, importOf(csv, { Lawn: other.id }), 400)
    expect((await storyOf(other.id)).readings).toEqual([])
  })
})

describe('samples sent to the laboratory', () => {
  const order = (orderedOn: string) => ({
    id: newId(),
    orderedOn,
    packets: ['soil', 'leaf', 'active-iron'],
    places: ['sick', 'healthy'],
  })

  it('come back after their days as a file that can be read in', async () => {
    const stand = await newStand()
    const body = order(addDays(today, -10))
    // The laboratory that ships with this makes its results up: nobody meets it unasked.
    const off = await refused('post', `/stands/${stand.id}/laboratory-orders`, body, 409)
    expect(off.code).toBe('practice-off')
    await practiseAt(stand.placeId)
    const stored = await post<LaboratoryOrderDto>(`/stands/${stand.id}/laboratory-orders`, body)
    expect(stored).toMatchObject({ isReady: true })
    expect(stored.laboratory).toMatch(/simulated/)
    const path = `/laboratory-orders/${stored.id}/results`
    const { csv, fileName } = await get<LaboratoryResultDto>(path)
    const map = {
      ...guessMap(readLaboratoryFile(csv), 'Downs'),
      stands: { [stand.name]: stand.id },
    }
    const sent = { id: newId(), fileName, csv, map }
    const { readingCount } = await post<ImportDto>(
      `/places/${stand.placeId}/laboratory-imports`,
      sent,
    )
    expect(readingCount).toBeGreaterThan(25)
    const { readings } = await storyOf(stand.id)
    expect(new Set(readings.map(({ place }) => place))).toEqual(new Set(['sick', 'healthy']))
    expect(await get<LaboratoryOrderDto[]>(`/stands/${stand.id}/laboratory-orders`)).toEqual([
      stored,
    ])
  })

  it('are waited for until then', async () => {
    const { id, placeId } = await newStand()
    await practiseAt(placeId)
    const stored = await post<LaboratoryOrderDto>(`/stands/${id}/laboratory-orders`, order(today))
    expect(stored.isReady).toBe(false)
    const { status, body } = await api.get(`/api/laboratory-orders/${stored.id}/results`)
    expect(status).toBe(409)
    expect((body as { detail: string }).detail).toContain(stored.readyOn)
  })
})
