import { csvFormatRow } from 'd3-dsv'

/** What spreadsheets begin a formula with, in every width of the sign. */
const signs = '=+\\-@＝＋－＠'
/** Where a cell begins, or would begin for a spreadsheet that parts columns by something else. */
const starts = new RegExp(`(^|[;\\t\\n\\r|])(["\\s\\u00a0\\u200b]*)('*)(?=[${signs}])`, 'g')
const stopped = new RegExp(`(^|[;\\t\\n\\r|])(["\\s\\u00a0\\u200b]*)'('*)(?=[${signs}])`, 'g')

/** Text that a spreadsheet would take for a formula, kept as text by one apostrophe more. */
const defused = (text: string): string =>
  text
    .replaceAll('\0', '')
    .replace(starts, (_, before, space, marks) => `${before}${space}'${marks}`)

/** A cell as it was before {@link writeTable} made it harmless. */
export const readBack = (cell: string): string =>
  cell.replace(stopped, (_, before, space, marks) => `${before}${space}${marks}`)

type Cell = string | number | boolean | undefined

function cellText(value: Cell): string {
  if (value === undefined) return ''
  if (typeof value === 'boolean') return value ? 'yes' : ''
  return typeof value === 'number' ? String(value) : defused(value)
}

/**
 * Writes rows under headings as CSV. No cell of text can be run as a formula, whatever parts the
 * columns of the spreadsheet that opens it; {@link readBack} gives the text as it was.
 * @source RFC 4180; formulas by OWASP, CSV Injection
 */
export const writeTable = (header: readonly string[], rows: readonly (readonly Cell[])[]): string =>
  [header, ...rows.map((cells) => cells.map(cellText))]
    .map((cells) => csvFormatRow([...cells]))
    .join('\r\n')
