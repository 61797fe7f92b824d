import { writeTable } from '../../base/table/index.ts'

/** A piece of work as a line of a record, in the units of the store. */
export interface RecordRow {
  readonly id: string
  readonly day: string
  readonly startedAt: string
  readonly endedAt: string
  readonly stand: string
  readonly groundM2: number | undefined
  readonly product: string
  readonly source: string
  readonly route: string
  readonly lot: string
  readonly plannedKg: number
  readonly usedKg: number
  readonly waterL: number
  readonly waterSource: string
  readonly partners: string
  readonly equipment: string
  readonly worker: string
  /** The licence under which it was done; empty where none was asked. */
  readonly licence: string
  readonly temperatureC: number | undefined
  readonly windMPerS: number | undefined
  readonly humidityPercent: number | undefined
  readonly rainAfterMm: number | undefined
  readonly weatherSource: string
  readonly reEntryH: number | undefined
  readonly note: string
  readonly recordedBy: string
  readonly recordedAt: string
  /** The line that this one corrects, and why. */
  readonly correctsId: string
  readonly reason: string
  /** Whether a later line corrects this one. */
  readonly isCorrected: boolean
  /** Whether it says that the line it corrects did not happen. */
  readonly isStruck: boolean
  /** The file and line that it was taken in from; empty where somebody recorded it. */
  readonly importedFrom: string
}

/** Heads of the columns with their units, in the order in which an inspector reads. */
const heads = {
  day: 'Day',
  startedAt: 'Start',
  endedAt: 'End',
  stand: 'Stand',
  groundM2: 'Ground (m2)',
  product: 'Product',
  source: 'Form',
  route: 'Route',
  lot: 'Lot',
  plannedKg: 'Planned (kg)',
  usedKg: 'Used (kg)',
  waterL: 'Water (L)',
  waterSource: 'Water from',
  partners: 'With',
  equipment: 'Equipment',
  worker: 'Done by',
  licence: 'Licence',
  temperatureC: 'Air (C)',
  windMPerS: 'Wind (m/s)',
  humidityPercent: 'Humidity (%)',
  rainAfterMm: 'Rain in 6 h after (mm)',
  weatherSource: 'Weather by',
  reEntryH: 'Re-entry (h)',
  note: 'Note',
  recordedBy: 'Recorded by',
  recordedAt: 'Recorded at',
  isCorrected: 'Corrected by a later line',
  isStruck: 'Struck out: did not happen',
  correctsId: 'Corrects line',
  reason: 'Why corrected',
  importedFrom: 'Taken in from',
  id: 'Line',
} as const satisfies Readonly<Record<keyof RecordRow, string>>
const names = Object.keys(heads) as (keyof RecordRow)[]

/** A record as heads and rows, for whatever file; figures as they are stored, corrected lines too. */
export const recordTable = (rows: readonly RecordRow[]) => ({
  heads: names.map((name) => heads[name] as string),
  rows: rows.map((row) => names.map((name) => row[name])),
})

/**
 * Writes a record as CSV (RFC 4180), with a head row that names the units; figures as they are stored,
 * corrected lines too.
 */
export const recordCsv = (rows: readonly RecordRow[]): string => {
  const table = recordTable(rows)
  return writeTable([...table.heads], table.rows)
}
