import { readingKindNames, type ReadingKind } from '../reading/index.ts'
import { columnUnits, headings } from './data/columns.ts'
import type { DayOrder, LaboratoryMap, ResultColumn } from './laboratory-map.ts'
import type { LaboratoryFile } from './read-csv.ts'

const wordsOf = (heading: string): readonly string[] =>
  heading
    .toLowerCase()
    .split(/[\s,_()[\]-]+/)
    .filter((word) => word !== '')

const plain = (unit: string): string =>
  unit
    .toLowerCase()
    .replace(/[\s()[\]]/g, '')
    .replace(/μ/g, 'µ')
    .replace(/^us\/cm$/, 'µs/cm')

/** Every unit that any kind is printed in: what stands in brackets may also be a method. */
const everyUnit = new Set(
  readingKindNames.flatMap((kind) => columnUnits(kind).map(({ unit }) => plain(unit))),
)

/**
 * The unit printed in a heading; the one that we keep where none is. A unit that does not fit the
 * kind stays as it is printed, so that it is asked about rather than taken for ours.
 */
function unitIn(heading: string, kind: ReadingKind): string {
  const units = columnUnits(kind)
  const inBrackets = /[([]([^)\]]+)[)\]]/.exec(heading)?.[1] ?? ''
  const printed = [inBrackets, heading.split(/[\s,_]+/).at(-1) ?? '']
  const found = units.find(({ unit }) => unit !== '' && printed.map(plain).includes(plain(unit)))
  const other = printed.find((each) => each !== '' && everyUnit.has(plain(each)))
  return found?.unit ?? other ?? units[0]?.unit ?? ''
}

function resultColumn(heading: string): ResultColumn | undefined {
  const words = wordsOf(heading)
  const [, kind] = headings.find(([all]) => all.every((word) => words.includes(word))) ?? []
  return kind && { column: heading, kind, unit: unitIn(heading, kind) }
}

/** In which order the days of a column can be read, the international one first. */
function dayOrderOf(cells: readonly string[]): DayOrder {
  const parts = cells.map((cell) => cell.split(/[^0-9]+/).map(Number))
  if (parts.some(([first = 0]) => first > 31)) return 'ymd'
  return parts.some(([, second = 0]) => second > 12) ? 'mdy' : 'dmy'
}

const named = (header: readonly string[], ...names: readonly string[]): string =>
  header.find((heading) => wordsOf(heading).some((word) => names.includes(word))) ?? ''

/** What a file's columns are likely to hold, for the person to check. */
export function guessMap(file: LaboratoryFile, laboratory: string): LaboratoryMap {
  const { header, rows } = file
  const dayColumn = named(header, 'date', 'sampled', 'day', 'datum')
  const sampleColumn = named(header, 'sample', 'name', 'id', 'field', 'stand')
  const placeColumn = named(header, 'place', 'patch', 'condition')
  const at = header.indexOf(dayColumn)
  const days = rows.map((cells) => cells[at] ?? '').filter((cell) => cell !== '')
  const taken = new Set([dayColumn, sampleColumn, placeColumn])
  return {
    laboratory,
    dayColumn,
    dayOrder: dayOrderOf(days),
    sampleColumn,
    placeColumn,
    columns: header
      .filter((heading) => heading !== '' && !taken.has(heading))
      .map(resultColumn)
      .filter((column) => column !== undefined),
    stands: {},
  }
}

/** Whether a remembered map fits a file: every column it names is there. */
export function fitsFile(map: LaboratoryMap, { header }: LaboratoryFile): boolean {
  const columns = [map.dayColumn, map.sampleColumn, ...map.columns.map(({ column }) => column)]
  return columns.every((column) => header.includes(column))
}

/** The sample names of a file, in the order in which they come. */
export function sampleNames(
  map: LaboratoryMap,
  { header, rows }: LaboratoryFile,
): readonly string[] {
  const at = header.indexOf(map.sampleColumn)
  return [...new Set(rows.map((cells) => cells[at] ?? '').filter((name) => name !== ''))]
}
