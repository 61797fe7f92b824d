import Papa from 'papaparse'
import { CoreError } from '../../base/error/index.ts'
import { checkLabel, emptyLabelDraft } from '../label/index.ts'
import { ironSourceIds, nutrients, type IronSourceId } from '../source/index.ts'
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
  maximum: 'label maximum',
  maximumUnit: 'label maximum unit',
  stain: 'stain',
  organic: 'organic',
  hazards: 'hazards',
  note: 'note',
} as const

const organics = ['certified', 'not', 'unknown'] as const
const contentColumn = (nutrient: string) => `${nutrient} %`
const text = (value: number | undefined): string => (value === undefined ? '' : String(value))

/** A line that begins like a formula would be run by a spreadsheet; a space keeps it text. */
const unarmed = (cell: string): string => (/^[=+@\t]|^-\D/.test(cell) ? ` ${cell}` : cell)

function rowOf(product: ShelfProduct): Record<string, string> {
  const { label } = product
  const analysis = nutrients.map((nutrient) => [
    contentColumn(nutrient),
    label.analysis[nutrient] ?? '',
  ])
  const row: Record<string, string> = {
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
    [columns.maximum]: text(product.labelMaximum?.value),
    [columns.maximumUnit]: product.labelMaximum?.unit ?? '',
    [columns.stain]: product.stain,
    [columns.organic]: product.organic,
    [columns.hazards]: product.hazards,
    [columns.note]: product.note,
  }
  return Object.fromEntries(Object.entries(row).map(([name, cell]) => [name, unarmed(cell)]))
}

/** The shelf as a CSV file with a line of headings; {@link readShelfCsv} reads it back. */
export const shelfToCsv = (products: readonly ShelfProduct[]): string =>
  Papa.unparse(products.map(rowOf), {
    columns: [
      columns.name,
      columns.form,
      ...nutrients.map(contentColumn),
      ...Object.values(columns).slice(2),
    ],
    newline: '\n',
  })

/** Reads the cells of one line and notes what is wrong in which. */
class Line {
  readonly errors: ShelfCellError[] = []
  readonly #cells: Readonly<Record<string, string>>
  readonly #line: number
  constructor(cells: Readonly<Record<string, string>>, line: number) {
    this.#cells = cells
    this.#line = line
  }
  wrong(column: string, message: string): undefined {
    this.errors.push({ line: this.#line, column, message })
    return undefined
  }
  text(column: string): string {
    return (this.#cells[column] ?? '').trim()
  }
  number(column: string, max: number): number | undefined {
    const cell = this.text(column).replace(',', '.')
    if (cell === '') return undefined
    const value = Number(cell)
    if (Number.isFinite(value) && value >= 0 && value <= max) return value
    return this.wrong(column, `Give a number from 0 to ${max}.`)
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
  const maximum = line.number(columns.maximum, 1e6)
  const unit = line.text(columns.maximumUnit)
  if (maximum !== undefined && unit === '') {
    line.wrong(columns.maximumUnit, 'Give the unit of the label maximum, such as oz/1000 ft2.')
  }
  return {
    name,
    sourceId: line.oneOf<IronSourceId>(columns.form, ironSourceIds, inferred),
    label,
    ...given('packPrice', line.number(columns.packPrice, 1e6)),
    ...given('packKg', line.number(columns.packKg, 1e6)),
    ...given('densityKgPerL', line.number(columns.density, 5)),
    ...given('stockKg', line.number(columns.stock, 1e6)),
    lot: line.text(columns.lot),
    ...(maximum !== undefined && unit !== '' ? { labelMaximum: { value: maximum, unit } } : {}),
    stain: line.oneOf<Stain>(columns.stain, stainNames, 'rust'),
    organic: line.oneOf(columns.organic, organics, 'unknown'),
    hazards: line.text(columns.hazards),
    note: line.text(columns.note),
  }
}

/**
 * Reads a shelf file: every line a product, or what is wrong in it.
 * @throws {CoreError} not-applicable for a text that is no table with a name and iron in it
 */
export function readShelfCsv(csv: string): ShelfReading {
  const { data, meta } = Papa.parse<Record<string, string>>(csv.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (heading) => heading.trim(),
  })
  const headings = meta.fields ?? []
  const needed = [columns.name, contentColumn('Fe')]
  if (!needed.every((heading) => headings.includes(heading))) {
    throw new CoreError('not-applicable', {
      parameter: 'csv',
      expected: `a table whose first line has the headings ${needed.join(' and ')}`,
      received: headings.slice(0, 6).join(', '),
    })
  }
  const lines = data.map((cells, index) => new Line(cells, index + 2))
  const products = lines.map(productOf)
  return { products, errors: lines.flatMap(({ errors }) => errors) }
}
