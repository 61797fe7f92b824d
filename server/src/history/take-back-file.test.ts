import type { RecordPageDto } from '@spudder/contract/entry'
import type { EstateStandDto } from '@spudder/contract/stand'
import type { TakenBackDto } from '@spudder/contract/history'
import { describe, expect, it } from 'vitest'
import {
  get,
  newId,
  newStand,
  post,
  productBody,
  readingBody,
  refused,
  storyOf,
} from '../tests/test-estate.ts'
import { historyOf, takeBack } from './tests/history-api.ts'

/** A file with rows of one kind, brought to a place. */
const bring = (placeId: string, kind: string, csv: string, map: object) =>
  post(`/places/${placeId}/intakes`, {
    id: newId(),
    kind,
    fileName: `${kind}.csv`,
    csv,
    map,
    dayOrder: 'ymd',
  })
const back = (placeId: string, kind: string, id: string) =>
  post<TakenBackDto>(`/places/${placeId}/files-taken-back`, { kind, id, reason: 'Another farm.' })
/** The line of the history that tells of something a file brought. */
const cameBy = async (placeId: string, kind: string) => {
  const { lines } = await historyOf(placeId, `?kind=${kind}&act=stored`)
  const line = lines.find(({ file }) => file !== null)
  if (!line) throw new Error(`no ${kind} of a file`)
  return line
}

describe('a file taken in by mistake', () => {
  it('of readings goes out whole, what was typed stays, and all of it comes back', async () => {
    const { id, placeId, name } = await newStand()
    await post(`/stands/${id}/readings`, readingBody(6.1))
    const rows = [7.1, 7.2, 7.3].map((value) => `${name},2025-05-02,pH,${value}`)
    const map = { stand: 'Stand', day: 'Date', kind: 'Test', value: 'Result' }
    await bring(placeId, 'readings', `Stand,Date,Test,Result\n${rows.join('\n')}\n`, map)
    const line = await cameBy(placeId, 'reading')
    expect(line.file).toBe('readings.csv')
    expect(await back(placeId, 'reading', line.rowId)).toEqual({ count: 3 })
    expect((await storyOf(id)).readings).toMatchObject([{ value: 6.1 }])
    // Said again it finds nothing more to do.
    expect(await back(placeId, 'reading', line.rowId)).toEqual({ count: 0 })
    const { lines } = await historyOf(placeId, '?kind=reading&act=struck')
    expect(lines.map(({ reason }) => reason)).toEqual(Array(3).fill('Another farm.'))
    await takeBack(placeId, lines[0]?.groupId ?? '')
    expect((await storyOf(id)).readings).toHaveLength(4)
  })

  it('of treatments is struck line by line, gives the shelf nothing that it never took, and drops its jobs', async () => {
    const { id, placeId, name } = await newStand()
    const bag = productBody()
    const { id: productId } = await post<{ id: string }>(`/places/${placeId}/products`, bag)
    const rows = [1, 2].map((kg) => `${name},2024-05-0${kg},"${bag.name}",${kg} kg,Ines`)
    const map = { stand: 'Stand', day: 'Date', product: 'Product', amount: 'Amount', worker: 'Who' }
    await bring(placeId, 'treatments', `Stand,Date,Product,Amount,Who\n${rows.join('\n')}\n`, map)
    const record = await get<RecordPageDto>(`/places/${placeId}/entries`)
    const [first] = record.lines
    expect(first?.entry).toMatchObject({ productId, isStruck: false })
    // One of them was put right before anybody saw that the file was wrong.
    const right = { ...first?.entry, id: newId(), productKg: 5, reason: 'Weighed again.' }
    const { happenedOn, productKg, waterL, note, reason } = right
    await post(`/entries/${first?.entry.id}/corrections`, { id: right.id, happenedOn, productKg, waterL, note, reason }) // prettier-ignore
    const line = await cameBy(placeId, 'entry')
    expect(await back(placeId, 'entry', line.rowId)).toEqual({ count: 2 })
    const { entries, jobs } = await storyOf(id)
    const corrected = new Set(entries.map(({ correctsId }) => correctsId))
    const standing = entries.filter((each) => !each.isStruck && !corrected.has(each.id))
    expect(standing).toEqual([])
    expect(jobs.every(({ status }) => status === 'dropped')).toBe(true)
    const products = await get<{ id: string; stockKg: number }[]>(`/places/${placeId}/products`)
    expect(products.find((each) => each.id === productId)?.stockKg).toBe(bag.stockKg)
  })

  it('of stands puts them away; what came in by no file is not taken for one', async () => {
    const { placeId } = await newStand()
    const csv =
      'Name,Type,Species,Area\nBrow,turf,Bermudagrass,900 m2\nDell,turf,Bermudagrass,9 m2\n'
    await bring(placeId, 'stands', csv, { name: 'Name', kind: 'Type', plant: 'Species', area: 'Area' }) // prettier-ignore
    const line = await cameBy(placeId, 'stand')
    await back(placeId, 'stand', line.rowId)
    const list = await get<EstateStandDto[]>(`/places/${placeId}/estate/stands?from=2025-01-01`)
    expect(list).toHaveLength(1)
    const [typed] = list
    const wrong = { kind: 'stand', id: typed?.stand.id, reason: 'no' }
    const { detail } = await refused('post', `/places/${placeId}/files-taken-back`, wrong, 404)
    expect(detail).toMatch(/did not come in with a file/)
    const elsewhere = (await newStand()).placeId
    const other = { ...wrong, id: line.rowId }
    await refused('post', `/places/${elsewhere}/files-taken-back`, other, 404)
  })
})
