import type { PlanningDto } from '@spudder/contract/planning'
import { dateToDay } from '@spudder/core/base/calendar'
import { seasonOf } from '@spudder/core/soil/season'
import type { Connection } from '../database/connect.ts'
import { entryDto } from '../entry/entry-dto.ts'
import { toDto } from '../http/to-dto.ts'
import { jobDto } from '../job/job-dto.ts'
import { findPlace } from '../place/place.service.ts'
import { remedyDto } from '../remedy/remedy-dto.ts'
import { selectPlanned, selectPlanning } from './planning.repository.ts'

/**
 * Everything that the dates of a place rest on, since the start of the season.
 * @throws {ServiceError} not-found
 */
export async function readPlanning(
  connection: Connection,
  placeId: string,
  at: Date,
): Promise<PlanningDto> {
  const { id, settings } = await findPlace(connection, placeId)
  const since = `${seasonOf(dateToDay(at))}-01-01`
  const rows = await selectPlanning(connection, id, { since, counting: settings })
  const nameOf = (productId: string | null) =>
    productId === null ? null : (rows.names.get(productId) ?? null)
  return {
    stands: rows.stands.map(toDto),
    jobs: rows.jobs.map(jobDto),
    remedies: rows.remedies.map((row) => remedyDto(row, nameOf(row.productId))),
    acidPlans: rows.acidPlans.map(toDto),
    entries: rows.entries.map((row) => entryDto(row, nameOf(row.productId))),
    colours: rows.colours.map(toDto),
  }
}

/**
 * What is planned at a place, with what it carries out.
 * @throws {ServiceError} not-found
 */
export async function readPlanned(
  connection: Connection,
  placeId: string,
): Promise<Pick<PlanningDto, 'stands' | 'jobs' | 'remedies'>> {
  const { id } = await findPlace(connection, placeId)
  const { stands, jobs, remedies, names } = await selectPlanned(connection, id)
  return {
    stands: stands.map(toDto),
    jobs: jobs.map(jobDto),
    remedies: remedies.map((row) => remedyDto(row, names.get(row.productId ?? '') ?? null)),
  }
}
