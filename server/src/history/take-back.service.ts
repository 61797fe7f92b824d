import type { TakeBackDto, TakenBackDto } from '@spudder/contract/history'
import { takenBack } from '@spudder/core/outcome/history'
import type { CaseRow } from '../case/case.repository.ts'
import { requireAlone } from '../case/case.service.ts'
import { changeRow } from '../change/change-row.ts'
import { momentColumns, type HistoryRow } from '../change/change.repository.ts'
import type { Connection, Database } from '../database/connect.ts'
import type { Recorder } from '../recorder/recorder.ts'
import type { JobRow } from '../job/job.repository.ts'
import { lockPlace } from '../place/place.repository.ts'
import { ServiceError } from '../problem/service-error.ts'
import { requireJobBears } from '../schedule/schedule.service.ts'
import { addToStock, type ProductRow } from '../shelf/product.repository.ts'
import { requireSoundLabel } from '../shelf/product.service.ts'
import type { StandRow } from '../stand/stand.repository.ts'
import { requireLockedStand, requireSizeFree } from '../stand/stand.service.ts'
import { isChanging, lockRow, selectGroup, tableOf } from './history.repository.ts'
import type { ChangingKind } from './things.repository.ts'

type Row = Record<string, unknown> & { readonly id: string }
interface Back {
  readonly before: Row
  readonly after: Row
}
type Guard = (connection: Connection, back: Back) => Promise<void>

const free: Guard = () => Promise.resolve()

/** What was bought came onto the shelf when it was said to be done, and leaves it with that. */
async function unbuy(connection: Connection, { before, after }: Back): Promise<void> {
  const { kind, productId, plannedKg } = after as unknown as JobRow
  if (kind !== 'buy' || productId === null) return
  const sign = Number(after['status'] === 'done') - Number(before['status'] === 'done')
  if (sign !== 0) await addToStock(connection, productId, sign * (plannedKg ?? 0))
}

/** What must hold of a thing that is again as it was; a kind without a row does not compile. */
const guards: Readonly<Record<ChangingKind, Guard>> = {
  stand: (connection, { before, after }) =>
    requireSizeFree(connection, after as unknown as StandRow, before as unknown as StandRow),
  case: async (connection, { after }) => {
    const row = after as unknown as CaseRow
    if (row.closedOn === null) await requireAlone(connection, row)
  },
  job: async (connection, back) => {
    await unbuy(connection, back)
    await requireJobBears(connection, back.after as unknown as JobRow)
  },
  product: (connection, { before, after }) =>
    requireSoundLabel(connection, after as unknown as ProductRow, before as unknown as ProductRow),
  place: free,
  reading: free,
  event: free,
  look: free,
  photo: free,
  trial: free,
  rating: free,
  zone: free,
  jarTest: free,
  eye: free,
  drill: free,
  advice: free,
  sprayer: free,
}

const changedAgain = ({ createdBy }: HistoryRow) =>
  new ServiceError(
    'conflict',
    `What ${createdBy} changed there was changed again since. Look at it and change it by hand.`,
  )

/** Moments stand as text in the history, and as moments in their columns. */
function asColumns(kind: ChangingKind, fields: Readonly<Record<string, unknown>>) {
  const moments = momentColumns(tableOf(kind))
  return Object.fromEntries(
    Object.entries(fields).map(([name, value]) => [
      name,
      moments.has(name) && typeof value === 'string' ? new Date(value) : value,
    ]),
  )
}

async function takeBackOne(
  connection: Connection,
  row: HistoryRow,
  { recorder, reason }: { readonly recorder: Recorder; readonly reason: string },
): Promise<Back & { readonly kind: ChangingKind }> {
  const { kind, rowId, placeId, standId, changes } = row
  const before = isChanging(kind) ? await lockRow(connection, kind, rowId) : undefined
  if (!isChanging(kind) || !before) throw changedAgain(row)
  const back = takenBack(before, changes)
  if (!back.ok) throw changedAgain(row)
  const told = { kind, placeId, standId, recorder, act: 'restored', reason } as const
  const after = await changeRow(connection, tableOf(kind), {
    before: before as Row & Parameters<typeof changeRow>[2]['before'],
    change: asColumns(kind, back.fields),
    told,
  })
  return { kind, before, after: after as unknown as Row }
}

/**
 * Takes back all that was changed at once, or nothing: a correction, a strike, a job that was dropped
 * with those that waited for it, a season's moves.
 * @throws {ServiceError} not-found; conflict where any of it was changed again since
 */
export function takeBack(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { groupId, reason = '' }: TakeBackDto,
): Promise<TakenBackDto> {
  return db.transaction(async (transaction) => {
    const place = await lockPlace(transaction, placeId)
    const rows = place ? await selectGroup(transaction, placeId, groupId) : []
    if (rows.length === 0)
      throw new ServiceError('not-found', 'There is no such change at this place.')
    const standIds = new Set(rows.flatMap(({ standId }) => standId ?? []))
    for (const standId of [...standIds].toSorted()) await requireLockedStand(transaction, standId)
    const done = []
    for (const row of rows) done.push(await takeBackOne(transaction, row, { recorder, reason }))
    // All is as it was before any is judged: two that changed places do not stand in each other's way.
    for (const { kind, ...back } of done) await guards[kind](transaction, back)
    return { count: done.length }
  })
}
