import fc from 'fast-check'
import Papa from 'papaparse'
import { describe, expect, it } from 'vitest'
import { CoreError } from '../error/index.ts'
import { formulaAttacks, isFormula } from './tests/formula-attacks.ts'
import {
  decodeText,
  guessDayOrder,
  numberMarksIn,
  readBack,
  readDay,
  readNumber,
  readTable,
  writeTable,
} from './index.ts'

const options = {
  knows: (cell: string) => /^(date|pH|name)$/i.test(cell),
  parameter: 'file',
  example: 'a table',
  mostRows: 50,
}
const read = (text: string) => readTable(text, options)

describe('readTable', () => {
  it.each([
    ['commas', 'Date,pH\n1,7\n'],
    ['semicolons', 'Date;pH\r\n1;7\r\n'],
    ['tabs and old line ends', 'Date\tpH\r1\t7'],
    ['bars', 'Date|pH\n1|7'],
    ['a mark of the byte order', '\uFEFFDate,pH\n1,7'],
    ['a line for spreadsheets', 'sep=;\nDate;pH\n1;7'],
    ['empty lines', '\n\nDate,pH\n\n , \n1,7\n\n'],
    ['quotes and spaces', '"Date" , "pH"\n "1",7'.replace(' ,', ',').replace(', ', ',')],
  ])('reads %s', (_, text) => {
    const { header, rows } = read(text)
    expect(header).toEqual(['Date', 'pH'])
    expect(rows[0]?.[1]).toBe('7')
  })

  it('finds the headings below what stands above them, and keeps the lines of the file', () => {
    const { header, rows, lines, above } = read('Downs, Ltd\nOrder 12\n\nDate,pH\n"a\nb",7\nc,8')
    expect(header).toEqual(['Date', 'pH'])
    expect(above).toEqual([['Downs', 'Ltd'], ['Order 12']])
    expect(rows).toEqual([
      ['a\nb', '7'],
      ['c', '8'],
    ])
    expect(lines).toEqual([5, 7])
  })

  it.each([
    ['', /no headings/],
    ['pH', /no headings/],
    ['Date,pH', /none/],
    ['Date,pH,pH\n1,2,3', /"pH" twice/],
    [`Date,pH\n${'1,7\n'.repeat(51)}`, /51/],
    [`Date,pH\n1,"7${'\n1,7'.repeat(600)}`, /opens on line 2/],
  ])('refuses %j with what it got', (text, received) => {
    expect(() => read(text)).toThrow(CoreError)
    expect(() => read(text)).toThrow(received)
  })

  it('reads a file of nothing but quotes to its end', () => {
    expect(() => read('"'.repeat(2_000_000))).toThrow(CoreError)
  })

  it('agrees with another parser on whatever is quoted', () => {
    const cell = fc.string({ maxLength: 12 }).map((text) => text.replace(/[\0\r]/g, ''))
    fc.assert(
      fc.property(fc.array(fc.tuple(cell, cell), { minLength: 1, maxLength: 6 }), (cells) => {
        const text = Papa.unparse([['Date', 'pH'], ...cells], { quotes: true })
        const trimmed = cells.map((row) => row.map((each) => each.trim()))
        const { rows } = readTable(`${text}\nend,end`, options)
        expect(rows).toEqual([
          ...trimmed.filter((row) => row.some((each) => each !== '')),
          ['end', 'end'],
        ])
      }),
    )
  })
})

describe('numbers of a file', () => {
  const marks = (cells: readonly string[], delimiter = ';') =>
    read(`Date${delimiter}pH\n${cells.map((cell) => `a${delimiter}"${cell}"`).join('\n')}`)

  it.each([
    [['7,8'], ';', true],
    [['7.8', '1,200'], ';', false],
    [['1,200'], ',', false],
    [['1,200'], ';', true],
    [['0,125'], ',', true],
    [['1.250', '3,5'], ';', true],
    [['12'], ';', false],
  ] as const)('%j between %j: a decimal comma %s', (cells, delimiter, isComma) => {
    const table = marks(cells, delimiter)
    expect(numberMarksIn(table, ['pH']).hasDecimalComma).toBe(isComma)
    expect(numberMarksIn(table, ['Date']).hasDecimalComma).toBe(false)
  })

  it.each([
    ['7.8', false, { value: 7.8, isBelow: false, suffix: '' }],
    ['1,200.5', false, { value: 1200.5, isBelow: false, suffix: '' }],
    ['1.200,5', true, { value: 1200.5, isBelow: false, suffix: '' }],
    ["1'200", false, { value: 1200, isBelow: false, suffix: '' }],
    ['< 0.4', false, { value: 0.4, isBelow: true, suffix: '' }],
    ['4.2%', false, { value: 4.2, isBelow: false, suffix: '%' }],
    ['12 ppm', false, { value: 12, isBelow: false, suffix: 'ppm' }],
    ['−3', false, { value: -3, isBelow: false, suffix: '' }],
    ['1e-3', false, { value: 0.001, isBelow: false, suffix: '' }],
    ['7,8', false, undefined],
    ['seven', false, undefined],
    ['1-2', false, undefined],
    ['', false, undefined],
  ])('%j with a decimal comma %s', (cell, hasDecimalComma, number) => {
    expect(readNumber(cell, { hasDecimalComma })).toEqual(number)
  })
})

describe('days of a file', () => {
  it.each([
    ['2026-05-03', 'dmy', '2026-05-03'],
    ['3.5.2026', 'dmy', '2026-05-03'],
    ['05/03/26', 'mdy', '2026-05-03'],
    ['28/11/2026 14:00', 'dmy', '2026-11-28'],
    ['28 Nov 2026', 'mdy', '2026-11-28'],
    ['Nov 28, 2026', 'dmy', '2026-11-28'],
    ['2026 November 28', 'dmy', '2026-11-28'],
    ['31/02/2026', 'dmy', undefined],
    ['soon', 'ymd', undefined],
    ['', 'ymd', undefined],
  ] as const)('%s in order %s is %s', (text, order, day) => {
    expect(readDay(text, order)).toBe(day)
  })

  it('tell their order where one of them leaves no other, and say when none does', () => {
    expect(guessDayOrder(['2026-05-03'])).toEqual({ order: 'ymd', isSure: true })
    expect(guessDayOrder(['03/05/2026', '13/05/2026'])).toEqual({ order: 'dmy', isSure: true })
    expect(guessDayOrder(['05/13/2026'])).toEqual({ order: 'mdy', isSure: true })
    expect(guessDayOrder(['3 May 2026'])).toEqual({ order: 'dmy', isSure: true })
    expect(guessDayOrder(['03/05/2026']).isSure).toBe(false)
  })
})

describe('the text of a file', () => {
  const text = 'Date,pH (µS)\n1,7'
  const utf16 = (isLittle: boolean) => {
    const bytes = new Uint8Array(text.length * 2)
    const view = new DataView(bytes.buffer)
    ;[...text].forEach((letter, index) => view.setUint16(index * 2, letter.charCodeAt(0), isLittle))
    return bytes
  }
  const latin = Uint8Array.from([...text].map((letter) => letter.charCodeAt(0)))

  it.each([
    ['UTF-8', new TextEncoder().encode(text)],
    ['UTF-16, little end first', utf16(true)],
    ['UTF-16, big end first', utf16(false)],
    ['UTF-16 with its mark', Uint8Array.from([0xff, 0xfe, ...utf16(true)])],
    ['the western code page', latin],
  ])('is read from %s', (_, bytes) => {
    expect(decodeText(bytes)).toBe(text)
  })
})

describe('writeTable', () => {
  it.each(formulaAttacks)(
    'leaves %j no formula, whatever parts the columns, and it reads back',
    (attack) => {
      const text = writeTable(['name'], [[attack]])
      for (const delimiter of [',', ';', '\t', '|']) {
        const { data } = Papa.parse<string[]>(text, { delimiter })
        expect(data.flat().filter(isFormula)).toEqual([])
      }
      const [, [cell = ''] = []] = Papa.parse<string[]>(text, { delimiter: ',' }).data
      expect(readBack(cell)).toBe(attack.replaceAll('\0', ''))
    },
  )

  it('is read back by another parser as it was: text, figures, yes and nothing', () => {
    const cell = fc
      .string({ unit: 'binary', maxLength: 20 })
      .map((text) => text.replaceAll('\0', ''))
    fc.assert(
      fc.property(cell, fc.double({ noNaN: true, noDefaultInfinity: true }), (text, figure) => {
        const written = writeTable(['t', 'n', 'b', 'u'], [[text, figure, true, undefined]])
        const [, row = []] = Papa.parse<string[]>(written, { delimiter: ',' }).data
        expect(readBack(row[0] ?? '')).toBe(text)
        expect(Number(row[1])).toBeCloseTo(figure, 12)
        expect(row.slice(2)).toEqual(['yes', ''])
      }),
    )
  })
})
