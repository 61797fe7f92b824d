import type {
  ChangeStandDto,
  EstatePageDto,
  EstateQueryDto,
  CreateStandDto,
  StandDto,
  StandNameDto,
  StandStoryDto,
} from '@spudder/contract/stand'
import { toStandSize } from '@spudder/contract/stand'
import { CoreError } from '@spudder/core/base/error'
import { checkStandSize, findPlant } from '@spudder/core/stand/plant'
import { group } from 'd3-array'
import { isDeepStrictEqual } from 'node:util'
import type { Connection, Database } from '../database/connect.ts'
import { changedBy, newlyRecordedBy, type Recorder } from '../http/recorder.ts'
import { ServiceError } from '../http/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { entryDto } from '../entry/entry-dto.ts'
import { jobDto } from '../job/job-dto.ts'
import { remedyDto } from '../remedy/remedy-dto.ts'
import { findPlace } from '../place/place.service.ts'
import {
  countPlannedApplications,
  countStands,
  insertStand,
  lockStand,
  nextPosition,
  selectRibbons,
  selectStandNames,
  selectStand,
  selectStandPage,
  selectStory,
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
    throw new CoreError('not-applicable', {
      parameter: 'plantId',
      expected: 'a plant that grows in this kind of stand',
      received: plant.name,
    })
  }
  const size = checkStandSize(dto.context, toStandSize(dto.size))
  return db.transaction(async (transaction) => {
    await findPlace(transaction, placeId)
    const position = await nextPosition(transaction, placeId)
    const { id, name, context, plantId, note = '', measures, care } = dto
    const row = {
      id,
      placeId,
      position,
      name,
      context,
      plantId,
      size,
      measures: measures ? { ...measures } : null,
      care: care ? { ...care } : null,
      note,
      ...newlyRecordedBy(recorder),
    }
    return toDto(await insertStand(transaction, row))
  })
}

/** What amounts are reckoned by; the drawn edge alone changes none. */
function reckonedBy({ size, measures }: Pick<StandRow, 'size' | 'measures'>) {
  const { groundM2, plantCount, rowM } = measures ?? {}
  return { size, groundM2, plantCount, rowM }
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
  { name, size, measures, care, note }: ChangeStandDto,
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
      ...changedBy(recorder),
    }
    const isSame = isDeepStrictEqual(reckonedBy(row), reckonedBy(before))
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

const byStand = <Row extends { standId: string }>(rows: Row[]) => group(rows, (row) => row.standId)

/**
 * Every stand of a place by its name.
 * @throws {ServiceError} not-found
 */
export async function readStandNames(
  connection: Connection,
  placeId: string,
): Promise<StandNameDto[]> {
  await findPlace(connection, placeId)
  return selectStandNames(connection, placeId)
}

/** A page of stands with their ribbons since a day. */
export async function readEstate(
  connection: Connection,
  placeId: string,
  { offset, limit, from }: EstateQueryDto,
): Promise<EstatePageDto> {
  await findPlace(connection, placeId)
  const total = await countStands(connection, placeId)
  const stands = await selectStandPage(connection, placeId, offset, limit)
  const rows = await selectRibbons(
    connection,
    stands.map(({ id }) => id),
    from,
  )
  const readings = byStand(rows.readings)
  const events = byStand(rows.events)
  const entries = byStand(rows.entries)
  const jobs = group(rows.jobs, ({ job }) => job.standId)
  const nameOf = (id: string | null) => (id === null ? null : (rows.names.get(id) ?? null))
  const openCases = byStand(rows.openCases)
  return {
    total,
    rows: stands.map((stand) => ({
      stand: toDto(stand),
      openCase: openCases.get(stand.id)?.map(toDto)[0] ?? null,
      ribbon: {
        standId: stand.id,
        readings: (readings.get(stand.id) ?? []).map(({ kind, value, method, takenOn }) => ({
          kind,
          value,
          method,
          takenOn,
        })),
        events: (events.get(stand.id) ?? []).map(toDto),
        entries: (entries.get(stand.id) ?? []).map((row) => entryDto(row, nameOf(row.productId))),
        jobs: (jobs.get(stand.id) ?? []).map(jobDto),
      },
    })),
  }
}

/** @throws {ServiceError} not-found */
export async function readStory(connection: Connection, standId: string): Promise<StandStoryDto> {
  const stand = await requireStand(connection, standId)
  const story = await selectStory(connection, standId)
  const nameOf = (id: string | null) => (id === null ? null : (story.names.get(id) ?? null))
  return {
    stand: toDto(stand),
    readings: story.readings.map(toDto),
    events: story.events.map(toDto),
    cases: story.cases.map(toDto),
    looks: story.looks.map(toDto),
    photos: story.photos.map(toDto),
    remedies: story.remedies.map((row) => remedyDto(row, nameOf(row.productId))),
    acidPlans: story.acidPlans.map(toDto),
    jobs: story.jobs.map(jobDto),
    entries: story.entries.map((row) => entryDto(row, nameOf(row.productId))),
  }
}
