import type { FileKind, TakeBackFileDto, TakenBackDto } from '@spudder/contract/history'
import { changeRow } from '../change/change-row.ts'
import type { Connection, Database } from '../database/connect.ts'
import { derivedId } from '../database/derived-id.ts'
import { strikeNewest } from '../entry/correct-entry.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { lockPlace } from '../place/place.repository.ts'
import { ServiceError } from '../problem/service-error.ts'
import { requireLockedStand } from '../stand/stand.service.ts'
import { fileOfThing } from './history.service.ts'
import { lockRow, selectOfFile, selectThingsById, tableOf } from './history.repository.ts'
import type { ToldThing } from './things.repository.ts'

/** How a thing that came in by a file goes again; a kind without a row does not compile. */
const gone = {
  stand: { isArchived: true },
  product: { isRetired: true },
  reading: { isStruck: true },
  event: { isStruck: true },
  look: { isStruck: true },
} as const satisfies Readonly<Record<Exclude<FileKind, 'entry'>, object>>
type Row = Record<string, unknown>
type GoingKind = keyof typeof gone
const isGoing = (kind: string): kind is GoingKind => Object.hasOwn(gone, kind)

interface Going {
  readonly placeId: string
  readonly recorder: Recorder
  readonly reason: string
}

/** @returns whether there was anything left to take back of it */
async function takeBackOne(
  connection: Connection,
  { kind, id, standId }: ToldThing,
  { placeId, recorder, reason }: Going,
): Promise<boolean> {
  if (kind === 'entry') {
    const strike = { id: derivedId('strike', recorder.groupId, id), reason }
    return strikeNewest(connection, recorder, id, strike)
  }
  if (!isGoing(kind)) return false
  const row = await lockRow(connection, kind, id)
  if (!row) return false
  const before = row as Row & Parameters<typeof changeRow>[2]['before']
  const act = kind === 'stand' || kind === 'product' ? 'changed' : 'struck'
  const told = { placeId, standId, kind, recorder, act, reason } as const
  const after = await changeRow(connection, tableOf(kind), {
    before,
    change: gone[kind] as Partial<Row>,
    told,
  })
  return after.version !== before.version
}

/**
 * Takes back all that one file brought in with a thing: readings, looks and entries are struck out, stands
 * put away, products taken out of use; all of it or nothing. What was put right since goes too.
 * @throws {ServiceError} not-found where the thing is not of the place, or came from no file
 */
export function takeBackFile(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { kind, id, reason }: TakeBackFileDto,
): Promise<TakenBackDto> {
  return db.transaction(async (transaction) => {
    const place = await lockPlace(transaction, placeId)
    const thing = (await selectThingsById(transaction, new Map([[kind, [id]]]))).get(id)
    const file = thing ? fileOfThing(thing) : null
    const rows =
      place && thing && file !== null
        ? await selectOfFile(transaction, placeId, { ...thing, file })
        : []
    if (rows.length === 0) throw new ServiceError('not-found', 'That did not come in with a file.')
    const standIds = new Set(rows.flatMap(({ standId }) => standId ?? []))
    for (const standId of [...standIds].toSorted()) await requireLockedStand(transaction, standId)
    let count = 0
    for (const row of rows)
      count += Number(await takeBackOne(transaction, row, { placeId, recorder, reason }))
    return { count }
  })
}
