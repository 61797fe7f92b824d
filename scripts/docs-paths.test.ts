import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { countMarks, marksLine } from './calibration/count-marks.ts'

const wings = readdirSync('core/src').map((wing) => `core/src/${wing}`)
/** Files are named from the root, or from their room on. */
const stands = (path: string): boolean =>
  ['.', ...wings].some((folder) => existsSync(`${folder}/${path}`))

describe('docs/sources.md', () => {
  const rows = readFileSync('docs/sources.md', 'utf8')
    .split('\n')
    .filter((line) => line.startsWith('| '))
    .map((line) => line.split('|').map((cell) => cell.trim()))
  const paths = rows.flatMap(([, , file = '']) =>
    [...file.matchAll(/`([^`]+\/[^`]+)`/g)].map(([, path = '']) => path),
  )

  it('names files that are there', () => {
    expect(paths.length).toBeGreaterThan(40)
    expect(paths.filter((path) => !stands(path))).toEqual([])
  })
})

describe('the marks of the data', () => {
  it('stand over every number, and are counted in docs/sources.md', async () => {
    const { counts, unmarked } = await countMarks()
    expect(unmarked).toEqual([])
    expect(readFileSync('docs/sources.md', 'utf8')).toContain(marksLine(counts))
  })
})
