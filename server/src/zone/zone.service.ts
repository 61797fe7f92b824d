import { changedOf, keptOf } from '@spudder/contract/validation'
import { ZoneDto, type ChangeZoneDto, type CreateZoneDto } from '@spudder/contract/zone'
import type { Connection, Database } from '../database/connect.ts'
import { newlyRecordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { requireStand } from '../stand/stand.service.ts'
import { insertZone, keepZone, lockZone, selectZones } from './zone.repository.ts'

/**
 * Keeps a zone of a stand.
 * @throws {ServiceError} not-found, conflict
 */
export async function createZone(
  db: Database,
  recorder: Recorder,
  standId: string,
  dto: CreateZoneDto,
): Promise<ZoneDto> {
  await requireStand(db, standId)
  const row = await insertZone(db, {
    id: dto.id,
    standId,
    ...keptOf(ZoneDto, dto),
    isTakenAway: false,
    imported: null,
    ...newlyRecordedBy(recorder),
  })
  return toDto(row)
}

export async function findZones(connection: Connection, standId: string): Promise<ZoneDto[]> {
  await requireStand(connection, standId)
  return (await selectZones(connection, standId)).map(toDto)
}

/**
 * Changes what is given of a zone, or takes it away; the row stays.
 * @throws {ServiceError} not-found
 */
export async function changeZone(
  db: Database,
  recorder: Recorder,
  zoneId: string,
  given: ChangeZoneDto,
): Promise<ZoneDto> {
  return db.transaction(async (transaction) => {
    const before = await lockZone(transaction, zoneId)
    if (!before) throw new ServiceError('not-found', 'There is no such zone.')
    const { standId } = before
    const { placeId } = await requireStand(transaction, standId)
    const { version: seen, reason } = given
    const told = { placeId, standId, kind: 'zone', recorder, seen, reason } as const
    const change = {
      ...changedOf(ZoneDto, given),
      isTakenAway: given.isTakenAway ?? before.isTakenAway,
    }
    return toDto(await keepZone(transaction, { before, change, told }))
  })
}
