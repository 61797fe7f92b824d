import type {
  CreateRecordLinkDto,
  RecordLinkDto,
  RecordLinkMadeDto,
  SharedRecordDto,
  SharedRecordQueryDto,
} from '@spudder/contract/record-link'
import { addDays, dateToDay } from '@spudder/core/base/calendar'
import { noteAudit } from '../access/audit.ts'
import { fingerprintOf, newSecret } from '../access/secret.ts'
import type { Visit } from '../access/visitor.ts'
import type { Database } from '../database/connect.ts'
import { readRecord } from '../entry/entry.service.ts'
import { findPlace } from '../place/place.service.ts'
import { ServiceError } from '../problem/service-error.ts'
import { recordedBy, type Recorder } from '../recorder/recorder.ts'
import {
  insertRecordLink,
  selectRecordLink,
  selectRecordLinkByToken,
  selectRecordLinks,
  selectStandName,
  updateRecordLink,
  type RecordLinkRow,
} from './record-link.repository.ts'

/** No more often is it noted that a link was opened [ms]. */
const notedEveryMs = 3_600_000

const linkDto = (row: RecordLinkRow): RecordLinkDto => ({
  id: row.id,
  name: row.name,
  standId: row.standId,
  from: row.fromDay,
  to: row.toDay,
  expiresOn: row.expiresOn,
  openedAt: row.openedAt?.toISOString() ?? null,
  isWithdrawn: row.isWithdrawn,
  createdBy: row.createdBy,
  createdAt: row.createdAt.toISOString(),
})

/** Links that still lead somewhere. */
export async function findRecordLinks(
  db: Database,
  placeId: string,
  at: Date,
): Promise<RecordLinkDto[]> {
  return (await selectRecordLinks(db, placeId, dateToDay(at))).map(linkDto)
}

/** @throws {ServiceError} not-found for a stand of another place, invalid-body for days in the wrong order */
export async function createRecordLink(
  db: Database,
  { recorder, placeId }: { readonly recorder: Recorder; readonly placeId: string },
  { id, name, standId, from, to, days }: CreateRecordLinkDto,
): Promise<RecordLinkMadeDto> {
  if (standId !== undefined && (await selectStandName(db, placeId, standId)) === undefined)
    throw new ServiceError('not-found', 'There is no such stand here.')
  if (from !== undefined && to !== undefined && from > to)
    throw new ServiceError('invalid-body', 'The first day lies after the last: change one of them.')
  const secret = newSecret()
  const row: RecordLinkRow = {
    id,
    placeId,
    name,
    token: fingerprintOf(secret),
    standId: standId ?? null,
    fromDay: from ?? null,
    toDay: to ?? null,
    expiresOn: addDays(dateToDay(recorder.at), days),
    openedAt: null,
    isWithdrawn: false,
    ...recordedBy(recorder),
  }
  await insertRecordLink(db, row)
  return { ...linkDto(row), token: secret }
}

/** @throws {ServiceError} not-found for a link of another place */
export async function withdrawRecordLink(
  db: Database,
  placeId: string,
  id: string,
): Promise<RecordLinkDto> {
  const row = await selectRecordLink(db, placeId, id)
  if (!row) throw new ServiceError('not-found', 'There is no such link here.')
  await updateRecordLink(db, id, { isWithdrawn: true })
  return linkDto({ ...row, isWithdrawn: true })
}

/**
 * A part of the record, for whoever has a link to it.
 * @throws {ServiceError} not-found for one that ended, was taken back, or never was: nobody learns which
 */
export async function readSharedRecord(
  db: Database,
  visit: Visit,
  { token, offset, limit }: SharedRecordQueryDto & { readonly token: string },
): Promise<SharedRecordDto> {
  const at = new Date()
  const link = await selectRecordLinkByToken(db, fingerprintOf(token), dateToDay(at))
  if (!link) throw new ServiceError('not-found', 'This link leads nowhere: it ended, or was taken back. Ask whoever sent it for another.') // prettier-ignore
  const { placeId, standId, fromDay: from, toDay: to } = link
  const { name: placeName, unitSystem } = await findPlace(db, placeId)
  const standName = standId === null ? null : await selectStandName(db, placeId, standId)
  // A stand that is gone must not open the record of all the others.
  if (standName === undefined) throw new ServiceError('not-found', 'The stand that this link leads to is there no more.') // prettier-ignore
  const page = await readRecord(db, placeId, {
    offset,
    limit,
    ...(standId !== null && { standId }),
    ...(from !== null && { from }),
    ...(to !== null && { to }),
  })
  if (link.openedAt === null || at.getTime() - link.openedAt.getTime() > notedEveryMs) {
    await updateRecordLink(db, link.id, { openedAt: at })
    const actor = `the link for ${link.name}`
    await noteAudit(db, visit.from, { act: 'record-opened', personId: null, actor, placeId })
  }
  const { createdBy: sharedBy, expiresOn } = link
  return { placeName, unitSystem, standName, from, to, sharedBy, expiresOn, page }
}
