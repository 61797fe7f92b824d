import { isDay, type Day } from '../../base/calendar/index.ts'
import { CoreError } from '../../base/error/index.ts'
import {
  numberMarksIn,
  readBack,
  readNumber,
  readTable,
  writeTable,
  type NumberMarks,
  type Table,
} from '../../base/table/index.ts'
import { checkLabel, emptyLabelDraft } from '../label/index.ts'
import { ironSourceIds, nutrients, type IronSourceId } from '../source/index.ts'
import type { LabelFigure } from '../rate/index.ts'
import { mainSourceOf, plainForm, stainNames, type ShelfProduct, type Stain } from './product.ts'

/** One cell of a shelf file that cannot be read. */
export interface ShelfCellError {
  readonly line: number
  readonly column: string
  readonly message: string
}

/** A shelf file as read: products, or what is wrong in which line. */
export interface ShelfReading {
  readonly products: readonly ShelfProduct[]
  readonly errors: readonly ShelfCellError[]
}

const columns = {
  name: 'name',
  form: 'form',
  chelated: 'chelated iron %',
  waterSoluble: 'water-soluble iron %',
  orthoOrtho: 'ortho-ortho iron %',
  derivedFrom: 'derived from',
  packPrice: 'pack price',
  packKg: 'pack kg',
  density: 'density kg/L',
  stock: 'stock kg',
  lot: 'lot',
  lotUseBy: 'use by',
  rate: 'label rate',
  rateUnit: 'label rate unit',
  maximum: 'label maximum',
  maximumUnit: 'label maximum unit',
  stain: 'stain',
  organic: 'organic',
  applicator: 'put out by',
  hazards: 'hazards',
  note: 'note',
} as const

/** Columns that hold numbers of ours; those of the label stay as typed. */
const numeric = [
  columns.packPrice,
  columns.packKg,
  columns.density,
  columns.stock,
  columns.rate,
  columns.maximum,
]

const organics = ['certified', 'not', 'unknown'] as const
const applicators = ['anybody', 'licensed'] as const
const contentColumn = (nutrient: string) => `${nutrient} %`
const text = (value: number | undefined): string => (value === undefined ? '' : String(value))

function rowOf(product: ShelfProduct): Record<string, string> {
  const { label } = product
  const analysis = nutrients.map((nutrient) => [
    contentColumn(nutrient),
    label.analysis[nutrient] ?? '',
  ])
  return {
    [columns.name]: product.name,
    [columns.form]: product.sourceId,
    ...Object.fromEntries(analysis),
    [columns.chelated]: label.chelated,
    [columns.waterSoluble]: label.waterSoluble,
    [columns.orthoOrtho]: label.orthoOrtho,
    [columns.derivedFrom]: label.derivedFrom,
    [columns.packPrice]: text(product.packPrice),
    [columns.packKg]: text(product.packKg),
    [columns.density]: text(product.densityKgPerL),
    [columns.stock]: text(product.stockKg),
    [columns.lot]: product.lot,
    [columns.lotUseBy]: product.lotUseBy ?? '',
    [columns.rate]: text(product.labelRate?.value),
    [columns.rateUnit]: product.labelRate?.unit ?? '',
    [columns.maximum]: text(product.labelMaximum?.value),
    [columns.maximumUnit]: product.labelMaximum?.unit ?? '',
    [columns.stain]: product.stain,
    [columns.organic]: product.organic,
    [columns.applicator]: product.applicator,
    [columns.hazards]: product.hazards,
    [columns.note]: product.note,
  }
}

const heads = [
  columns.name,
  columns.form,
  ...nutrients.map(contentColumn),
  ...Object.values(columns).slice(2),
]

/** The shelf as a CSV file with a line of headings; {@link readShelfCsv} reads it back. */
export const shelfToCsv = (products: readonly ShelfProduct[]): string =>
  writeTable(
    heads,
    products.map(rowOf).map((row) => heads.map((head) => row[head])),
  )

/** Reads the cells of one line and notes what is wrong in which. */
class Line {
  readonly errors: ShelfCellError[] = []
  readonly #table: Table
  readonly #row: number
  readonly #marks: NumberMarks
  constructor(table: Table, row: number, marks: NumberMarks) {
    this.#table = table
    this.#row = row
    this.#marks = marks
  }
  wrong(column: string, message: string): undefined {
    this.errors.push({ line: this.#table.lines[this.#row] ?? 0, column, message })
    return undefined
  }
  text(column: string): string {
    const at = this.#table.header.indexOf(column)
    return readBack(this.#table.rows[this.#row]?.[at] ?? '').trim()
  }
  number(column: string, max: number): number | undefined {
    const cell = this.text(column)
    if (cell === '') return undefined
    const { value = Number.NaN, suffix = '' } = readNumber(cell, this.#marks) ?? {}
    if (suffix === '' && value >= 0 && value <= max) return value
    return this.wrong(column, `Give a number from 0 to ${max}.`)
  }
  day(column: string): Day | undefined {
    const cell = this.text(column)
    if (cell === '' || isDay(cell)) return cell || undefined
    return this.wrong(column, 'Give a day such as 2027-05-31.')
  }
  oneOf<Value extends string>(column: string, values: readonly Value[], otherwise: Value): Value {
    const cell = this.text(column)
    if (cell === '') return otherwise
    const value = values.find((each) => each === cell)
    if (value) return value
    this.wrong(column, `Give one of ${values.join(', ')}.`)
    return otherwise
  }
}

function labelProblemColumn(field: string): string {
  if (field in columns) return columns[field as keyof typeof columns]
  return contentColumn(field)
}

/** Leaves out what is not given. */
const given = <Value>(name: string, value: Value | undefined) =>
  value === undefined ? {} : { [name]: value }

/** A figure of the label, of two columns. */
function labelFigureOf(line: Line, column: string, unitColumn: string): LabelFigure | undefined {
  const value = line.number(column, 1e6)
  const unit = line.text(unitColumn)
  if (value === undefined) return undefined
  if (unit !== '') return { value, unit }
  return line.wrong(unitColumn, `Give the unit of the ${column}, such as oz/1000 ft2.`)
}

function productOf(line: Line): ShelfProduct {
  const name = line.text(columns.name)
  if (name === '') line.wrong(columns.name, 'Give the product a name.')
  if (name.length > 80) line.wrong(columns.name, 'Give at most 80 characters.')
  const label = {
    ...emptyLabelDraft,
    analysis: Object.fromEntries(
      nutrients.flatMap((nutrient) => {
        const cell = line.text(contentColumn(nutrient))
        return cell === '' ? [] : [[nutrient, cell]]
      }),
    ),
    chelated: line.text(columns.chelated),
    waterSoluble: line.text(columns.waterSoluble),
    orthoOrtho: line.text(columns.orthoOrtho),
    derivedFrom: line.text(columns.derivedFrom),
  }
  const checked = checkLabel(label)
  for (const [field, message] of Object.entries(checked.problems)) {
    line.wrong(labelProblemColumn(field), message)
  }
  const inferred = checked.label ? mainSourceOf(checked.label) : plainForm()
  return {
    name,
    sourceId: line.oneOf<IronSourceId>(columns.form, ironSourceIds, inferred),
    label,
    ...given('packPrice', line.number(columns.packPrice, 1e6)),
    ...given('packKg', line.number(columns.packKg, 1e6)),
    ...given('densityKgPerL', line.number(columns.density, 5)),
    ...given('stockKg', line.number(columns.stock, 1e6)),
    lot: line.text(columns.lot),
    ...given('lotUseBy', line.day(columns.lotUseBy)),
    ...given('labelRate', labelFigureOf(line, columns.rate, columns.rateUnit)),
    ...given('labelMaximum', labelFigureOf(line, columns.maximum, columns.maximumUnit)),
    stain: line.oneOf<Stain>(columns.stain, stainNames, 'rust'),
    organic: line.oneOf(columns.organic, organics, 'unknown'),
    applicator: line.oneOf(columns.applicator, applicators, 'anybody'),
    hazards: line.text(columns.hazards),
    note: line.text(columns.note),
  }
}

const needed = [columns.name, contentColumn('Fe')]
const example = `a table whose headings have ${needed.join(' and ')} among them`
/** More products than anybody has. */
const mostRows = 5000

/**
 * Reads a shelf file: every line a product, or what is wrong in it.
 * @throws {CoreError} not-applicable for a text that is no table with a name and iron in it;
 * quantity-unreadable for one that is no table
 */
export function readShelfCsv(csv: string): ShelfReading {
  const table = readTable(csv, {
    parameter: 'csv',
    knows: (cell) => heads.includes(cell),
    example,
    mostRows,
  })
  if (!needed.every((heading) => table.header.includes(heading))) {
    throw new CoreError('table-without-columns', {
      parameter: 'csv',
      values: { example },
      received: table.header.slice(0, 6).join(', '),
    })
  }
  const marks = numberMarksIn(table, numeric)
  const lines = table.rows.map((_, row) => new Line(table, row, marks))
  const products = lines.map(productOf)
  return { products, errors: lines.flatMap(({ errors }) => errors) }
}
