import { readTable, type Table } from '../../base/table/index.ts'
import { isKnownHeading } from './known-headings.ts'

/** A laboratory's file as rows of text. */
export type LaboratoryFile = Table

/** More rows than any laboratory sends at once. */
const mostRows = 20_000

/**
 * Reads a laboratory's file, whatever parts its columns and whatever stands above its headings.
 * @throws {CoreError} quantity-unreadable, saying what such a file looks like
 */
export const readLaboratoryFile = (text: string): LaboratoryFile =>
  readTable(text, {
    parameter: 'csv',
    knows: isKnownHeading,
    example: 'a table with headings such as "Date,Sample,pH,Fe DTPA (ppm)"',
    mostRows,
  })
