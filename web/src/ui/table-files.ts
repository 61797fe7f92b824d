import { writeTable } from '@spudder/core/base/table'
import { saveBlob, saveText } from './save-file.ts'

/** A cell of a file: a figure stays one, so that it can be reckoned with. */
export type FileCell = string | number | undefined

/** A table on its way into a file. */
export interface FileTable {
  /** Without an ending. */
  readonly name: string
  readonly heads: readonly string[]
  readonly rows: readonly (readonly FileCell[])[]
}

/** As CSV (RFC 4180); a text that a spreadsheet would run as a formula is made harmless. */
export function saveCsvTable({ name, heads, rows }: FileTable): void {
  saveText(`${name}.csv`, 'text/csv', writeTable([...heads], rows))
}

/** As a workbook (XLSX, ISO/IEC 29500) of one sheet; a text never becomes a formula there. */
export async function saveXlsxTable({ name, heads, rows }: FileTable): Promise<void> {
  // Only who wants a workbook loads what writes it.
  const { default: writeXlsx } = await import('write-excel-file/browser')
  const head = heads.map((value) => ({ value, fontWeight: 'bold' as const, type: String }))
  const body = rows.map((cells) =>
    cells.map((cell) =>
      typeof cell === 'number'
        ? { value: cell, type: Number }
        : { value: cell ?? '', type: String },
    ),
  )
  const made = writeXlsx([head, ...body] as never)
  saveBlob(`${name}.xlsx`, await made.toBlob())
}
