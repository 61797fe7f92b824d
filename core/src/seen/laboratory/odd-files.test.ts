import { describe, expect, it } from 'vitest'
import { CoreError } from '../../base/error/index.ts'
import { noLaboratoryFiles, oddLaboratoryFiles } from './tests/odd-laboratory-files.ts'
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

describe('files as laboratories send them', () => {
  it.each(oddLaboratoryFiles)('%s: read', (_, text) => {
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

  it.each(noLaboratoryFiles)('%s: refused with what a file looks like', (_, text) => {
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
