import type { CreateIntakeDto, IntakeDto, IntakeProgressDto } from '@spudder/contract/intake'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import {
  intakeFields,
  readIntake,
  readIntakeTable,
  type IntakeError,
  type IntakeKind,
  type IntakeMap,
  type IntakeRows,
} from '@spudder/core/outcome/intake'
import { cameOf } from '@spudder/core/seen/reading'
import { openCaseOf } from '../case/case.service.ts'
import type { Connection, Database } from '../database/connect.ts'
import { derivedId } from '../database/derived-id.ts'
import { databaseErrno, duplicateEntry } from '../database/database-fault.ts'
import { newlyMendable, newlyRecordedBy, recordedBy, type Recorder } from '../recorder/recorder.ts'
import { newJob } from '../job/new-job.ts'
import { lockPlace } from '../place/place.repository.ts'
import { findPlace } from '../place/place.service.ts'
import { ServiceError } from '../problem/service-error.ts'
import { listProducts } from '../shelf/product.repository.ts'
import { lockStand, nextPosition } from '../stand/stand.repository.ts'
import {
  forgetUnderWay,
  insertMany,
  noteUnderWay,
  selectKnownStands,
  selectUnderWay,
  type OnItsWay,
} from './intake.repository.ts'

/** What rows are stored with. */
interface Storing {
  readonly connection: Connection
  readonly recorder: Recorder
  readonly placeId: string
  readonly fileName: string
  /** An id for a line of the file, the same when the file is sent again. */
  readonly idOf: (line: number, what?: string) => string
  readonly done: (count: number) => Promise<void>
}

/** Errors that are told at once; the rest comes to light when these are mended. */
const errorsTold = 20

function refuse(errors: readonly IntakeError[]): never {
  const fields = errors.slice(0, errorsTold).map(({ line, column, message }) => ({
    field: `csv line ${line}, ${column}`,
    message: `Line ${line}, ${column}: ${message}`,
  }))
  const detail = `${errors.length} cells cannot be read; nothing was stored. ${fields[0]?.message ?? ''}`
  throw new ServiceError('invalid-body', detail, fields)
}

type Store<Kind extends IntakeKind> = (
  rows: readonly IntakeRows[Kind][],
  storing: Storing,
) => Promise<void>

const lineOf = ({ fileName: file }: Storing, { line }: { readonly line: number }) => ({
  file,
  line,
})

const storeStands: Store<'stands'> = async (rows, storing) => {
  const { connection, recorder, placeId, idOf, done } = storing
  const first = await nextPosition(connection, placeId)
  const stands = rows.map(({ line, ...row }, index) => ({
    id: idOf(line),
    placeId,
    position: first + index,
    ...row,
    measures: null,
    care: null,
    isArchived: false,
    mergedIntoId: null,
    imported: lineOf(storing, { line }),
    ...newlyRecordedBy(recorder),
  }))
  await insertMany(connection, 'stand', stands, done)
}

/** What was done before is a job that was done and its entry; it belongs to no case. */
const storeTreatments: Store<'treatments'> = async (rows, storing) => {
  const { connection, recorder, placeId, idOf, done } = storing
  const jobs = rows.map((row) =>
    newJob(recorder, {
      id: idOf(row.line, 'job'),
      standId: row.standId,
      kind: 'apply',
      dueOn: row.day,
      status: 'done',
      route: row.route,
      sourceId: row.sourceId,
      plannedKg: row.productKg,
    }),
  )
  await insertMany(connection, 'job', jobs)
  const entries = rows.map((row) => {
    const { line, day, note, lot, worker } = row
    return {
      id: idOf(line),
      standId: row.standId,
      placeId,
      caseId: null,
      jobId: idOf(line, 'job'),
      happenedOn: day,
      route: row.route,
      sourceId: row.sourceId,
      productId: row.productId,
      plannedProductKg: row.productKg,
      productKg: row.productKg,
      waterL: row.waterL,
      lot,
      worker,
      note,
      isStruck: false,
      imported: lineOf(storing, row),
      correctsId: null,
      reason: '',
      search: [worker, lot, note, recorder.actor].filter((each) => each !== '').join(' ').toLowerCase(), // prettier-ignore
      ...recordedBy(recorder),
    }
  })
  await insertMany(connection, 'entry', entries, done)
}

const storeReadings: Store<'readings'> = async (rows, storing) => {
  const { connection, recorder, idOf, done } = storing
  const readings = rows.map((row) => {
    const { line, standId, day, kind, value, method, instrument, note } = row
    const imported = lineOf(storing, row)
    return {
      id: idOf(line),
      standId,
      kind,
      value,
      method,
      takenOn: day,
      instrument,
      note,
      came: cameOf({ method, instrument, imported }),
      ...newlyMendable(recorder),
    }
  })
  await insertMany(connection, 'reading', readings, done)
}

/** Looks go into the open case of their stand; the first of a stand without one opens one. */
const storeLooks: Store<'looks'> = async (rows, storing) => {
  const { connection, recorder, idOf, done } = storing
  const caseIds = new Map<string, string>()
  const inOrder = rows.toSorted((a, b) => a.day.localeCompare(b.day))
  for (const { standId, day } of inOrder) {
    if (caseIds.has(standId)) continue
    await lockStand(connection, standId)
    caseIds.set(standId, (await openCaseOf(connection, recorder, standId, day)).id)
  }
  const looks = inOrder.map((row) => ({
    id: idOf(row.line),
    standId: row.standId,
    caseId: caseIds.get(row.standId) ?? '',
    lookedOn: row.day,
    findings: row.findings,
    paint: {},
    note: row.note,
    imported: lineOf(storing, row),
    ...newlyMendable(recorder),
  }))
  await insertMany(connection, 'look', looks, done)
}

const stores: { readonly [Kind in IntakeKind]: Store<Kind> } = {
  stands: storeStands,
  treatments: storeTreatments,
  readings: storeReadings,
  looks: storeLooks,
}

/** How far a file is on its way in; all of it where nobody knows of it any more. */
export async function intakeProgress(db: Database, file: OnItsWay): Promise<IntakeProgressDto> {
  const { stored, total } = (await selectUnderWay(db, file)) ?? { stored: 0, total: 0 }
  return { stored, of: total }
}

/** An id for a line, the same whenever the same file is sent again. */
const idsOf =
  (intakeId: string) =>
  (line: number, what = 'row'): string =>
    derivedId(intakeId, line, what)

/** @throws {ServiceError} invalid-body where a column that is needed is not said, or not in the file */
function requireColumns(kind: IntakeKind, map: IntakeMap, header: readonly string[]): void {
  const missing = intakeFields[kind].find(
    ({ name, isNeeded }) =>
      (isNeeded || map[name] !== undefined) && !header.includes(map[name] ?? ''),
  )
  if (!missing) return
  const message = `Columns: say which column of the file is ${missing.label}.`
  throw new ServiceError('invalid-body', message, [{ field: 'map', message }])
}

/**
 * Takes in a spreadsheet: all of its rows or none. It is read here again: what a browser made of it is not
 * trusted.
 * @throws {CoreError} for a file that is no table
 * @throws {ServiceError} not-found; invalid-body with line and column of every cell that cannot be read;
 * conflict where it was taken in already
 */
export async function takeIn(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { id, kind, fileName, csv, map, dayOrder }: CreateIntakeDto,
): Promise<IntakeDto> {
  await findPlace(db, placeId)
  const [stands, products] = await Promise.all([
    selectKnownStands(db, placeId),
    listProducts(db, placeId),
  ])
  const latest = addDays(dateToDay(recorder.at), 1)
  const known = { stands, products, latest, dayOrder }
  const table = readIntakeTable(kind, csv)
  requireColumns(kind, map, table.header)
  const { rows, errors } = readIntake(kind, table, { map, known })
  if (errors.length > 0) refuse(errors)
  if (rows.length === 0) {
    const message = 'File: there is no row in it.'
    throw new ServiceError('invalid-body', message, [{ field: 'csv', message }])
  }
  const file = { placeId, intakeId: id }
  const done = (stored: number) => noteUnderWay(db, file, { stored, total: rows.length })
  await done(0)
  try {
    await db.transaction(async (transaction) => {
      await lockPlace(transaction, placeId)
      const storing = {
        connection: transaction,
        recorder,
        placeId,
        fileName,
        idOf: idsOf(id),
        done,
      }
      await (stores[kind] as Store<IntakeKind>)(rows as never, storing)
    })
  } catch (error) {
    if (databaseErrno(error) !== duplicateEntry) throw error
    throw new ServiceError('conflict', 'This file was taken in already.')
  } finally {
    await forgetUnderWay(db, id)
  }
  return { kind, count: rows.length }
}
