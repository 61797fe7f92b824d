import type { Table } from './read-table.ts'

/** Which mark of a file stands before the decimals. */
export interface NumberMarks {
  readonly hasDecimalComma: boolean
}

/** A number as it was written; `isBelow` where it says less than a limit. */
export interface ReadNumber {
  readonly value: number
  readonly isBelow: boolean
  /** What stood behind it, as "%"; empty where nothing did. */
  readonly suffix: string
}

const spaces = /[\s\u00a0\u2009\u202f'’]/g
const written = /^([<≤]?)(-?(?:\d+\.?\d*|\.\d+)(?:e[+-]?\d+)?)(\D*)$/i

/**
 * Reads a number as laboratories and instruments write it: with marks between thousands, a point or a
 * comma before the decimals, "<" for a limit of detection, and a unit behind it.
 * @returns undefined where it is none
 */
export function readNumber(cell: string, { hasDecimalComma }: NumberMarks): ReadNumber | undefined {
  const close = cell.replace(spaces, '').replace('−', '-')
  const plain = hasDecimalComma ? close.replace(/\./g, '').replace(',', '.') : close.replace(/,(?=\d{3}(?!\d))/g, '') // prettier-ignore
  const [, below = '', digits = '', suffix = ''] = written.exec(plain) ?? []
  const value = Number(digits)
  return digits === '' || !Number.isFinite(value)
    ? undefined
    : { value, isBelow: below !== '', suffix }
}

const point = /^[<>≤]?-?\d*\.\d+(?:e[+-]?\d+)?$/i
const thousandsPoint = /^[<>≤]?-?\d{1,3}(\.\d{3})+$/
const comma = /^[<>≤]?-?\d+,\d+$/
const thousandsComma = /^[<>≤]?-?[1-9]\d{0,2}(,\d{3})+$/

/**
 * Which mark a file writes before decimals: a point where any number has one there; else a comma
 * where its numbers cannot be read otherwise, or could be both and commas do not part its columns.
 * @param columns that hold numbers; text in others may look like anything
 */
export function numberMarksIn(
  { header, rows, delimiter }: Pick<Table, 'header' | 'rows' | 'delimiter'>,
  columns: readonly string[],
): NumberMarks {
  const at = columns.map((column) => header.indexOf(column))
  let [isComma, mayBeComma] = [false, false]
  for (const cells of rows) {
    for (const index of at) {
      const text = (cells[index] ?? '').replace(spaces, '')
      if (point.test(text) && !thousandsPoint.test(text)) return { hasDecimalComma: false }
      if (!comma.test(text)) continue
      if (thousandsComma.test(text)) mayBeComma = true
      else isComma = true
    }
  }
  return { hasDecimalComma: isComma || (mayBeComma && delimiter !== ',') }
}
