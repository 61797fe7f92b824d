import {
  StandDto,
  toStandSize,
  type ChangeStandDto,
  type CreateStandDto,
  type MergeStandDto,
} from '@spudder/contract/stand'
import { keptOf } from '@spudder/contract/validation'
import { CoreError } from '@spudder/core/base/error'
import { checkStandSize, findPlant } from '@spudder/core/stand/plant'
import { randomUUID } from 'node:crypto'
import { isDeepStrictEqual } from 'node:util'
import type { Connection, Database } from '../database/connect.ts'
import { newlyMendable, newlyRecordedBy, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { findPlace } from '../place/place.service.ts'
import {
  countPlannedApplications,
  insertStand,
  lockStand,
  nextPosition,
  selectStand,
  keepStand,
  lockMergedInto,
  countUnderWay,
  insertPlanting,
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

/** @throws {CoreError} plant-elsewhere */
function requirePlantIn({ plantId, context }: Pick<StandRow, 'plantId' | 'context'>): void {
  const plant = findPlant(plantId)
  if (plant.contexts.includes(context)) return
  throw new CoreError('plant-elsewhere', { parameter: 'plantId', received: plant.name })
}

/** @throws {CoreError} where plant, size and context do not fit together */
export async function createStand(
  db: Database,
  recorder: Recorder,
  placeId: string,
  dto: CreateStandDto,
): Promise<StandDto> {
  requirePlantIn(dto)
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
      mergedIntoId: null,
      imported: null,
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
 * Amounts that are planned rest on the size of a stand: it cannot change under them.
 * @throws {ServiceError} conflict
 */
export async function requireSizeFree(
  connection: Connection,
  row: StandRow,
  before: StandRow,
): Promise<void> {
  const isSame = isDeepStrictEqual(calculatedBy(row), calculatedBy(before))
  if (isSame || (await countPlannedApplications(connection, row.id)) === 0) return
  throw new ServiceError(
    'conflict',
    'Jobs are planned for the size it has now. Record or drop them first; then change it and plan anew.',
  )
}

/**
 * Nothing is under way on a stand that ends as it is: no open case, nothing planned.
 * @throws {ServiceError} conflict
 */
async function requireAtRest(connection: Connection, row: StandRow, then: string): Promise<void> {
  const { openCases, plannedJobs } = await countUnderWay(connection, row.id)
  if (openCases === 0 && plannedJobs === 0) return
  const what = [
    ...(openCases > 0 ? ['a case is open: close it'] : []),
    ...(plannedJobs > 0 ? [`${plannedJobs} jobs are planned: record or drop them`] : []),
  ]
  throw new ServiceError('conflict', `On ${row.name} ${what.join('; ')}. Then ${then}.`)
}

/** What grows on a stand as it is said now; the plant must grow as such a kind of stand. */
function plantedAs(before: StandRow, { plantId, context, size }: ChangeStandDto) {
  const now = { plantId: plantId ?? before.plantId, context: context ?? before.context }
  requirePlantIn(now)
  return { ...now, size: checkStandSize(now.context, size ? toStandSize(size) : before.size) }
}

/** Measures of a new planting: those of the ground stay, those of the old plants go. */
function replantedMeasures({ measures }: StandRow, plantedOn: string): StandRow['measures'] {
  const { emergedOn: _emerged, variety: _variety, canopyM2: _canopy, ...ofGround } = measures ?? {}
  return { ...ofGround, plantedOn }
}

/**
 * Changes a stand; what is left out stays. Amounts that are planned rest on its size, so that cannot
 * change under them. With a day of replanting a new planting begins; brought back, it stands by itself.
 * @throws {ServiceError} not-found, conflict, changed-meanwhile; {CoreError} for a size or plant that
 * does not suit the stand
 */
export function changeStand(
  db: Database,
  recorder: Recorder,
  standId: string,
  given: ChangeStandDto,
): Promise<StandDto> {
  return db.transaction(async (transaction) => {
    const before = await requireLockedStand(transaction, standId)
    const { name, measures, care, note, isArchived, replantedOn, version: seen, reason } = given
    const isBack = isArchived === false
    const change: Partial<StandRow> = {
      ...plantedAs(before, given),
      name: name ?? before.name,
      measures: measures ? { ...measures } : before.measures,
      care: care ? { ...care } : before.care,
      note: note ?? before.note,
      isArchived: isArchived ?? before.isArchived,
      mergedIntoId: isBack ? null : before.mergedIntoId,
    }
    if (replantedOn !== undefined) {
      await requireAtRest(transaction, before, 'plant it anew')
      change.measures = replantedMeasures({ ...before, ...change }, replantedOn)
    }
    const { placeId } = before
    const told = { placeId, standId, kind: 'stand', recorder, seen, reason } as const
    const row = await keepStand(transaction, { before, change, told })
    await requireSizeFree(transaction, row, before)
    if (replantedOn !== undefined)
      await insertReplanting(transaction, before, replantedOn, recorder)
    return toDto(row)
  })
}

/** The planting is told among what happened to the stand, so that verdicts know of it. */
const insertReplanting = (
  connection: Connection,
  { id: standId, plantId }: StandRow,
  happenedOn: string,
  recorder: Recorder,
) =>
  insertPlanting(connection, {
    id: randomUUID(),
    standId,
    kind: 'transplanted',
    happenedOn,
    fromPH: null,
    toPH: null,
    note: `Planted anew; before it was ${findPlant(plantId).name}.`,
    imported: null,
    ...newlyMendable(recorder),
  })

/**
 * Tells the story of another stand with this one: they were found to be the same. The other is put away,
 * its rows stay its own, and bringing it back parts them again.
 * @throws {ServiceError} not-found, conflict
 */
export function mergeStand(
  db: Database,
  recorder: Recorder,
  standId: string,
  { otherId, reason }: MergeStandDto,
): Promise<StandDto> {
  return db.transaction(async (transaction) => {
    // In one order, so that two who merge the same two do not wait for each other.
    const rows = new Map<string, StandRow>()
    for (const id of [standId, otherId].toSorted()) {
      rows.set(id, await requireLockedStand(transaction, id))
    }
    const [into, other] = [rows.get(standId), rows.get(otherId)]
    if (!into || !other || into.placeId !== other.placeId) throw noStand()
    if (into.id === other.id)
      throw new ServiceError('conflict', 'Choose another stand: this is the same one.')
    if (into.mergedIntoId !== null || other.mergedIntoId !== null) {
      throw new ServiceError('conflict', 'One of them is already put together with another stand.')
    }
    await requireAtRest(transaction, other, `put it together with ${into.name}`)
    const { placeId } = into
    for (const before of [other, ...(await lockMergedInto(transaction, otherId))]) {
      await keepStand(transaction, {
        before,
        change: { isArchived: true, mergedIntoId: into.id },
        told: { placeId, standId: before.id, kind: 'stand', recorder, reason },
      })
    }
    return toDto(into)
  })
}
