import { guessDayOrder, type GuessedDayOrder } from '../../base/table/index.ts'
import { nameWords, resultColumn, wordsOf } from './known-headings.ts'
import type { LaboratoryMap } from './laboratory-map.ts'
import type { LaboratoryFile } from './read-csv.ts'

/** The first heading that has the likeliest of some words. */
const named = (header: readonly string[], words: readonly string[]): string =>
  words
    .map((word) => header.find((heading) => wordsOf(heading).includes(word)))
    .find((heading) => heading !== undefined) ?? ''

/** In which order the days of a file can be read, and whether it leaves no other. */
export function dayOrderIn({ header, rows }: LaboratoryFile, dayColumn: string): GuessedDayOrder {
  const at = header.indexOf(dayColumn)
  return guessDayOrder(rows.map((cells) => cells[at] ?? ''))
}

/** What a file's columns are likely to hold, for the person to check. */
export function guessMap(file: LaboratoryFile, laboratory: string): LaboratoryMap {
  const { header } = file
  const dayColumn = named(header, nameWords.day)
  const others = header.filter((heading) => heading !== dayColumn)
  const sampleColumn = named(others, nameWords.sample)
  const placeColumn = named(header, nameWords.place)
  const taken = new Set([dayColumn, sampleColumn, placeColumn])
  return {
    laboratory,
    dayColumn,
    dayOrder: dayOrderIn(file, dayColumn).order,
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
