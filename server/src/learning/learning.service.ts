import type { LearningDto } from '@spudder/contract/learning'
import { standingEntries } from '@spudder/core/days/entry'
import { paleLossOf } from '@spudder/core/days/task'
import { isColourKind } from '@spudder/core/seen/colour'
import { raterOf } from '@spudder/core/seen/eye'
import { comparedMeasures } from '@spudder/core/seen/instrument'
import { countedReadings } from '@spudder/core/seen/reading'
import type { Connection } from '../database/connect.ts'
import { findPlace } from '../place/place.service.ts'
import { selectPrices } from '../shelf/product.repository.ts'
import { selectStandsOf } from '../stand/stand.repository.ts'
import { selectLearning } from './learning.repository.ts'
import { keptMeasure } from './righting.ts'

/**
 * Everything of a place that teaches how leaves answer there, and how its instruments read; nothing made up unless it counts there.
 * @throws {ServiceError} not-found
 */
export async function readLearning(connection: Connection, placeId: string): Promise<LearningDto> {
  const { settings } = await findPlace(connection, placeId)
  const stands = await selectStandsOf(connection, placeId, false)
  const rows = await selectLearning(
    connection,
    stands.map(({ id }) => id),
  )
  const prices = await selectPrices(
    connection,
    rows.entries.map(({ productId }) => productId),
  )
  const counted = countedReadings(rows.readings, settings)
  const costOf = ({ productId, productKg }: (typeof rows.entries)[number]) => {
    const perKg = prices.get(productId ?? '')
    return perKg === undefined ? {} : { cost: perKg * productKg }
  }
  return {
    stands: stands.map((stand) => {
      const { id, name, context, plantId } = stand
      return { id, name, context, plantId, paleLossPerDay: paleLossOf(stand) }
    }),
    measures: comparedMeasures(counted).map(keptMeasure),
    colours: counted.flatMap((row) => {
      const { standId, kind, value, method, takenOn, doubt, place } = row
      if (!isColourKind(kind)) return []
      const ratedBy = raterOf(row)
      return {
        standId,
        kind,
        value,
        method,
        takenOn,
        ...(doubt === null ? {} : { doubt }),
        ...(place === null ? {} : { place }),
        ...(ratedBy === undefined ? {} : { ratedBy }),
        ...(row.came.how === 'simulated' ? { isSimulated: true as const } : {}),
      }
    }),
    treatments: standingEntries(rows.entries).map((row) => ({
      ...costOf(row),
      entryId: row.id,
      standId: row.standId,
      appliedOn: row.happenedOn,
      route: row.route,
      sourceId: row.sourceId,
    })),
  }
}
