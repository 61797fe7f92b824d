import { judgeSteps, whereStepsGo } from '@spudder/core/days/acid-steps'
import type { AcidStep, Situation } from '@spudder/core/soil/acid-plan'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../problem/service-error.ts'
import { findPlace } from '../place/place.service.ts'
import { listProducts } from '../shelf/product.repository.ts'
import { selectStory } from '../estate/estate.repository.ts'
import type { StandRow } from '../stand/stand.repository.ts'

/** Where steps of a plan go. */
export interface StepsOnStand {
  readonly stand: StandRow
  readonly situation: Situation
  readonly groundM2: number
  readonly steps: readonly AcidStep[]
}

/**
 * Steps must stay within what the situation, the year and the nitrogen budget bear, together with
 * what went on already. Steps planned before are not counted: they are these, or give way to them.
 * @throws {ServiceError} invalid-body, with the words of the first limit that is broken
 */
export async function requireStepsWithinLimits(
  connection: Connection,
  { stand, situation, groundM2, steps }: StepsOnStand,
): Promise<void> {
  const place = await findPlace(connection, stand.placeId)
  const story = await selectStory(connection, stand.id)
  const where = whereStepsGo({
    context: stand.context,
    plantId: stand.plantId,
    groundM2,
    situation,
    climate: place.climate,
    latitude: place.settings.latitude,
    system: place.unitSystem,
    ownLimits: place.settings.seasonLimits,
    story: { ...story, jobs: story.jobs.map(({ job }) => job) },
    products: await listProducts(connection, stand.placeId),
  })
  const hard = judgeSteps(steps, where).problems.find(({ isHard }) => isHard)
  if (!hard) return
  const day = steps[hard.index]?.day ?? ''
  const message = `Step of ${day}: ${hard.words}`
  throw new ServiceError('invalid-body', message, [{ field: 'steps', message }])
}
