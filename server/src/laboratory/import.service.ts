import type { CreateImportDto, ImportDto } from '@spudder/contract/laboratory'
import { dateToDay } from '@spudder/core/base/calendar'
import type { CellError, ImportedReading } from '@spudder/core/seen/laboratory'
import { answeredChecks } from '@spudder/core/verdict/diagnosis'
import { rollup } from 'd3-array'
import { randomUUID } from 'node:crypto'
import type { Connection, Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { completeJobs } from '../job/job.repository.ts'
import { lockPlace } from '../place/place.repository.ts'
import { findPlace, keepSettings } from '../place/place.service.ts'
import { insertReadings } from '../reading/reading.repository.ts'
import { readingRow } from '../reading/reading.service.ts'
import { readInThread } from '../thread/file-reader.ts'
import { findImport, insertImport, selectPlacesOfStands } from './laboratory.repository.ts'

/** As many as a person mends at once; the rest comes to light when these are mended. */
const errorsTold = 20
/** Sick and healthy samples, and the water, may be a day old where the laboratory is. */
const dayMs = 864e5

function refuse(errors: readonly CellError[]): never {
  const fields = errors.slice(0, errorsTold).map(({ line, column, message }) => ({
    field: `csv line ${line}, ${column}`,
    message: `Line ${line}, ${column}: ${message}`,
  }))
  const detail = `${errors.length} cells cannot be read; nothing was stored. ${fields[0]?.message ?? ''}`
  throw new ServiceError('invalid-body', detail, fields)
}

/** Refuses results of stands that are not of the place. */
async function requireOwnStands(
  connection: Connection,
  placeId: string,
  readings: readonly ImportedReading[],
): Promise<void> {
  const ids = [...new Set(readings.map(({ standId }) => standId))]
  const known = ids.length === 0 ? [] : await selectPlacesOfStands(connection, ids)
  const own = new Set(known.filter((each) => each.placeId === placeId).map(({ id }) => id))
  if (ids.every((id) => own.has(id))) return
  const message = 'Stands: choose stands of this place for the samples.'
  throw new ServiceError('invalid-body', message, [{ field: 'map.stands', message }])
}

/**
 * Stores the results of a laboratory file as readings, all of them or none, and remembers how the
 * laboratory is read. The file is read here again: what a browser made of it is not trusted.
 * @throws {CoreError} for a file that is no table
 * @throws {ServiceError} invalid-body with line and column of every cell that cannot be read
 */
export async function importResults(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { id, fileName, csv, map }: CreateImportDto,
): Promise<ImportDto> {
  await findPlace(db, placeId)
  const tomorrow = dateToDay(new Date(recorder.at.getTime() + dayMs))
  const { readings, errors } = await readInThread('laboratory', {
    text: csv,
    map,
    latest: tomorrow,
  })
  if (errors.length > 0) refuse(errors)
  if (readings.length === 0) {
    const message = 'File: no result in it belongs to a stand of this place.'
    throw new ServiceError('invalid-body', message, [{ field: 'csv', message }])
  }
  await requireOwnStands(db, placeId, readings)
  const laboratory = map.laboratory
  return db.transaction(async (transaction) => {
    // Before any row refers to it: two who refer to it first would wait for each other.
    const locked = await lockPlace(transaction, placeId)
    const sent = { id, placeId, laboratory, fileName, readingCount: readings.length }
    const again = await findImport(transaction, sent)
    if (again) return toDto(again)
    const stored = await insertImport(transaction, { ...sent, ...recordedBy(recorder) })
    const rows = readings.map(({ standId, line, column, ...reading }) => {
      const note = `${fileName}, line ${line}, ${column}`
      const imported = { file: fileName, line }
      const given = { ...reading, id: randomUUID(), instrument: laboratory, note, imported }
      return readingRow(standId, given, recorder)
    })
    await insertReadings(transaction, rows)
    const kindsByStand = rollup(
      rows,
      (of) => of.map(({ kind }) => kind),
      ({ standId }) => standId,
    )
    for (const [standId, kinds] of kindsByStand) {
      await completeJobs(transaction, { standId, checkIds: answeredChecks([], kinds), recorder })
    }
    // As it stands now: somebody else may have brought in another laboratory meanwhile.
    const others = (locked?.settings?.laboratories ?? []).filter(
      (each) => each.laboratory !== laboratory,
    )
    await keepSettings(transaction, recorder, placeId, { laboratories: [...others, map] })
    return toDto(stored)
  })
}
