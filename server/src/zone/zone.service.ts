import { keptOf } from '@spudder/contract/validation'
import { ZoneDto, type ChangeZoneDto, type CreateZoneDto } from '@spudder/contract/zone'
import type { Connection, Database } from '../database/connect.ts'
import { changedBy, newlyRecordedBy, type Recorder } from '../http/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { requireStand } from '../stand/stand.service.ts'
import { insertZone, selectZone, selectZones, updateZone } from './zone.repository.ts'

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
  change: ChangeZoneDto,
): Promise<ZoneDto> {
  return db.transaction(async (transaction) => {
    if (Object.keys(change).length > 0) {
      await updateZone(transaction, zoneId, { ...change, ...changedBy(recorder) })
    }
    const row = await selectZone(transaction, zoneId)
    if (!row) throw new ServiceError('not-found', 'There is no such zone.')
    return toDto(row)
  })
}
