import { TrialDto, type CreateTrialDto, type RatePlotsDto } from '@spudder/contract/trial'
import { keptOf } from '@spudder/contract/validation'
import { planTrial } from '@spudder/core/outcome/trial'
import type { Connection, Database } from '../database/connect.ts'
import { newlyMendable, type Recorder } from '../recorder/recorder.ts'
import { ServiceError } from '../problem/service-error.ts'
import { toDto } from '../http/to-dto.ts'
import { requireStand } from '../stand/stand.service.ts'
import {
  insertRating,
  insertTrial,
  selectRatings,
  selectTrial,
  selectTrials,
  type RatingRow,
  type TrialRow,
} from './trial.repository.ts'

/** Of ratings of one plot on one day only the newest, in the order of days and plots. */
function newest(ratings: readonly RatingRow[]): RatingRow[] {
  return [...new Map(ratings.map((each) => [`${each.ratedOn}:${each.plot}`, each])).values()]
}

function asDto(row: TrialRow, ratings: readonly RatingRow[]): TrialDto {
  const own = newest(ratings.filter(({ trialId }) => trialId === row.id))
  return {
    ...toDto(row),
    ratings: own.map(({ trialId: _trialId, ...rating }) => toDto(rating)),
  }
}

/**
 * Keeps a trial of a stand with the seed it was laid out by.
 * @throws {ServiceError} not-found, conflict
 */
export async function createTrial(
  db: Database,
  recorder: Recorder,
  standId: string,
  dto: CreateTrialDto,
): Promise<TrialDto> {
  await requireStand(db, standId)
  const row = await insertTrial(db, {
    id: dto.id,
    standId,
    ...keptOf(TrialDto, dto),
    ...newlyMendable(recorder),
  })
  return asDto(row, await selectRatings(db, [row.id]))
}

export async function findTrials(connection: Connection, standId: string): Promise<TrialDto[]> {
  await requireStand(connection, standId)
  const rows = await selectTrials(connection, standId)
  const ratings = await selectRatings(
    connection,
    rows.map(({ id }) => id),
  )
  return rows.map((row) => asDto(row, ratings))
}

/**
 * Keeps the ratings of one walk, all or none; sent again, each is there once.
 * @throws {ServiceError} not-found, conflict, invalid-body for a plot that the trial has not
 */
export async function ratePlots(
  db: Database,
  recorder: Recorder,
  trialId: string,
  { ratings }: RatePlotsDto,
): Promise<TrialDto> {
  return db.transaction(async (transaction) => {
    const row = await selectTrial(transaction, trialId)
    if (!row) throw new ServiceError('not-found', 'There is no such trial.')
    const count = planTrial(row.design, row.seed).length
    const beyond = ratings.find(({ plot }) => plot > count)
    if (beyond) {
      const words = `Plot: this trial has ${count} plots; there is no plot ${beyond.plot}.`
      throw new ServiceError('invalid-body', words, [{ field: 'ratings', message: words }])
    }
    for (const rating of ratings) {
      await insertRating(transaction, { ...rating, trialId, ...newlyMendable(recorder) })
    }
    return asDto(row, await selectRatings(transaction, [trialId]))
  })
}
