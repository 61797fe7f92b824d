import type { PutTogetherDto } from '@spudder/contract/archive'
import type { PlaceDto } from '@spudder/contract/place'
import { requireOwner } from '../access/own-place.ts'
import { changeRow } from '../change/change-row.ts'
import type { Connection, Database } from '../database/connect.ts'
import { derivedId } from '../database/derived-id.ts'
import { databaseErrno, duplicateEntry } from '../database/database-fault.ts'
import { tableOf } from '../history/history.repository.ts'
import type { ChangingKind } from '../history/things.repository.ts'
import type { Recorder } from '../recorder/recorder.ts'
import { keepPlace, lockPlace, type PlaceRow } from '../place/place.repository.ts'
import { findPlace } from '../place/place.service.ts'
import { ServiceError } from '../problem/service-error.ts'
import { nextPosition } from '../stand/stand.repository.ts'
import { archiveTables, insertArchived, selectArchived, selectBytes, insertBytes } from './archive-tables.repository.ts' // prettier-ignore

type Row = Record<string, unknown>

/** What belongs to the other place itself: its own settings, and the weather of where it lies. */
const ofThePlace: ReadonlySet<string> = new Set(['place', 'stationDay'])

/** What comes in put away and is brought out by name, so that taking it back puts it away again. */
const shown = {
  stand: 'isArchived',
  product: 'isRetired',
  sprayer: 'isRetired',
} as const satisfies Partial<Record<ChangingKind, string>>
const isShown = (name: string): name is keyof typeof shown => Object.hasOwn(shown, name)

/** A value with every id in it as it is called at the other place. */
function renamed(value: unknown, ids: ReadonlyMap<string, string>): unknown {
  if (typeof value === 'string') return ids.get(value) ?? value
  if (value === null || typeof value !== 'object' || value instanceof Date) return value
  if (Array.isArray(value)) return value.map((each) => renamed(each, ids))
  return Object.fromEntries(
    Object.entries(value).map(([name, each]) => [ids.get(name) ?? name, renamed(each, ids)]),
  )
}

/** All rows of a place under ids of their own, each table after those that its rows name. */
async function copyOf(connection: Connection, from: PlaceRow, into: PlaceRow) {
  const ids = new Map([[from.id, into.id]])
  const tables = new Map<string, Row[]>()
  for (const { name } of archiveTables.filter((each) => !ofThePlace.has(each.name))) {
    const rows = await selectArchived(connection, name, from.id)
    for (const { id } of rows) ids.set(String(id), derivedId(into.id, String(id)))
    tables.set(name, rows)
  }
  const copied = [...tables].map(([name, rows]) => [name, renamed(rows, ids) as Row[]] as const)
  const photoIds = (tables.get('photo') ?? []).map(({ id }) => String(id))
  return { tables: copied, photos: photoIds.map((id) => ({ id, newId: ids.get(id) ?? id })) }
}

interface Doing {
  readonly into: PlaceRow
  readonly recorder: Recorder
  readonly reason: string
}

/** Stores rows; what shows on the screens comes in put away and is then brought out. */
async function storeCopy(
  connection: Connection,
  [name, rows]: readonly [string, readonly Row[]],
  { into, recorder, reason }: Doing,
): Promise<void> {
  const first = name === 'stand' ? await nextPosition(connection, into.id) : 0
  const placed = rows.map((row, index) =>
    name === 'stand' ? { ...row, position: first + index } : row,
  )
  if (!isShown(name)) return insertArchived(connection, name, placed)
  const away = shown[name]
  const hidden = placed.map((row) => ({ ...row, [away]: true }))
  await insertArchived(connection, name, hidden)
  for (const [index, row] of hidden.entries()) {
    if (rows[index]?.[away] === true) continue
    const before = row as Row & Parameters<typeof changeRow>[2]['before']
    const standId = name === 'stand' ? before.id : null
    const told = { placeId: into.id, standId, kind: name, recorder, reason }
    await changeRow(connection, tableOf(name), { before, change: { [away]: false }, told })
  }
}

/**
 * Puts the other place together with this one: all that was recorded there stands here too, under ids of
 * its own, and the other is put away as it was. Taken back, all of that is put away and the other is back.
 * @throws {ServiceError} not-found for a place that is not one's own; conflict where it is the same one, or was done before
 */
export async function putTogether(
  db: Database,
  recorder: Recorder,
  placeId: string,
  { otherId, reason }: PutTogetherDto,
): Promise<PlaceDto> {
  if (placeId === otherId)
    throw new ServiceError('conflict', 'Choose another place: this is the same one.')
  await requireOwner(db, recorder, otherId)
  const work = db.transaction(async (transaction) => {
    // In one order, so that two who put the same two together do not wait for each other.
    const places = new Map<string, PlaceRow | undefined>()
    for (const id of [placeId, otherId].toSorted()) places.set(id, await lockPlace(transaction, id))
    const [into, other] = [places.get(placeId), places.get(otherId)]
    if (!into || !other) throw new ServiceError('not-found', 'There is no such place.')
    const { tables, photos } = await copyOf(transaction, other, into)
    for (const each of tables) await storeCopy(transaction, each, { into, recorder, reason })
    for (const { id, newId } of photos) {
      const bytes = await selectBytes(transaction, id)
      if (!bytes) throw new Error(`the bytes of photo ${id} are missing`)
      await insertBytes(transaction, newId, bytes)
    }
    const told = { placeId, standId: null, kind: 'place', recorder, reason } as const
    await keepPlace(transaction, { before: other, change: { isArchived: true }, told })
  })
  await work.catch((error: unknown) => {
    if (databaseErrno(error) !== duplicateEntry) throw error
    throw new ServiceError(
      'conflict',
      'These two were put together before. What was put away since can be brought back in the estate.',
    )
  })
  return findPlace(db, placeId)
}
