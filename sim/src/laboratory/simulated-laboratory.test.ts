import 'reflect-metadata'
import type { SampleOrder } from '@spudder/contract/laboratory'
import { guessMap, readLaboratoryFile, RowReader } from '@spudder/core/seen/laboratory'
import { describe, expect, it } from 'vitest'
import { SimulatedLaboratory } from './index.ts'

const laboratory = new SimulatedLaboratory()
const order = (more: Partial<SampleOrder> = {}): SampleOrder => ({
  id: 'an order',
  standId: 'a stand',
  standName: 'Bowling green',
  context: 'turf',
  orderedOn: '2026-06-01',
  packets: ['soil', 'leaf', 'active-iron', 'water'],
  places: ['sick', 'healthy'],
  ...more,
})

function read(given: SampleOrder) {
  const file = readLaboratoryFile(laboratory.results(given))
  const map = { ...guessMap(file, laboratory.name), stands: { [given.standName]: 'a stand' } }
  return new RowReader(file, map, '2026-06-30').read(0, file.rows.length)
}
const valueOf = (given: SampleOrder, kind: string, place: string) =>
  read(given).readings.find((each) => each.kind === kind && each.place === place)?.value ?? 0

describe('the laboratory stand-in', () => {
  it('says that it is simulated, and takes five to nine days', () => {
    expect(laboratory.name).toMatch(/simulated/)
    const days = Array.from({ length: 40 }, (_, index) =>
      Number(laboratory.readyOn(order({ id: `order ${index}` })).slice(-2)),
    )
    expect(Math.min(...days)).toBe(6)
    expect(Math.max(...days)).toBe(10)
  })

  it('sends a file that is read without a word of help', () => {
    const { readings, errors } = read(order())
    expect(errors).toEqual([])
    const kinds = new Set(readings.map(({ kind }) => kind))
    for (const kind of ['pH', 'soilIron', 'activeIron', 'tissueMagnesium', 'hardness'] as const) {
      expect(kinds).toContain(kind)
    }
    expect(readings.find(({ kind }) => kind === 'ecSolution')?.value).toBeLessThan(5)
  })

  it('finds active iron low in the sick leaf, and total iron much the same', () => {
    const ratio = (kind: string) =>
      valueOf(order(), kind, 'sick') / valueOf(order(), kind, 'healthy')
    expect(ratio('activeIron')).toBeLessThan(0.8)
    expect(ratio('tissueIron')).toBeGreaterThan(0.75)
  })

  it('sends the same file twice, and others for other orders', () => {
    expect(laboratory.results(order())).toBe(laboratory.results(order()))
    expect(laboratory.results(order({ id: 'another' }))).not.toBe(laboratory.results(order()))
  })

  it('quotes a name that holds a comma', () => {
    const given = order({ standName: 'Lawn, south' })
    expect(read(given).readings.length).toBeGreaterThan(10)
  })
})
