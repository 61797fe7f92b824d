import { isDay, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import { convert, parseQuantity, type Dimension } from '../../base/quantity/index.ts'
import { readDay, readNumber, type DayOrder } from '../../base/table/index.ts'
import type { IntakeMap } from './fields.ts'

/** A cell that cannot be read: on which line, in which column, and what to write instead. */
export interface IntakeError {
  readonly line: number
  readonly column: string
  readonly message: string
}

export const plain = (text: string): string => text.toLowerCase().replace(/[^\p{L}\p{N}]/gu, '')

/** Names by which things of a list are found, each by its id and its words. */
export type Lookup<Value> = ReadonlyMap<string, Value>
export const lookupOf = <Value>(pairs: readonly (readonly [string, Value])[]): Lookup<Value> =>
  new Map(pairs.map(([name, value]) => [plain(name), value]))

/** Reads the cells of one row, and notes what is wrong in which. */
export class IntakeRow {
  readonly errors: IntakeError[] = []
  readonly line: number
  readonly #cells: readonly string[]
  readonly #columns: ReadonlyMap<string, number>
  readonly #map: IntakeMap

  constructor(
    line: number,
    cells: readonly string[],
    columns: ReadonlyMap<string, number>,
    map: IntakeMap,
  ) {
    this.line = line
    this.#cells = cells
    this.#columns = columns
    this.#map = map
  }
  text(field: string): string {
    const at = this.#columns.get(this.#map[field] ?? '')
    return at === undefined ? '' : (this.#cells[at] ?? '')
  }
  wrong(field: string, message: string): undefined {
    this.errors.push({ line: this.line, column: this.#map[field] ?? field, message })
    return undefined
  }
  needed(field: string, what: string): string | undefined {
    const cell = this.text(field)
    return cell === '' ? this.wrong(field, `Give ${what}.`) : cell
  }
  /** As {@link oneOf}, of names that people gave, of which two can be alike. */
  theOne<Value extends { readonly name: string }>(
    field: string,
    all: readonly Value[],
    what: string,
  ): Value | undefined {
    const cell = this.needed(field, what)
    if (cell === undefined) return undefined
    const exact = all.filter(({ name }) => name === cell)
    const found = exact.length > 0 ? exact : all.filter(({ name }) => plain(name) === plain(cell))
    if (found.length > 1) return this.wrong(field, `“${cell}” could be ${found.length} of them: give each a name of its own first.`) // prettier-ignore
    return found[0] ?? this.wrong(field, `“${cell}” is not known: give ${what}.`)
  }
  oneOf<Value>(field: string, lookup: Lookup<Value>, what: string): Value | undefined {
    const cell = this.needed(field, what)
    if (cell === undefined) return undefined
    return lookup.get(plain(cell)) ?? this.wrong(field, `“${cell}” is not known: give ${what}.`)
  }
  day(
    field: string,
    { latest, dayOrder }: { readonly latest: Day; readonly dayOrder: DayOrder },
  ): Day | undefined {
    const cell = this.needed(field, 'a day such as 2025-05-31')
    if (cell === undefined) return undefined
    const day = isDay(cell) ? cell : readDay(cell, dayOrder)
    if (day === undefined) return this.wrong(field, `“${cell}” is no day: give one such as 2025-05-31.`) // prettier-ignore
    return day > latest ? this.wrong(field, `${day} is still to come.`) : day
  }
  number(
    field: string,
    bounds: { readonly min: number; readonly max: number },
  ): number | undefined {
    const cell = this.needed(field, 'a number')
    if (cell === undefined) return undefined
    const { value = Number.NaN, suffix = '' } = readNumber(cell, { hasDecimalComma: /^-?\d+,\d{1,2}$/.test(cell) }) ?? {} // prettier-ignore
    const { min, max } = bounds
    return suffix.trim() === '' && value >= min && value <= max
      ? value
      : this.wrong(field, `“${cell}”: give a number from ${min} to ${max}.`)
  }
  /** A quantity with its unit; a bare number counts in the unit of the store. */
  quantity(field: string, dimension: Dimension, unit: string): number | undefined {
    const cell = this.needed(field, `a quantity such as 2 ${unit}`)
    if (cell === undefined) return undefined
    try {
      const text = /^[\d.,\s]+$/.test(cell) ? `${cell} ${unit}` : cell
      const { value } = convert(parseQuantity(text, dimension), unit)
      return value >= 0 ? value : this.wrong(field, `“${cell}”: less than nothing.`)
    } catch (error) {
      if (!(error instanceof CoreError)) throw error
      return this.wrong(field, `“${cell}”: ${error.sentence()}`)
    }
  }
}
