import { findSource, type SourceId } from '../source/index.ts'

/** What went out or is to go out: a form of the catalogue, or an own product that is handled as one. */
export interface Applied {
  readonly sourceId: SourceId
  /** Of the shelf; null where a form of the catalogue was taken. */
  readonly productName: string | null
}

/**
 * The name of what is applied, the same in every screen, title, file, calendar and search: the own
 * product by its own name, else the form.
 * @throws {CoreError} unknown-name
 */
export const appliedName = ({ sourceId, productName }: Applied): string =>
  productName ?? findSource(sourceId).name
