import { describe, expect, it } from 'vitest'
import { CoreError } from '../../base/error/index.ts'
import { readingKindNames, readingKinds } from '../reading/index.ts'
import {
  columnUnits,
  fitsFile,
  guessMap,
  readLaboratoryFile,
  RowReader,
  sampleNames,
  type LaboratoryMap,
} from './index.ts'

const csv = [
  'Date,Sample,pH,Fe DTPA (ppm),NO3-N (lb/acre),Leaf N (g/kg),EC (µS/cm)',
  '2026-05-03,North lawn,7.8,3.1,20,31,1200',
  '2026-05-03,Pots,6.1,<0.4,,,900',
].join('\n')
const today = '2026-06-15'
const stands = { 'North lawn': 'a', Pots: 'b' }

function read(text: string, change: Partial<LaboratoryMap> = {}) {
  const file = readLaboratoryFile(text)
  const map = { ...guessMap(file, 'Downs laboratory'), stands, ...change }
  return new RowReader(file, map, today).read(0, Number.POSITIVE_INFINITY)
}

describe('a laboratory file', () => {
  it.each([[','], [';'], ['\t']])('is read whether %j parts its columns', (delimiter) => {
    const file = readLaboratoryFile(csv.replaceAll(',', delimiter))
    expect(file.header).toHaveLength(7)
    expect(file.rows).toHaveLength(2)
  })

  it('is refused without headings, without results, with one heading twice', () => {
    for (const bad of ['', 'pH', 'Date,pH', 'Date,pH,pH\n1,2,3']) {
      expect(() => readLaboratoryFile(bad)).toThrow(CoreError)
    }
  })

  it('keeps the lines of the file, whatever lines are empty', () => {
    expect(readLaboratoryFile('Date,pH\n\n2026-01-01,7\n\n').lines).toEqual([3])
  })
})

describe('what its columns hold', () => {
  const map = guessMap(readLaboratoryFile(csv), 'Downs laboratory')

  it('is guessed from heading and unit', () => {
    expect(map.dayColumn).toBe('Date')
    expect(map.sampleColumn).toBe('Sample')
    expect(map.columns.map(({ kind, unit }) => [kind, unit])).toEqual([
      ['pH', ''],
      ['soilIron', 'ppm'],
      ['nitrate', 'lb/acre'],
      ['tissueNitrogen', 'g/kg'],
      ['ecSolution', 'µS/cm'],
    ])
  })

  it('is remembered, and fits a file as long as every column is there', () => {
    expect(fitsFile(map, readLaboratoryFile(csv))).toBe(true)
    expect(fitsFile(map, readLaboratoryFile('Date,Sample,pH\n1,2,3'))).toBe(false)
    expect(sampleNames(map, readLaboratoryFile(csv))).toEqual(['North lawn', 'Pots'])
  })

  it('can be said in the unit kept, for every kind of reading', () => {
    for (const kind of readingKindNames) {
      const [first] = columnUnits(kind)
      expect(first).toMatchObject({ unit: readingKinds[kind].unit, times: 1 })
    }
  })
})

describe('days of a laboratory', () => {
  it('guess their own order', () => {
    const order = (text: string) =>
      guessMap(readLaboratoryFile(`Date,Sample,pH\n${text},a,7`), 'x').dayOrder
    expect([order('2026-05-03'), order('13/05/2026'), order('05/13/2026')]).toEqual([
      'ymd',
      'dmy',
      'mdy',
    ])
  })
})

describe('rows', () => {
  it('become readings in the unit kept, with the doubt of a detection limit', () => {
    const { readings, errors } = read(csv)
    expect(errors.map(({ message }) => message)).toEqual([
      expect.stringMatching(/the unit "lb\/acre" is not known/),
    ])
    const values = readings.map(({ standId, kind, value }) => [standId, kind, value])
    expect(values).toContainEqual(['a', 'tissueNitrogen', 3.1])
    expect(values).toContainEqual(['a', 'ecSolution', 1.2])
    expect(readings.find(({ line, kind }) => line === 3 && kind === 'soilIron')).toMatchObject({
      value: 0.2,
      doubt: 0.2,
      takenOn: '2026-05-03',
    })
  })

  it('read soil nitrate by the acre once they are said to be that', () => {
    const file = readLaboratoryFile(csv)
    const { columns } = guessMap(file, 'x')
    const { readings } = read(csv, {
      columns: columns.map((each) =>
        each.kind === 'nitrate' ? { ...each, kind: 'soilNitrate', unit: 'lb/acre' } : each,
      ),
    })
    expect(readings.find(({ kind }) => kind === 'soilNitrate')?.value).toBe(10)
  })

  it('read a decimal comma', () => {
    const { readings } = read('Date;Sample;pH\n03.05.2026;Pots;7,8')
    expect(readings[0]?.value).toBe(7.8)
  })

  it.each([
    ['2026-05-03,Pots,seven', 'pH', /give a number, not "seven"/],
    ['2026-05-03,Pots,15', 'pH', /can only be from 2.5 to 11/],
    ['2026-13-03,Pots,7', 'Date', /no day/],
    ['2027-01-01,Pots,7', 'Date', /not come yet/],
    ['2026-05-03,Barn,7', 'Sample', /which stand "Barn" is of/],
  ])('%s is named by line and column', (row, column, message) => {
    const { readings, errors } = read(`Date,Sample,pH\n2026-05-02,Pots,7\n${row}`)
    expect(readings).toHaveLength(1)
    expect(errors).toHaveLength(1)
    expect(errors[0]).toMatchObject({ line: 3, column })
    expect(errors[0]?.message).toMatch(message)
  })

  it('leave out a sample that is nobody’s here, and keep sick and healthy apart', () => {
    const text = 'Date,Sample,Patch,pH\n2026-05-02,Pots,sick,7\n2026-05-02,Barn,healthy,7'
    const { readings, errors } = read(text, { stands: { Pots: 'b', Barn: '' } })
    expect(errors).toEqual([])
    expect(readings.map(({ place }) => place)).toEqual(['sick'])
  })
})
