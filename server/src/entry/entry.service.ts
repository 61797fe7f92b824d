import { groundOf } from '@spudder/core/stand/plant'
import {
  type CreateEntryDto,
  EntryDto,
  type EntryQueryDto,
  type RecordPageDto,
} from '@spudder/contract/entry'
import { keptOf } from '@spudder/contract/validation'
import type { WeatherService } from '@spudder/contract/weather'
import type { Connection, Database } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { standOfJob } from '../job/job.repository.ts'
import { completeJob, requirePlannedJob } from '../job/planned-job.ts'
import { findPlace } from '../place/place.service.ts'
import { addToStock, lockProduct, productNameOf } from '../shelf/product.repository.ts'
import { requireLockedStand, requireStand } from '../stand/stand.service.ts'
import { weatherDuring } from '../weather/weather.service.ts'
import { entryDto } from './entry-dto.ts'
import {
  findEntry,
  insertEntry,
  selectRecord,
  selectUsed,
  type EntryRow,
} from './entry.repository.ts'

/** What was said of a piece of work; its weather may be the service's, and is seen to apart. */
export function saidOf(dto: CreateEntryDto) {
  const { weather: _, ...said } = keptOf(EntryDto, dto)
  return { id: dto.id, ...said }
}

export type Said = ReturnType<typeof saidOf>

/** Words of its own that an entry is found by; names of stand and product are looked for where they are. */
export const searchWords = (
  { partners, worker, lot, equipment, waterSource, licence, note }: Said,
  more: readonly string[],
): string =>
  [
    ...more,
    worker,
    lot,
    equipment,
    waterSource,
    licence,
    note,
    ...(partners ?? []).map(({ name }) => name),
  ]
    .filter((word) => word !== '')
    .join(' ')
    .toLowerCase()

/** An entry with the name that its product has today. */
export const named = async (connection: Connection, row: EntryRow): Promise<EntryDto> =>
  entryDto(row, await productNameOf(connection, row.productId))

export interface EntryStage {
  readonly db: Database
  readonly weather: WeatherService
}

/** The weather of the work: as it was put in, else as the service or station has it. */
async function weatherOf(
  { db, weather }: EntryStage,
  recorder: Recorder,
  standId: string,
  dto: CreateEntryDto,
): Promise<EntryRow['weather']> {
  if (dto.weather) return { ...dto.weather }
  const { placeId } = await requireStand(db, standId)
  const place = await findPlace(db, placeId)
  return weatherDuring({ db, service: weather, place, at: recorder.at }, dto)
}

/**
 * Records what was really done for a job, and the job as done, and takes the product from the shelf:
 * all or nothing. Sent again after a lost answer, it is the entry that is there.
 * @throws {ServiceError} not-found, conflict when somebody else recorded it
 */
export async function recordEntry(
  stage: EntryStage,
  recorder: Recorder,
  jobId: string,
  dto: CreateEntryDto,
): Promise<EntryDto> {
  const ofJob = await standOfJob(stage.db, jobId)
  const weather = ofJob === undefined ? null : await weatherOf(stage, recorder, ofJob, dto)
  return stage.db.transaction(async (transaction) => {
    const stand = ofJob === undefined ? undefined : await requireLockedStand(transaction, ofJob)
    const said = saidOf(dto)
    const again = await findEntry(transaction, { ...said, jobId })
    if (again) return named(transaction, again)
    const job = await requirePlannedJob(transaction, jobId)
    const { standId, caseId, remedyId, plannedKg, route, sourceId } = job
    // What a check of the verdict or a look finds out goes in as a reading or a look.
    if (job.kind !== 'apply' || route === null || sourceId === null) {
      throw new ServiceError(
        'conflict',
        'Only an application is recorded as an entry; record a look or a test as a reading.',
      )
    }
    const used = remedyId === null ? undefined : await selectUsed(transaction, remedyId)
    const { placeId = '' } = stand ?? {}
    // Before the entry refers to it: two who refer to it first would wait for each other.
    const meant = { productId: used?.productId ?? null, sourceId, route }
    const out = await whatWentOut(transaction, meant, dto, placeId)
    const stored = await insertEntry(transaction, {
      ...said,
      jobId,
      standId,
      placeId,
      caseId,
      ...out,
      plannedProductKg: plannedKg ?? (used?.productKg ?? 0) * job.share,
      weather,
      correctsId: null,
      isStruck: false,
      imported: null,
      reason: '',
      search: searchWords(said, [recorder.actor]),
      ...recordedBy(recorder),
    })
    await completeJob(transaction, job, recorder)
    if (stored.productId !== null)
      await addToStock(transaction, stored.productId, -stored.productKg)
    return named(transaction, stored)
  })
}

type WentOut = Pick<EntryRow, 'productId' | 'sourceId' | 'route'>

/**
 * What really went out, where that is said to be something else than it was meant to be: a product of
 * the shelf, or a form of the catalogue. Products are held in one order, so that two who change theirs do not wait for
 * each other.
 * @throws {ServiceError} invalid-body where the shelf has none such
 */
export async function whatWentOut(
  connection: Connection,
  seen: WentOut,
  dto: CreateEntryDto & { readonly route?: EntryRow['route'] },
  placeId: string,
): Promise<WentOut> {
  const route = dto.route ?? seen.route
  const productId = dto.productId === undefined ? seen.productId : dto.productId
  const ids = [...new Set([seen.productId, productId])].filter((id) => id !== null).toSorted()
  const held = new Map<string, Awaited<ReturnType<typeof lockProduct>>>()
  for (const id of ids) held.set(id, await lockProduct(connection, id))
  if (productId === null) return { route, productId, sourceId: dto.sourceId ?? seen.sourceId }
  const product = held.get(productId)
  if (product?.placeId !== placeId) {
    const message = 'Product: choose one of the shelf of this place.'
    throw new ServiceError('invalid-body', message, [{ field: 'productId', message }])
  }
  return { route, productId, sourceId: product.sourceId }
}

/**
 * The record of a place, line by line, the newest first.
 * @throws {ServiceError} not-found
 */
export async function readRecord(
  connection: Connection,
  placeId: string,
  query: EntryQueryDto,
): Promise<RecordPageDto> {
  await findPlace(connection, placeId)
  const { rows, total } = await selectRecord(connection, placeId, query)
  return {
    total,
    lines: rows.map(({ entry, standName, size, measures, productName, correctedBy }) => ({
      entry: entryDto(entry, productName),
      standName,
      productName,
      isCorrected: correctedBy !== null,
      groundM2: groundOf(size, measures ?? {}) ?? null,
    })),
  }
}
