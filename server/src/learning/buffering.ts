import type { BufferingDto } from '@spudder/contract/learning'
import { dateToDay } from '@spudder/core/base/calendar'
import { acidStepsDone } from '@spudder/core/days/entry'
import { taughtPlan, type PlanStory, type TaughtPlan } from '@spudder/core/outcome/buffering'
import { countedReadings } from '@spudder/core/seen/reading'
import { group } from 'd3-array'
import { setImmediate } from 'node:timers/promises'
import type { Connection } from '../database/connect.ts'
import { findPlace } from '../place/place.service.ts'
import { selectStandsOf } from '../stand/stand.repository.ts'
import { selectPlansTested } from './buffering.repository.ts'
import { rightingOf } from './righting.ts'

const toldOf = ({ said, retests, ...plan }: TaughtPlan): BufferingDto['plans'][number] => ({
  ...plan,
  retests: [...retests],
  ...(said ? { said } : {}),
})

/**
 * What retests of the acid plans of a place say of how its ground holds its pH, by what counts there.
 * @throws {ServiceError} not-found
 */
export async function readBuffering(
  connection: Connection,
  placeId: string,
): Promise<BufferingDto> {
  const { settings, climate } = await findPlace(connection, placeId)
  const on = dateToDay(new Date())
  const stands = await selectStandsOf(connection, placeId, false)
  const rows = await selectPlansTested(
    connection,
    stands.map(({ id }) => id),
  )
  const putRight = await rightingOf(connection, placeId)
  const readings = group(putRight(countedReadings(rows.readings, settings), on), ({ standId }) => standId) // prettier-ignore
  const events = group(rows.events, ({ standId }) => standId)
  const entries = group(rows.entries, ({ standId }) => standId)
  const plans: BufferingDto['plans'] = []
  for (const [standId, own] of group(rows.plans, (plan) => plan.standId)) {
    const story: Omit<PlanStory, 'done'> = {
      readings: readings.get(standId) ?? [],
      events: events.get(standId) ?? [],
      plans: own,
    }
    for (const plan of own) {
      const done = acidStepsDone({ jobs: rows.jobs, entries: entries.get(standId) ?? [] }, plan.groundM2) // prettier-ignore
      const taught = taughtPlan(plan, { ...story, done }, { on, climate, latitude: settings.latitude }) // prettier-ignore
      if (taught) plans.push(toldOf(taught))
      // Each runs its path a hundred times: others are looked after in between.
      await setImmediate()
    }
  }
  return { plans }
}
