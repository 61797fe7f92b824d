import { describe, expect, it } from 'vitest'
import { CoreError } from '../../base/error/index.ts'
import { dayOrderIn, guessMap, readLaboratoryFile, RowReader } from './index.ts'

const today = '2027-01-01'

/** What a file amounts to once every sample of it is said to be of one stand. */
function read(text: string) {
  const file = readLaboratoryFile(text)
  const map = guessMap(file, 'x')
  const at = file.header.indexOf(map.sampleColumn)
  const stands = Object.fromEntries(file.rows.map((cells) => [cells[at] ?? '', 'a']))
  return { file, map, ...new RowReader(file, { ...map, stands }, today).read(0, 1e6) }
}

/** Files as laboratories send them, each of one sample taken on 28 November 2026 with pH 7.8. */
const files: readonly (readonly [string, string])[] = [
  ['plain', 'Date,Sample,pH\n2026-11-28,Lawn,7.8'],
  ['semicolons', 'Date;Sample;pH\n2026-11-28;Lawn;7.8'],
  ['semicolons and decimal commas', 'Date;Sample;pH\n28.11.2026;Lawn;7,8'],
  ['tabs', 'Date\tSample\tpH\n2026-11-28\tLawn\t7.8'],
  ['bars', 'Date|Sample|pH\n2026-11-28|Lawn|7.8'],
  ['everything quoted', '"Date","Sample","pH"\n"2026-11-28","Lawn","7.8"'],
  ['a comma in the name', 'Date,Sample,pH\n2026-11-28,"Lawn, north",7.8'],
  ['a quote in the name', 'Date,Sample,pH\n2026-11-28,"The ""old"" lawn",7.8'],
  ['a name over two lines', 'Date,Sample,pH\n2026-11-28,"Lawn\nnorth",7.8'],
  ['old line ends', 'Date,Sample,pH\r2026-11-28,Lawn,7.8\r'],
  ['line ends of another system', 'Date,Sample,pH\r\n2026-11-28,Lawn,7.8\r\n'],
  ['a mark of the byte order', '\uFEFFDate,Sample,pH\n2026-11-28,Lawn,7.8'],
  ['a line for spreadsheets', 'sep=;\nDate;Sample;pH\n2026-11-28;Lawn;7.8'],
  ['one line above', 'Downs laboratory\nDate,Sample,pH\n2026-11-28,Lawn,7.8'],
  ['three lines above', 'Downs laboratory\nOrder,1234\n\nDate,Sample,pH\n2026-11-28,Lawn,7.8'],
  [
    'a long address above',
    'Downs\n1 Mill Lane\nVennlow\nTel.,01\nFax,02\n\nDate,Sample,pH\n2026-11-28,Lawn,7.8',
  ],
  ['semicolons above and below', 'Downs;;\nOrder;1234;\nDate;Sample;pH\n28.11.2026;Lawn;7,8'],
  ['empty lines between', 'Date,Sample,pH\n\n2026-11-28,Lawn,7.8\n\n'],
  ['empty columns', 'Date,Sample,,pH,\n2026-11-28,Lawn,,7.8,'],
  ['spaces around', ' Date , Sample , pH \n 2026-11-28 , Lawn , 7.8 '],
  ['day first', 'Date,Sample,pH\n28/11/2026,Lawn,7.8'],
  ['month first', 'Date,Sample,pH\n11/28/2026,Lawn,7.8'],
  ['day first, short year', 'Date,Sample,pH\n28/11/26,Lawn,7.8'],
  ['dots', 'Date,Sample,pH\n28.11.2026,Lawn,7.8'],
  ['the month by name', 'Date,Sample,pH\n28 Nov 2026,Lawn,7.8'],
  ['the month by name first', 'Date,Sample,pH\n"November 28, 2026",Lawn,7.8'],
  ['dashes and a name', 'Date,Sample,pH\n28-Nov-26,Lawn,7.8'],
  ['an hour behind the day', 'Date,Sample,pH\n2026-11-28 14:30,Lawn,7.8'],
  ['an hour as machines write it', 'Date,Sample,pH\n2026-11-28T14:30:00Z,Lawn,7.8'],
  ['when it came in', "Rec'd,Sample,pH\n2026-11-28,Lawn,7.8"],
  ['when it came in, said whole', "Date Rec'd,Sample ID,pH\n2026-11-28,Lawn,7.8"],
  ['sampled before received', 'Received,Sampled,Sample ID,pH\n2026-12-01,2026-11-28,Lawn,7.8'],
  ['collected', 'Collected on,Field,pH\n2026-11-28,Lawn,7.8'],
  ['a sample by its number', 'Date,No.,pH\n2026-11-28,12,7.8'],
  ['day and sample alike', 'Sample date,Sample,pH\n2026-11-28,Lawn,7.8'],
  ['capitals', 'DATE,SAMPLE,PH\n2026-11-28,LAWN,7.8'],
  ['a unit behind the number', 'Date,Sample,pH,Leaf N (%)\n2026-11-28,Lawn,7.8,4.2%'],
  ['a comma between thousands', 'Date,Sample,pH,Ca Mehlich (ppm)\n2026-11-28,Lawn,7.8,"1,200"'],
  ['an apostrophe between thousands', "Date;Sample;pH;Ca Mehlich (ppm)\n2026-11-28;Lawn;7.8;1'200"],
  ['a point between thousands', 'Date;Sample;pH;Ca Mehlich (ppm)\n28.11.2026;Lawn;7,8;1.200'],
  ['below detection', 'Date,Sample,pH,Fe DTPA (ppm)\n2026-11-28,Lawn,7.8,<0.4'],
  ['not measured', 'Date,Sample,pH,Fe DTPA (ppm)\n2026-11-28,Lawn,7.8,n.d.'],
  ['not tested', 'Date,Sample,pH,Fe DTPA (ppm)\n2026-11-28,Lawn,7.8,Not tested'],
  ['other columns', 'Date,Sample,pH,Remark,Price\n2026-11-28,Lawn,7.8,fine,12 €'],
]

describe('files as laboratories send them', () => {
  it.each(files)('%s: read', (_, text) => {
    const { readings, errors } = read(text)
    expect(errors).toEqual([])
    const pH = readings.filter(({ kind }) => kind === 'pH')
    expect(pH).toHaveLength(1)
    expect(pH[0]).toMatchObject({ value: 7.8, takenOn: '2026-11-28' })
  })

  it('ask in which order days stand where both would do', () => {
    const { file, map } = read('Date,Sample,pH\n03/04/2026,Lawn,7.8')
    expect(dayOrderIn(file, map.dayColumn).isSure).toBe(false)
  })

  it.each([
    ['a number in words', '2026-11-28,Lawn,seven', /give a number, not "seven"/],
    [
      'a number with a comma among points',
      '2026-11-28,Lawn,"7,8"\n2026-11-28,Lawn,7.1',
      /give a number, not "7,8"/,
    ],
    ['two numbers', '2026-11-28,Lawn,7.1-7.4', /give a number/],
    [
      'a unit that is not of the column',
      '2026-11-28,Lawn,7.8 ppm',
      /stands in a column in no unit/,
    ],
    ['more than a limit', '2026-11-28,Lawn,>7', /give a number/],
    ['no day', 'yesterday,Lawn,7.8', /"yesterday" is no day/],
    ['a day that was never', '2026-02-30,Lawn,7.8', /is no day/],
    ['out of reason', '2026-11-28,Lawn,78', /can only be from/],
  ])('%s: questioned with line and column', (_, row, message) => {
    const { errors } = read(`Date,Sample,pH\n${row}`)
    expect(errors).toHaveLength(1)
    expect(errors[0]?.line).toBe(2)
    expect(errors[0]?.message).toMatch(message)
  })

  it.each([
    ['nothing', ''],
    ['a letter', 'Dear Marla,\nthe results will follow.'],
    ['headings alone', 'Date,Sample,pH'],
    ['a page', '<!doctype html><html></html>'],
    ['one heading twice', 'Date,Sample,pH,pH\n2026-11-28,Lawn,7,8'],
    ['a quote that is never closed', `Date,Sample,pH\n"${'2026-11-28,Lawn,7.8\n'.repeat(700)}`],
  ])('%s: refused with what a file looks like', (_, text) => {
    // The file as a whole, or every row of it; never a reading out of it.
    const isRefused = () => {
      try {
        const { readings, errors } = read(text)
        return readings.length === 0 && errors.length > 0
      } catch (error) {
        return error instanceof CoreError
      }
    }
    expect(isRefused()).toBe(true)
  })
})
