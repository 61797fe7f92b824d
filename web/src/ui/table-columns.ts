/** A column of a table: what heads it, and what a cell says where no slot draws it. */
export interface Column<Row> {
  readonly key: string
  readonly title: string
  /** Says what a row is: its cells head the row. */
  readonly isHead?: boolean
  /** Numbers stand at the right, one under the other. */
  readonly isFigure?: boolean
  /** Heads buttons: said to those who hear the page, not drawn. */
  readonly isTitleHidden?: boolean
  /** Where a figure is from: in small letters, and in the words and units of the source. */
  readonly isCited?: boolean
  readonly text?: (row: Row) => string
  /** What the column can be sorted by; what has none comes last, whichever way. */
  readonly sortBy?: (row: Row) => number | string | undefined
  readonly filters?: readonly { readonly value: string; readonly words: string }[]
  readonly isIn?: (row: Row, value: string) => boolean
  readonly width?: number
}

/** Less than, the same or more; what is not known comes after all that is. */
export function compare(
  left: number | string | undefined,
  right: number | string | undefined,
): number {
  if (left === undefined || right === undefined) {
    return Number(left === undefined) - Number(right === undefined)
  }
  if (typeof left === 'number' && typeof right === 'number') return left - right
  return String(left).localeCompare(String(right), 'en', { numeric: true })
}
