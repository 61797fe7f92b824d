import {
  StandDto,
  toStandSize,
  type ChangeStandDto,
  type CreateStandDto,
} from '@spudder/contract/stand'
import { keptOf } from '@spudder/contract/validation'
import { CoreError } from '@spudder/core/base/error'
import { checkStandSize, findPlant } from '@spudder/core/stand/plant'
import { isDeepStrictEqual } from 'node:util'
import type { Connection, Database } from '../database/connect.ts'
import { changedBy, newlyRecordedBy, type Recorder } from '../http/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { findPlace } from '../place/place.service.ts'
import {
  countPlannedApplications,
  insertStand,
  lockStand,
  nextPosition,
  selectStand,
  updateStand,
  type StandRow,
} from './stand.repository.ts'

const noStand = () => new ServiceError('not-found', 'There is no such stand.')

/** @throws {ServiceError} not-found */
export async function requireStand(connection: Connection, id: string): Promise<StandRow> {
  const row = await selectStand(connection, id)
  if (!row) throw noStand()
  return row
}

/** As {@link requireStand}, held until the transaction ends. */
export async function requireLockedStand(connection: Connection, id: string): Promise<StandRow> {
  const row = await lockStand(connection, id)
  if (!row) throw noStand()
  return row
}

/** @throws {CoreError} where plant, size and context do not fit together */
export async function createStand(
  db: Database,
  recorder: Recorder,
  placeId: string,
  dto: CreateStandDto,
): Promise<StandDto> {
  const plant = findPlant(dto.plantId)
  if (!plant.contexts.includes(dto.context)) {
    throw new CoreError('plant-elsewhere', {
      parameter: 'plantId',
      received: plant.name,
    })
  }
  const size = checkStandSize(dto.context, toStandSize(dto.size))
  return db.transaction(async (transaction) => {
    await findPlace(transaction, placeId)
    const position = await nextPosition(transaction, placeId)
    const row = {
      id: dto.id,
      placeId,
      position,
      ...keptOf(StandDto, dto),
      size,
      isArchived: false,
      ...newlyRecordedBy(recorder),
    }
    return toDto(await insertStand(transaction, row))
  })
}

/** What amounts are calculated by; the drawn edge alone changes none. */
function calculatedBy({ size, measures }: Pick<StandRow, 'size' | 'measures'>) {
  const { groundM2, plantCount, rowM, inRowM, betweenRowsM, canopyM2 } = measures ?? {}
  return { size, groundM2, plantCount, rowM, inRowM, betweenRowsM, canopyM2 }
}

/**
 * Changes a stand; what is left out stays. Amounts that are planned rest on its size, so that cannot
 * change under them.
 * @throws {ServiceError} not-found, conflict; {CoreError} for a size that does not suit the stand
 */
export function changeStand(
  db: Database,
  recorder: Recorder,
  standId: string,
  { name, size, measures, care, note, isArchived }: ChangeStandDto,
): Promise<StandDto> {
  return db.transaction(async (transaction) => {
    const before = await requireLockedStand(transaction, standId)
    const row: StandRow = {
      ...before,
      name: name ?? before.name,
      size: size ? checkStandSize(before.context, toStandSize(size)) : before.size,
      measures: measures ? { ...measures } : before.measures,
      care: care ? { ...care } : before.care,
      note: note ?? before.note,
      isArchived: isArchived ?? before.isArchived,
      ...changedBy(recorder),
    }
    const isSame = isDeepStrictEqual(calculatedBy(row), calculatedBy(before))
    if (!isSame && (await countPlannedApplications(transaction, standId)) > 0) {
      throw new ServiceError(
        'conflict',
        'Jobs are planned for the size it has now. Record or drop them first; then change it and plan anew.',
      )
    }
    await updateStand(transaction, row)
    return toDto(row)
  })
}
