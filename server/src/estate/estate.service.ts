import type {
  EstateListQueryDto,
  EstatePageDto,
  EstateQueryDto,
  EstateStandDto,
  RibbonReadingDto,
  StandNameDto,
  StandStoryDto,
} from '@spudder/contract/stand'
import { raterOf } from '@spudder/core/seen/eye'
import { countedReadings, type Came } from '@spudder/core/seen/reading'
import { standingEntries } from '@spudder/core/days/entry'
import { group, rollup, sum } from 'd3-array'
import { putsOut } from '@spudder/core/days/plan'
import type { Connection } from '../database/connect.ts'
import { entryDto } from '../entry/entry-dto.ts'
import { toDto } from '../http/to-dto.ts'
import { jobDto } from '../job/job-dto.ts'
import { findPlace } from '../place/place.service.ts'
import { remedyDto } from '../remedy/remedy-dto.ts'
import {
  countStands,
  selectStandNames,
  selectStandPage,
  selectStandsOf,
} from '../stand/stand.repository.ts'
import { requireStand } from '../stand/stand.service.ts'
import { readCaseStates } from './case-states.ts'
import { selectListed, selectRibbons, selectStory } from './estate.repository.ts'

/** A reading as far as a ribbon tells it. */
const toldReading = ({
  kind,
  value,
  method,
  takenOn,
  came,
  createdBy,
}: RibbonReadingDto & { readonly came: Came; readonly createdBy: string }): RibbonReadingDto => {
  const told = { kind, value, method, takenOn }
  if (came.how === 'simulated') return { ...told, isSimulated: true }
  const ratedBy = raterOf({ method, came, createdBy })
  return ratedBy === undefined ? told : { ...told, ratedBy }
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
  const { settings } = await findPlace(connection, placeId)
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
  const casesOf = await readCaseStates(
    connection,
    stands.map(({ id }) => id),
  )
  return {
    total,
    rows: stands.map((stand) => ({
      stand: toDto(stand),
      ...casesOf(stand.id),
      ribbon: {
        standId: stand.id,
        readings: countedReadings(readings.get(stand.id) ?? [], settings).map(toldReading),
        events: (events.get(stand.id) ?? []).map(toDto),
        entries: (entries.get(stand.id) ?? []).map((row) => entryDto(row, nameOf(row.productId))),
        jobs: (jobs.get(stand.id) ?? []).map(jobDto),
      },
    })),
  }
}

/**
 * Every stand of a place as a list or a map shows it.
 * @throws {ServiceError} not-found
 */
export async function listStands(
  connection: Connection,
  placeId: string,
  { from, archived }: EstateListQueryDto,
): Promise<EstateStandDto[]> {
  const { settings } = await findPlace(connection, placeId)
  const stands = await selectStandsOf(connection, placeId, archived === 'true')
  const ids = stands.map(({ id }) => id)
  const casesOf = await readCaseStates(connection, ids)
  const rows = await selectListed(connection, placeId, ids, { from, counting: settings })
  const colours = byStand(rows.colours)
  const jobs = group(rows.jobs, ({ job }) => job.standId)
  const perKg = new Map(
    rows.prices.map(({ id, packPrice, packKg }) => [
      id,
      packPrice !== null && packKg ? packPrice / packKg : 0,
    ]),
  )
  const spentOn = rollup(
    standingEntries(rows.entries),
    (own) => sum(own, ({ productId, productKg }) => productKg * (perKg.get(productId ?? '') ?? 0)),
    ({ standId }) => standId,
  )
  return stands.map((stand) => {
    const [colour] = colours.get(stand.id) ?? []
    const planned = jobs.get(stand.id) ?? []
    const [next] = planned
    return {
      stand: toDto(stand),
      ...casesOf(stand.id),
      colour: colour ? toldReading(colour) : null,
      nextJob: next ? jobDto(next) : null,
      nextSheetJobId: planned.find(({ job }) => putsOut(job.kind))?.job.id ?? null,
      spent: spentOn.get(stand.id) ?? 0,
    }
  })
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
