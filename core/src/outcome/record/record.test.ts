import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { formulaAttacks, isFormula } from '../../base/table/tests/formula-attacks.ts'
import { costByStand, recordCsv, type RecordRow } from './index.ts'

const row: RecordRow = {
  id: 'e1',
  day: '2027-03-28',
  startedAt: '02:30',
  endedAt: '03:10',
  stand: 'Green, "old" half',
  groundM2: 1444,
  product: 'Crystals',
  source: 'Ferrous sulfate',
  route: 'leaf',
  lot: '=1+1',
  plannedKg: 2.5,
  usedKg: 20 * 0.45359237,
  waterL: 100,
  waterSource: 'borehole',
  partners: 'Urea, 4 oz',
  equipment: 'Boom',
  licence: '',
  worker: 'Ines',
  temperatureC: -2.5,
  windMPerS: 2,
  humidityPercent: 80,
  rainAfterMm: undefined,
  weatherSource: 'station',
  reEntryH: 12,
  note: 'two\nlines; ümlaut',
  recordedBy: 'Marla',
  recordedAt: '2027-03-28T08:00:00.000Z',
  correctsId: '',
  reason: '',
  isCorrected: true,
  isStruck: false,
  importedFrom: '',
}

describe('recordCsv', () => {
  const read = (text: string) => Papa.parse<Record<string, string>>(text, { header: true })

  it('reads back as it was, with commas, quotes, lines and every digit', () => {
    const { data, errors } = read(recordCsv([row, { ...row, id: 'e2' }]))
    expect(errors).toEqual([])
    expect(data).toHaveLength(2)
    const [first] = data
    expect(first).toMatchObject({
      Day: '2027-03-28',
      Start: '02:30',
      Stand: 'Green, "old" half',
      Note: 'two\nlines; ümlaut',
      'Corrected by a later line': 'yes',
      'Rain in 6 h after (mm)': '',
    })
    expect(Number(first?.['Used (kg)'])).toBe(row.usedKg)
    expect(Number(first?.['Air (C)'])).toBe(-2.5)
  })

  it('hands no formula to a spreadsheet, and has its heads even where nothing was done', () => {
    expect(read(recordCsv([row])).data[0]?.['Lot']).toBe("'=1+1")
    expect(recordCsv([])).toMatch(/^Day,Start,End,Stand/)
  })

  it('hands out no formula from any of its texts, whatever parts the columns', () => {
    const texts = Object.entries(row).flatMap(([name, value]) =>
      typeof value === 'string' ? [name] : [],
    )
    expect(texts.length).toBeGreaterThan(15)
    for (const attack of formulaAttacks) {
      const all = { ...row, ...Object.fromEntries(texts.map((name) => [name, attack])) }
      for (const delimiter of [',', ';', '\t', '|']) {
        const cells = Papa.parse<string[]>(recordCsv([all]), { delimiter }).data.flat()
        // Temperatures below zero are figures, written by us.
        expect(cells.filter((cell) => isFormula(cell) && !/^-\d/.test(cell))).toEqual([])
      }
    }
  })
})

it('costByStand sums by stand, the dearest first, and counts what has no price', () => {
  const use = (stand: string, productId: string | undefined, usedKg: number) => ({
    stand,
    productId,
    usedKg,
  })
  const sums = costByStand(
    [use('A', 'p', 2), use('B', 'p', 5), use('A', undefined, 3), use('A', 'q', 1)],
    (id) => (id === 'p' ? 10 : undefined),
  )
  expect(sums).toEqual([
    { stand: 'B', money: 50, unpriced: 0 },
    { stand: 'A', money: 20, unpriced: 2 },
  ])
})
