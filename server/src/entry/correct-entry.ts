import type { CorrectEntryDto, EntryDto } from '@spudder/contract/entry'
import { lockCase } from '../case/case.repository.ts'
import type { Owner } from '../change/change-row.ts'
import type { Connection } from '../database/connect.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import { keepJob, lockJob } from '../job/job.repository.ts'
import { requirePlannedJob } from '../job/planned-job.ts'
import { ServiceError } from '../problem/service-error.ts'
import { addToStock, lockProduct } from '../shelf/product.repository.ts'
import { requireLockedStand } from '../stand/stand.service.ts'
import {
  findEntry,
  insertEntry,
  selectCorrectionOf,
  selectEntry,
  type EntryRow,
} from './entry.repository.ts'
import { named, saidOf, searchWords, whatWentOut, type EntryStage, type Said } from './entry.service.ts' // prettier-ignore

/** What a correction says; what it leaves out stays as it was in the entry that it corrects. */
function corrected(seen: EntryRow, dto: CorrectEntryDto): Said & Pick<EntryRow, 'weather'> {
  const said = saidOf(dto)
  const given = new Map<string, unknown>(Object.entries(dto))
  // A note belongs to the entry that it was written in.
  const left = Object.entries(seen).filter(
    ([name]) => name in said && name !== 'note' && given.get(name) === undefined,
  )
  const weather = dto.weather ? { ...dto.weather } : seen.weather
  return { ...said, ...Object.fromEntries(left), weather }
}

/**
 * What an entry took from the shelf: nothing where it says that nothing happened, or where it came in with a
 * file: that tells of what was done before anybody counted here.
 */
const taken = ({ isStruck, imported, productKg }: EntryRow): number =>
  isStruck || imported !== null ? 0 : productKg

/** Gives the shelf back what the older of two entries took, and takes what the newer says. */
async function moveStock(connection: Connection, older: EntryRow, newer: EntryRow): Promise<void> {
  if (older.productId !== null && older.productId === newer.productId) {
    await addToStock(connection, older.productId, taken(older) - taken(newer))
    return
  }
  if (older.productId !== null) await addToStock(connection, older.productId, taken(older))
  if (newer.productId !== null) await addToStock(connection, newer.productId, -taken(newer))
}

interface Striking {
  readonly isStruck: boolean
  readonly owner: Owner
  readonly recorder: Recorder
  readonly reason: string
}

/**
 * The job of an entry that did not happen is to be done again, where somebody had planned it; of one that
 * did happen after all it is done.
 * @throws {ServiceError} conflict where it was recorded anew, or dropped, in between
 */
async function seeToJob(
  connection: Connection,
  { jobId }: EntryRow,
  { isStruck, owner, recorder, reason }: Striking,
): Promise<void> {
  const before = isStruck
    ? await lockJob(connection, jobId)
    : await requirePlannedJob(connection, jobId)
  if (!before) return
  const wasPlanned = before.remedyId !== null || before.acidPlanId !== null
  const ofCase = before.caseId === null ? undefined : await lockCase(connection, before.caseId)
  // Of a case that is closed nothing is planned; nor was what came in by a file ever planned.
  const isStillWanted = wasPlanned && (ofCase?.closedOn ?? null) === null
  const undone = isStillWanted ? 'planned' : 'dropped'
  const told = { ...owner, kind: 'job', recorder, reason } as const
  const change: Partial<typeof before> = { status: isStruck ? undone : 'done' }
  await keepJob(connection, { before, change, told })
}

/** Stores what puts an entry right; its job and the shelf follow. */
async function putRight(
  connection: Connection,
  recorder: Recorder,
  { seen, next }: { readonly seen: EntryRow; readonly next: EntryRow },
): Promise<EntryRow> {
  const { isStruck, reason } = next
  if (isStruck !== seen.isStruck) {
    const owner = { placeId: seen.placeId, standId: seen.standId }
    await seeToJob(connection, seen, { isStruck, owner, recorder, reason })
  }
  const right = { ...next, correctsId: seen.id, ...recordedBy(recorder) }
  const stored = await insertEntry(connection, right)
  await moveStock(connection, seen, stored)
  return stored
}

const noEntry = () => new ServiceError('not-found', 'There is no such entry.')

/**
 * Puts an entry right by a new one that names it. The newest of a chain is the one to correct; the
 * shelf gets back what was too much.
 * @throws {ServiceError} not-found, conflict when it was corrected already
 */
export async function correctEntry(
  { db }: Pick<EntryStage, 'db'>,
  recorder: Recorder,
  entryId: string,
  dto: CorrectEntryDto,
): Promise<EntryDto> {
  const seen = await selectEntry(db, entryId)
  if (!seen) throw noEntry()
  return db.transaction(async (transaction) => {
    const { placeId } = await requireLockedStand(transaction, seen.standId)
    const right = corrected(seen, dto)
    const again = await findEntry(transaction, { ...right, correctsId: entryId })
    if (again) return named(transaction, again)
    const newer = await selectCorrectionOf(transaction, entryId)
    if (newer) {
      throw new ServiceError(
        'conflict',
        `This entry was already corrected by ${newer.createdBy}. Correct the newer one.`,
      )
    }
    const out = await whatWentOut(transaction, seen, dto, placeId)
    const { reason, isStruck = false } = dto
    const search = searchWords(right, [reason, recorder.actor])
    const next = { ...seen, ...right, ...out, isStruck, reason, search }
    return named(transaction, await putRight(transaction, recorder, { seen, next }))
  })
}

/**
 * Strikes out what an entry says by now, if anything.
 * @returns whether there was anything to strike
 */
export async function strikeNewest(
  connection: Connection,
  recorder: Recorder,
  entryId: string,
  { id, reason }: { readonly id: string; readonly reason: string },
): Promise<boolean> {
  let seen = await selectEntry(connection, entryId)
  for (let newer = seen; newer; newer = await selectCorrectionOf(connection, newer.id)) seen = newer
  if (!seen || seen.isStruck) return false
  if (seen.productId !== null) await lockProduct(connection, seen.productId)
  const search = `${seen.search} ${reason.toLowerCase()}`
  await putRight(connection, recorder, {
    seen,
    next: { ...seen, id, isStruck: true, reason, search },
  })
  return true
}
