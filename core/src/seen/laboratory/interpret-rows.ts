import type { Day } from '../../base/calendar/index.ts'
import { numberMarksIn, readDay, readNumber, type NumberMarks } from '../../base/table/index.ts'
import { readingKinds, type Reading, type ReadingPlace } from '../reading/index.ts'
import { columnUnits } from './data/columns.ts'
import type { LaboratoryMap, ResultColumn } from './laboratory-map.ts'
import type { LaboratoryFile } from './read-csv.ts'

/** A result of the file as a reading of a stand. */
export interface ImportedReading extends Reading {
  readonly standId: string
  /** Line of the file, for finding it again. */
  readonly line: number
  readonly column: string
}

/** What is wrong with a cell, by line and column. */
export interface CellError {
  readonly line: number
  readonly column: string
  readonly message: string
}

/** What a part of a file amounts to. */
export interface Interpreted {
  readonly readings: readonly ImportedReading[]
  readonly errors: readonly CellError[]
}

const places: Readonly<Record<string, ReadingPlace>> = {
  sick: 'sick',
  bad: 'sick',
  yellow: 'sick',
  healthy: 'healthy',
  good: 'healthy',
  green: 'healthy',
  whole: 'whole',
  supply: 'supply',
  '': 'whole',
}

const notMeasured = new Set([
  '',
  '-',
  '–',
  'n/a',
  'na',
  'nd',
  'n.d.',
  '--',
  '---',
  'bdl',
  'not tested',
])

interface Row {
  readonly standId: string
  readonly takenOn: Day
  readonly place: ReadingPlace
  readonly line: number
}

/** A column of results with what reading a cell of it needs, looked up once. */
interface ReadColumn extends ResultColumn {
  readonly at: number
  /** Times the printed value gives the unit kept; undefined for a unit that is not known. */
  readonly times: number | undefined
}

function readCell(
  { column, kind, unit, times }: ReadColumn,
  cell: string,
  row: Row,
  marks: NumberMarks,
): ImportedReading | string | undefined {
  if (notMeasured.has(cell.toLowerCase())) return undefined
  const { min, max, unit: kept, label } = readingKinds[kind]
  if (times === undefined)
    return `${label}: the unit "${unit}" is not known; choose one of the list.`
  const number = readNumber(cell, marks)
  if (!number) return `${label}: give a number, not "${cell}".`
  if (number.suffix !== '' && number.suffix.toLowerCase() !== unit.toLowerCase()) {
    return `${label}: "${cell}" stands in a column in ${unit || 'no unit'}. Choose its unit, or write the number alone.`
  }
  // Below a limit of detection it is half of it, give or take half.
  const value = number.value * times * (number.isBelow ? 0.5 : 1)
  if (value < min || value > max) {
    const bounds = `from ${min} to ${max}${kept === '' ? '' : ` ${kept}`}`
    return `${label}: ${cell} ${unit} is ${value} ${kept}, and it can only be ${bounds}. Is the unit right?`
  }
  const doubt = number.isBelow ? { doubt: value } : {}
  return { ...row, column, kind, value, method: 'laboratory', ...doubt }
}

/** Reads rows of a file one after another, so that a long file can be read in parts. */
export class RowReader {
  readonly #map: LaboratoryMap
  readonly #file: LaboratoryFile
  readonly #today: Day
  readonly #marks: NumberMarks
  readonly #columns: readonly ReadColumn[]
  readonly #at: ReadonlyMap<string, number>

  /** @param today no sample can have been taken after it */
  constructor(file: LaboratoryFile, map: LaboratoryMap, today: Day) {
    this.#file = file
    this.#map = map
    this.#today = today
    this.#marks = numberMarksIn(
      file,
      map.columns.map(({ column }) => column),
    )
    this.#at = new Map(file.header.map((name, index) => [name, index]))
    this.#columns = map.columns.map((column) => ({
      ...column,
      at: this.#at.get(column.column) ?? -1,
      times: columnUnits(column.kind).find(({ unit }) => unit === column.unit)?.times,
    }))
  }

  /** What the rows from one to before another amount to. */
  read(from: number, to: number): Interpreted {
    const readings: ImportedReading[] = []
    const errors: CellError[] = []
    for (let index = from; index < Math.min(to, this.#file.rows.length); index += 1) {
      const row = this.#rowAt(index, errors)
      if (!row) continue
      for (const column of this.#columns) {
        const cell = this.#file.rows[index]?.[column.at] ?? ''
        const read = readCell(column, cell, row, this.#marks)
        if (typeof read === 'string') {
          errors.push({ line: row.line, column: column.column, message: read })
        } else if (read) readings.push(read)
      }
    }
    return { readings, errors }
  }

  #cell(index: number, column: string): string {
    return this.#file.rows[index]?.[this.#at.get(column) ?? -1] ?? ''
  }

  /** Whose row it is and when it was taken; undefined, with the errors noted, where that is unclear. */
  #rowAt(index: number, errors: CellError[]): Row | undefined {
    const { dayColumn, dayOrder, sampleColumn, placeColumn, stands } = this.#map
    const line = this.#file.lines[index] ?? 0
    const wrong = (column: string, message: string): undefined => {
      errors.push({ line, column, message })
    }
    const sample = this.#cell(index, sampleColumn)
    const standId = Object.hasOwn(stands, sample) ? stands[sample] : undefined
    // A sample that is left out on purpose belongs to no stand of ours.
    if (standId === '') return undefined
    if (standId === undefined) return wrong(sampleColumn, `Say which stand "${sample}" is of.`)
    const dayText = this.#cell(index, dayColumn)
    const takenOn = readDay(dayText, dayOrder)
    if (!takenOn) return wrong(dayColumn, `"${dayText}" is no day in the order ${dayOrder}.`)
    if (takenOn > this.#today) return wrong(dayColumn, `${takenOn} has not come yet.`)
    const placeText = placeColumn === '' ? '' : this.#cell(index, placeColumn).toLowerCase()
    const place = Object.hasOwn(places, placeText) ? places[placeText] : undefined
    if (!place) return wrong(placeColumn, `"${placeText}": write sick, healthy, whole or supply.`)
    return { standId, takenOn, place, line }
  }
}
