import {
  toSetup,
  type ChangeSprayerDto,
  type CreateSprayerDto,
  type SprayerDto,
} from '@spudder/contract/sprayer'
import { checkSetup } from '@spudder/core/apply/sprayer'
import type { Connection, Database } from '../database/connect.ts'
import { newlyRecordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { findPlace } from '../place/place.service.ts'
import {
  insertSprayer,
  listSprayers,
  lockSprayer,
  keepSprayer,
  type SprayerRow,
} from './sprayer.repository.ts'

/**
 * Adds a sprayer to a place.
 * @throws {CoreError} for a set-up that cannot run
 */
export async function createSprayer(
  connection: Connection,
  recorder: Recorder,
  placeId: string,
  { id, name, setup }: CreateSprayerDto,
): Promise<SprayerDto> {
  await findPlace(connection, placeId)
  const row: SprayerRow = {
    id,
    placeId,
    name,
    setup: checkSetup(toSetup(setup)),
    calibration: null,
    isRetired: false,
    ...newlyRecordedBy(recorder),
  }
  return toDto(await insertSprayer(connection, row))
}

export async function findSprayers(connection: Connection, placeId: string): Promise<SprayerDto[]> {
  await findPlace(connection, placeId)
  return (await listSprayers(connection, placeId)).map(toDto)
}

/**
 * A sprayer of a place that is in use.
 * @throws {ServiceError} invalid-body when there is none such
 */
export async function requireSprayer(
  connection: Connection,
  id: string,
  placeId: string,
): Promise<SprayerRow> {
  const row = await lockSprayer(connection, id)
  if (row?.placeId === placeId && !row.isRetired) return row
  const message = 'Sprayer: choose one of this place.'
  throw new ServiceError('invalid-body', message, [{ field: 'sprayerId', message }])
}

/** Changes a sprayer, or keeps what was measured; a new set-up makes an old measuring void. */
export function changeSprayer(
  db: Database,
  recorder: Recorder,
  sprayerId: string,
  change: ChangeSprayerDto,
): Promise<SprayerDto> {
  return db.transaction(async (transaction) => {
    const before = await lockSprayer(transaction, sprayerId)
    if (!before) throw new ServiceError('not-found', 'There is no such sprayer.')
    const { setup, calibration } = change
    const row: Partial<SprayerRow> = {
      name: change.name ?? before.name,
      setup: setup ? checkSetup(toSetup(setup)) : before.setup,
      calibration: calibration ? { ...calibration } : setup ? null : before.calibration,
      isRetired: change.isRetired ?? before.isRetired,
    }
    const { placeId } = before
    const { version: seen, reason } = change
    const told = { placeId, standId: null, kind: 'sprayer', recorder, seen, reason } as const
    return toDto(await keepSprayer(transaction, { before, change: row, told }))
  })
}
