import type { RecordPageDto } from '@spudder/contract/entry'
import type { HistoryPageDto } from '@spudder/contract/history'
import type { IntakeDto } from '@spudder/contract/intake'
import type { StandNameDto } from '@spudder/contract/stand'
import { describe, expect, it } from 'vitest'
import { get, newId, newPlace, newStand, post, refused, storyOf } from '../tests/test-estate.ts'

const treatments = (rows: readonly string[]) => ({
  id: newId(),
  kind: 'treatments',
  fileName: 'old-book.csv',
  csv: `Stand,Date,Product,Amount,Worker\n${rows.join('\n')}\n`,
  map: { stand: 'Stand', day: 'Date', product: 'Product', amount: 'Amount', worker: 'Worker' },
  dayOrder: 'ymd',
})

describe('a spreadsheet', () => {
  it('of ten thousand past treatments comes in whole, each with the line it came from', async () => {
    const stand = await newStand()
    const rows = Array.from({ length: 10_000 }, (_, at) => {
      const day = new Date(Date.UTC(2015, 0, 1 + (at % 3600))).toISOString().slice(0, 10)
      return `${stand.name},${day},Ferrous sulfate,${1 + (at % 7)} kg,Ines`
    })
    const body = treatments(rows)
    const path = `/places/${stand.placeId}/intakes`
    expect(await post<IntakeDto>(path, body)).toEqual({ kind: 'treatments', count: 10_000 })
    const record = await get<RecordPageDto>(`/places/${stand.placeId}/entries?limit=1`)
    expect(record.total).toBe(10_000)
    const [line] = record.lines
    expect(line?.entry.imported?.file).toBe('old-book.csv')
    const { lines } = await get<HistoryPageDto>(
      `/places/${stand.placeId}/history?kind=entry&limit=5`,
    )
    expect(lines[0]?.came).toMatch(/^from old-book\.csv, line \d+$/)
    // Sent again after a lost answer it is not there twice.
    const { detail } = await refused('post', path, body, 409)
    expect(detail).toMatch(/taken in already/)
  })

  it('with one cell that cannot be read is refused by line and column, and nothing of it is stored', async () => {
    const stand = await newStand()
    const rows = Array.from({ length: 300 }, () => `${stand.name},2024-05-01,Fe-EDDHA,1 kg,Ines`)
    rows[216] = `${stand.name},2024-05-01,Fe-EDDHA,a bag,Ines`
    const path = `/places/${stand.placeId}/intakes`
    const { fields, detail } = await refused('post', path, treatments(rows), 400)
    expect(fields[0]?.field).toBe('csv line 218, Amount')
    expect(detail).toMatch(/nothing was stored/)
    const { total } = await get<RecordPageDto>(`/places/${stand.placeId}/entries`)
    expect(total).toBe(0)
  })

  it('of stands, readings and looks brings them in, looks with a case of their own', async () => {
    const { id } = await newPlace()
    const path = `/places/${id}/intakes`
    const common = { fileName: 'farm.csv', dayOrder: 'ymd' }
    await post(path, {
      ...common,
      id: newId(),
      kind: 'stands',
      csv: 'Name,Type,Species,Area\nBrow,turf,Bermudagrass,900 m2\nDell,turf,Bermudagrass,100 m2\n',
      map: { name: 'Name', kind: 'Type', plant: 'Species', area: 'Area' },
    })
    const names = await get<StandNameDto[]>(`/places/${id}/stands`)
    expect(names.map(({ name }) => name)).toEqual(['Brow', 'Dell'])
    await post(path, {
      ...common,
      id: newId(),
      kind: 'readings',
      csv: 'Stand,Date,Test,Result\nBrow,2025-05-01,pH,8.1\n',
      map: { stand: 'Stand', day: 'Date', kind: 'Test', value: 'Result' },
    })
    await post(path, {
      ...common,
      id: newId(),
      kind: 'looks',
      csv: 'Stand,Date,Leaves\nBrow,2025-06-01,youngest-only\nBrow,2025-05-01,all\n',
      map: { stand: 'Stand', day: 'Date', tier: 'Leaves' },
    })
    const { readings, looks, cases } = await storyOf(names[0]?.id ?? '')
    expect(readings).toMatchObject([
      { value: 8.1, came: { how: 'imported', file: 'farm.csv', line: 2 } },
    ])
    expect(looks.map(({ lookedOn }) => lookedOn)).toEqual(['2025-05-01', '2025-06-01'])
    expect(cases).toMatchObject([{ openedOn: '2025-05-01', closedOn: null }])
  })
})
