import Papa from 'papaparse'
import { CoreError } from '../../base/error/index.ts'

/** A laboratory's file as rows of text. */
export interface LaboratoryFile {
  readonly header: readonly string[]
  /** Cells by column of the header; the first row stands on line 2. */
  readonly rows: readonly (readonly string[])[]
  /** Line of each row in the file. */
  readonly lines: readonly number[]
  /** Whether numbers are written with a comma for the point. */
  readonly hasDecimalComma: boolean
}

/** More rows than any laboratory sends at once. */
const mostRows = 20_000

const refuse = (expected: string, received: string) =>
  new CoreError('quantity-unreadable', { parameter: 'csv', expected, received })

const decimalComma = /^\s*[<>]?\s*-?\d+,\d+\s*$/

/**
 * Reads a CSV file: commas, semicolons or tabs, quoted or not, with one line of headings.
 * @throws {CoreError} quantity-unreadable, saying what such a file looks like
 */
export function readLaboratoryFile(text: string): LaboratoryFile {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: false })
  const numbered = data
    .map((cells, index) => ({ cells: cells.map((cell) => cell.trim()), line: index + 1 }))
    .filter(({ cells }) => cells.some((cell) => cell !== ''))
  const [head, ...body] = numbered
  const example = 'a table with a line of headings such as "Date,Sample,pH,Fe DTPA (ppm)"'
  if (!head || head.cells.length < 2) throw refuse(example, 'no headings')
  if (body.length === 0)
    throw refuse(`${example}, and at least one line of results below it`, 'none')
  if (body.length > mostRows) throw refuse(`at most ${mostRows} lines`, String(body.length))
  const twice = head.cells.find((name, index) => name !== '' && head.cells.indexOf(name) !== index)
  if (twice !== undefined) throw refuse('headings that differ', `"${twice}" twice`)
  const rows = body.map(({ cells }) => cells)
  return {
    header: head.cells,
    rows,
    lines: body.map(({ line }) => line),
    hasDecimalComma: rows.some((cells) => cells.some((cell) => decimalComma.test(cell))),
  }
}
