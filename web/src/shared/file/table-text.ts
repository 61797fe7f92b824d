import { fileText } from './file-text.ts'

const quoted = (cell: string): string =>
  /[",\n\r]/.test(cell) ? `"${cell.replaceAll('"', '""')}"` : cell

function cellText(cell: unknown): string {
  if (cell === null || cell === undefined) return ''
  // A day of a spreadsheet has no hour and no zone.
  if (cell instanceof Date) return cell.toISOString().slice(0, 10)
  return String(cell)
}

/** What a table may come as. */
export const tableFiles = '.csv,.tsv,.txt,.xlsx,text/csv'

/**
 * The text of a table, whatever it comes as: delimited text, or the first sheet of a workbook (XLSX).
 * @throws {Error} where a workbook cannot be opened
 */
export async function tableText(file: File): Promise<string> {
  if (!/\.xlsx$/i.test(file.name)) return fileText(file)
  // Only who brings a workbook loads what reads it.
  const { readSheet } = await import('read-excel-file/browser')
  const rows = await readSheet(file)
  return rows.map((cells) => cells.map((cell) => quoted(cellText(cell))).join(',')).join('\n')
}
