import {
  changeWords,
  fieldChanges,
  type FieldChanges,
  type HistoryAct,
  type HistoryKind,
} from '@spudder/core/outcome/history'
import { randomUUID } from 'node:crypto'
import type { Connection } from '../database/connect.ts'
import { changedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import {
  insertHistory,
  isChangedUnder,
  selectChangesOf,
  selectUnitSystem,
  updateRow,
  type ChangeableTable,
} from './change.repository.ts'

/** Whose a thing is. */
export interface Owner {
  readonly placeId: string
  /** Null for what belongs to the place as a whole. */
  readonly standId: string | null
}

/** What is told of a change beside its fields. */
export interface Told extends Owner {
  readonly kind: HistoryKind
  readonly recorder: Recorder
  readonly act?: HistoryAct
  /** The state that whoever changes it saw; absent where they need not have seen any. */
  readonly seen?: number | undefined
  readonly reason?: string | undefined
}

interface Row {
  readonly id: string
  readonly version: number
  readonly changedBy: string | null
  readonly createdBy: string
}

/** Kept of every row, and of no interest in its history. */
const bookkeeping = ['version', 'changedBy', 'changedAt', 'createdBy', 'createdAt'] as const
/** Fields whose parts are told as one. */
const whole: ReadonlySet<string> = new Set([
  'size',
  'measure',
  'origin',
  'labelRate',
  'labelMaximum',
])
/** Fields that nobody may read in the history: only that there was one. */
const secret: ReadonlySet<string> = new Set(['calendarToken'])

/** Whether something of a change is hidden: nobody can take it back by what the history holds. */
export const isHidden = (changes: FieldChanges): boolean =>
  Object.keys(changes).some((field) => secret.has(field))

const hidden = (changes: FieldChanges): FieldChanges =>
  Object.fromEntries(
    Object.entries(changes).map(([field, change]) => [
      field,
      secret.has(field)
        ? { was: change.was === null ? null : true, is: change.is === null ? null : true }
        : change,
    ]),
  )

/** Somebody changed it since it was seen: says who, what and from what to what. */
async function changedMeanwhile(
  connection: Connection,
  before: Row,
  { kind, placeId, seen = before.version }: Told,
): Promise<ServiceError> {
  const since = await selectChangesOf(connection, before.id, before.version - seen)
  const system = await selectUnitSystem(connection, placeId)
  const said = since
    .toReversed()
    .map(({ createdBy, changes }) => {
      const words = changeWords(kind, changes, system).map(
        ({ label, was, is }) => `${label} from ${was} to ${is}`,
      )
      return `${createdBy} changed ${words.join(', ')}.`
    })
    .join(' ')
  const by = before.changedBy ?? before.createdBy
  const detail = said === '' ? `${by} changed it.` : said
  return new ServiceError('changed-meanwhile', detail, [], before.version)
}

/** A row, what becomes of it, and what is told of that. */
export interface Change<R> {
  readonly before: R
  readonly change: Partial<R>
  readonly told: Told
}

/**
 * Changes a row and keeps what was changed: the one way in which anything stored becomes otherwise. The
 * row must be locked. Where nothing differs, nothing is stored; sent again after a lost answer, it is the row as it
 * is there.
 * @returns the row as it is now
 * @throws {ServiceError} changed-meanwhile where the one who changes it saw an older state
 */
export async function changeRow<R extends Row>(
  connection: Connection,
  table: ChangeableTable,
  { before, change, told }: Change<R>,
): Promise<R> {
  const { recorder, kind, placeId, standId, act = 'changed', reason = '' } = told
  if (told.seen !== undefined && told.seen !== before.version) {
    if (await isChangedUnder(connection, before.id, recorder.groupId)) return before
    throw await changedMeanwhile(connection, before, told)
  }
  const after = { ...before, ...change }
  const said = Object.fromEntries(
    Object.entries(after).filter(([name]) => !bookkeeping.some((kept) => kept === name)),
  )
  const changes = fieldChanges(before as Readonly<Record<string, unknown>>, said, whole)
  if (Object.keys(changes).length === 0) return before
  const kept = { ...after, version: before.version + 1, ...changedBy(recorder) }
  const { id: _id, ...columns } = kept
  await updateRow(connection, table, before.id, columns)
  await insertHistory(connection, {
    id: randomUUID(),
    placeId,
    standId,
    kind,
    rowId: before.id,
    act,
    changes: hidden(changes),
    reason,
    groupId: recorder.groupId,
    createdBy: recorder.actor,
    createdAt: recorder.at,
  })
  return kept
}
