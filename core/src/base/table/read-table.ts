import { dsvFormat } from 'd3-dsv'
import { CoreError } from '../error/index.ts'

/** A file of rows under headings, as text. */
export interface Table {
  /** What parts its columns. */
  readonly delimiter: string
  readonly header: readonly string[]
  /** Cells by column of the header, without the spaces around them. */
  readonly rows: readonly (readonly string[])[]
  /** Line of the file on which each row begins, from 1. */
  readonly lines: readonly number[]
  /** Rows that stand above the headings: name of the laboratory, number of the order. */
  readonly above: readonly (readonly string[])[]
}

/** More rows than anybody sends at once: three years of a station by the minute stay below. */
export const mostTableRows = 2_000_000
/** Headings stand within so many lines. */
const headWithin = 30
/** A cell over more lines than this is a quote that was never closed. */
const mostCellLines = 500
const delimiters = [',', ';', '\t', '|'] as const

interface Wanted {
  /** What the file is called where it is refused. */
  readonly parameter: string
  /** How well a row reads as headings: how many of its cells are known. */
  readonly knows: (heading: string) => boolean
  /** What such a file looks like, for the error. */
  readonly example: string
  readonly mostRows: number
}

/** The mark that parts the first lines into most columns, alike from line to line. */
function delimiterOf(text: string): string {
  const told = /^sep=(.)\r?\n/i.exec(text)?.[1]
  if (told !== undefined) return told
  const lines = text.slice(0, 20_000).split(/\r\n|\r|\n/, headWithin)
  const score = (delimiter: string): number => {
    const widths = lines.map((line) => dsvFormat(delimiter).parseRows(line)[0]?.length ?? 0)
    const counts = new Map<number, number>()
    for (const width of widths) counts.set(width, (counts.get(width) ?? 0) + (width > 1 ? 1 : 0))
    return Math.max(0, ...[...counts].map(([width, count]) => count * 100 + width))
  }
  const best = delimiters
    .map((delimiter) => ({ delimiter, score: score(delimiter) }))
    .toSorted((one, other) => other.score - one.score)[0]
  return best?.delimiter ?? ','
}

interface Numbered {
  readonly cells: readonly string[]
  readonly line: number
}

function numbered(text: string, delimiter: string, parameter: string): Numbered[] {
  const rows: Numbered[] = []
  let line = 1
  for (const cells of dsvFormat(delimiter).parseRows(text)) {
    const extra = cells.reduce((sum, cell) => sum + (cell.match(/\n/g)?.length ?? 0), 0)
    if (extra > mostCellLines) {
      throw new CoreError('quotes-open', {
        parameter,
        received: `one that opens on line ${line} and is not closed`,
      })
    }
    if (cells.some((cell) => cell.trim() !== '')) {
      rows.push({ cells: cells.map((cell) => cell.trim()), line })
    }
    line += 1 + extra
  }
  return rows
}

/** The row of headings: of the first lines the one with most headings that are known. */
function headOf(rows: readonly Numbered[], knows: Wanted['knows']): number {
  const known = rows
    .slice(0, headWithin)
    .map(({ cells }) => cells.filter((cell) => cell !== '' && knows(cell)).length)
  const most = Math.max(0, ...known)
  return most === 0 ? 0 : known.indexOf(most)
}

/**
 * Reads a file of rows under headings: commas, semicolons, tabs or bars between columns, quoted or
 * not, lines above the headings or none. Takes time in proportion to its length.
 * @throws {CoreError} quantity-unreadable, saying what such a file looks like
 * @source RFC 4180 for quotes
 */
export function readTable(text: string, wanted: Wanted): Table {
  const { knows, example, mostRows, parameter } = wanted
  const plain = text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n')
  const delimiter = delimiterOf(plain)
  const all = numbered(plain.replace(/^sep=.\n/i, '\n'), delimiter, parameter)
  const at = headOf(all, knows)
  const head = all[at]
  if (!head || head.cells.length < 2)
    throw new CoreError('table-without-headings', {
      parameter,
      values: { example },
      received: 'no headings',
    })
  const body = all.slice(at + 1)
  if (body.length === 0)
    throw new CoreError('table-without-rows', { parameter, values: { example }, received: 'none' })
  if (body.length > mostRows)
    throw new CoreError('table-too-long', {
      parameter,
      values: { most: mostRows },
      received: String(body.length),
    })
  const twice = head.cells.find((name, index) => name !== '' && head.cells.indexOf(name) !== index)
  if (twice !== undefined)
    throw new CoreError('headings-alike', { parameter, received: `"${twice}" twice` })
  const rows = body.map(({ cells }) => cells)
  return {
    delimiter,
    header: head.cells,
    rows,
    lines: body.map(({ line }) => line),
    above: all.slice(0, at).map(({ cells }) => cells),
  }
}
