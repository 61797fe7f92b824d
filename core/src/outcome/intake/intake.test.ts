import { describe, expect, it } from 'vitest'
import { guessIntake, readIntake, readIntakeTable, type IntakeKind } from './index.ts'

const known = {
  stands: [
    { id: 'lawn', name: 'North lawn', context: 'turf' },
    { id: 'oaks', name: 'Gate oaks', context: 'tree' },
    { id: 'one', name: 'Bed 1', context: 'shrub' },
    { id: 'other', name: 'Bed-1', context: 'shrub' },
  ],
  products: [{ id: 'bag', name: 'Crystals, 50 lb', sourceId: 'ferrous-sulfate' }],
  latest: '2026-11-30',
  dayOrder: 'dmy',
} as const

function read<Kind extends IntakeKind>(kind: Kind, csv: string) {
  const table = readIntakeTable(kind, csv)
  return readIntake(kind, table, { map: guessIntake(kind, table.header), known })
}

describe('a spreadsheet', () => {
  it('of stands becomes stands, each measured as its kind is', () => {
    const { rows, errors } = read(
      'stands',
      [
        'Name;Type;Species;Area;Trees;Trunk;Notes',
        'North lawn;Turf;Bermudagrass;0.25 acre;;;by the gate',
        'Oaks;tree;pin-oak;;12;12 in;',
      ].join('\n'),
    )
    expect(errors).toEqual([])
    expect(rows).toMatchObject([
      { line: 2, name: 'North lawn', plantId: 'bermudagrass', size: { kind: 'area' } },
      { line: 3, name: 'Oaks', context: 'tree', size: { kind: 'trunks', count: 12 } },
    ])
    expect(rows[0]?.size).toMatchObject({ areaM2: expect.closeTo(1011.7, 1) })
  })

  it('of past treatments knows products of the shelf before forms, and amounts in any unit', () => {
    const { rows, errors } = read(
      'treatments',
      'Stand,Date,Product,Amount,Water,Route,Lot\n' +
        'north lawn,31/5/2025,"Crystals, 50 lb",2 lb,100 gal,leaf,A-17\n' +
        'GATE OAKS,2025-06-01,Fe-EDDHA,1.5,,,\n',
    )
    expect(errors).toEqual([])
    expect(rows).toMatchObject([
      { standId: 'lawn', day: '2025-05-31', productId: 'bag', route: 'leaf', lot: 'A-17' },
      { standId: 'oaks', productId: null, sourceId: 'fe-eddha', productKg: 1.5, route: 'soil' },
    ])
    expect(rows[0]?.productKg).toBeCloseTo(0.90718, 4)
    expect(rows[0]?.waterL).toBeCloseTo(378.54, 1)
  })

  it('of readings and looks is read by the words of the field', () => {
    const readings = read('readings', 'Site,Date,Test,Result,Lab\nNorth lawn,1/6/2025,pH,"7,8",Downs\n') // prettier-ignore
    expect(readings.errors).toEqual([])
    expect(readings.rows).toMatchObject([
      { kind: 'pH', value: 7.8, method: 'laboratory', instrument: 'Downs' },
    ])
    const looks = read('looks', 'Stand,Date,Leaves,Severity\nNorth lawn,1/6/2025,the youngest leaves only,3\n') // prettier-ignore
    expect(looks.rows).toMatchObject([{ findings: { tier: 'youngest-only', severity: '3' } }])
  })

  it('is told by line and column what is wrong in it, and what to write instead', () => {
    const { errors } = read(
      'treatments',
      'Stand,Date,Product,Amount\nEast lawn,31/13/2025,Moss Gone,two bags\nNorth lawn,1/1/2031,Fe-EDDHA,-1\n',
    )
    expect(errors.map(({ line, column }) => `${line} ${column}`)).toEqual([
      '2 Stand',
      '2 Date',
      '2 Product',
      '2 Amount',
      '3 Date',
      '3 Amount',
    ])
    const said = errors.map(({ message }) => message).join(' | ')
    expect(said).toMatch(/“East lawn” is not known: give the name of a stand of this place/)
    expect(said).toMatch(/neither on the shelf nor a form/)
    expect(said).toMatch(/2031-01-01 is still to come/)
  })

  it('that could mean two stands is asked which, and takes the one that is called just so', () => {
    const csv = (name: string) => `Stand,Date,Test,Result\n${name},1/6/2025,pH,7\n`
    expect(read('readings', csv('bed 1')).errors[0]?.message).toMatch(/could be 2 of them/)
    expect(read('readings', csv('Bed-1')).rows).toMatchObject([{ standId: 'other' }])
  })

  it('of another kind is refused with the headings that it would have', () => {
    expect(() => readIntakeTable('readings', 'hello world')).toThrow(
      /Stand, Day, What was measured/,
    )
    const table = readIntakeTable('stands', 'Name,Type,Species\nA,turf,pin-oak\n')
    const { errors } = readIntake('stands', table, { map: guessIntake('stands', table.header), known }) // prettier-ignore
    expect(errors[0]?.message).toMatch(/does not grow as turf/)
  })
})
