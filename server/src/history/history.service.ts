import type { HistoryLineDto, HistoryPageDto, HistoryQueryDto } from '@spudder/contract/history'
import type { HistoryKind } from '@spudder/core/outcome/history'
import { cameWords } from '@spudder/core/seen/reading'
import { group } from 'd3-array'
import { isHidden } from '../change/change-row.ts'
import type { HistoryRow } from '../change/change.repository.ts'
import type { Connection } from '../database/connect.ts'
import { findPlace } from '../place/place.service.ts'
import { selectChanges, selectStored, selectThingsById, type Cursor } from './history.repository.ts'
import type { ToldThing } from './things.repository.ts'

/** Where a thing came from, where nobody typed it. */
function cameOfThing({ came, imported }: ToldThing): string {
  if (came) return came.how === 'typed' ? '' : cameWords(came)
  return imported ? cameWords({ how: 'imported', ...imported }) : ''
}

/** The file that a thing came in with; what puts such a thing right came by hand. */
export function fileOfThing({ came, imported, of }: ToldThing): string | null {
  if ('correctsId' in of && of.correctsId !== null) return null
  return imported?.file ?? (came?.how === 'imported' ? came.file : null)
}

const storedLine = (thing: ToldThing): HistoryLineDto => ({
  id: thing.id,
  at: thing.at.toISOString(),
  by: thing.by,
  act: 'stored',
  kind: thing.kind,
  rowId: thing.id,
  standId: thing.standId,
  standName: thing.standName,
  of: { ...thing.of },
  came: cameOfThing(thing),
  file: fileOfThing(thing),
  changes: {},
  reason: thing.reason,
  groupId: null,
})

function changedLine(row: HistoryRow, thing: ToldThing | undefined): HistoryLineDto {
  return {
    id: row.id,
    at: row.createdAt.toISOString(),
    by: row.createdBy,
    act: row.act,
    kind: row.kind,
    rowId: row.rowId,
    standId: row.standId,
    standName: thing?.standName ?? null,
    // What stood in place of another went with it, as the reading of a photo.
    of: thing ? { ...thing.of } : null,
    came: thing ? cameOfThing(thing) : '',
    file: thing ? fileOfThing(thing) : null,
    changes: row.changes,
    reason: row.reason,
    groupId: isHidden(row.changes) ? null : row.groupId,
  }
}

function cursorOf(before: string | undefined): Cursor | undefined {
  if (before === undefined) return undefined
  const [at = '', id = ''] = before.split('~')
  return { at: new Date(at), id }
}

/** The newest first; what was done at once stands by id, as the pages go on. */
const newestFirst = (one: HistoryLineDto, other: HistoryLineDto): number =>
  other.at.localeCompare(one.at) || (other.id < one.id ? -1 : 1)

/**
 * Who did what at a place: what was stored, changed, struck out and brought back, the newest first.
 * @throws {ServiceError} not-found
 */
export async function readHistory(
  connection: Connection,
  placeId: string,
  query: HistoryQueryDto,
): Promise<HistoryPageDto> {
  await findPlace(connection, placeId)
  const sought = { placeId, query, cursor: cursorOf(query.before) }
  const wantsStored = query.act === undefined || query.act === 'stored'
  const [stored, changes] = await Promise.all([
    wantsStored ? selectStored(connection, sought) : [],
    query.act === 'stored' ? [] : selectChanges(connection, sought),
  ])
  const idsByKind = new Map<HistoryKind, string[]>(
    [...group(changes, ({ kind }) => kind)].map(([kind, rows]) => [
      kind,
      rows.map(({ rowId }) => rowId),
    ]),
  )
  const changed = await selectThingsById(connection, idsByKind)
  const lines = [
    ...stored.map(storedLine),
    ...changes.map((row) => changedLine(row, changed.get(row.rowId))),
  ].toSorted(newestFirst)
  const page = lines.slice(0, query.limit)
  const last = page.at(-1)
  const isFull = page.length === query.limit
  return { lines: page, before: last && isFull ? `${last.at}~${last.id}` : null }
}
