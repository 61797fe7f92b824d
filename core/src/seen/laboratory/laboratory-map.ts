import type { DayOrder } from '../../base/table/index.ts'
import type { ReadingKind } from '../reading/index.ts'

/** What a column of results holds, and in which unit. */
export interface ResultColumn {
  readonly column: string
  readonly kind: ReadingKind
  readonly unit: string
}

/** How the columns of one laboratory are read: said once, and remembered. */
export interface LaboratoryMap {
  readonly laboratory: string
  readonly dayColumn: string
  readonly dayOrder: DayOrder
  /** The column that names the sample. */
  readonly sampleColumn: string
  /** The column that says whether the sample is of a sick or a healthy place; empty where none does. */
  readonly placeColumn: string
  readonly columns: readonly ResultColumn[]
  /** Which stand each sample name is of. */
  readonly stands: Readonly<Record<string, string>>
}
