import { acidStepsDone, applicationsOf } from '@spudder/contract/stand'
import {
  nitrogenBudget,
  stepProblems,
  type AcidStep,
  type Situation,
} from '@spudder/core/soil/acid-plan'
import { soilClimates } from '@spudder/core/soil/climate'
import type { Connection } from '../database/connect.ts'
import { ServiceError } from '../http/service-error.ts'
import { findPlace } from '../place/place.service.ts'
import { listProducts } from '../shelf/product.repository.ts'
import { selectStory, type StandRow } from '../stand/stand.repository.ts'

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
  const products = await listProducts(connection, stand.placeId)
  const jobs = story.jobs.map(({ job }) => job)
  const besides = jobs.filter(
    ({ acidPlanId, status }) => acidPlanId === null || status !== 'planned',
  )
  const applications = applicationsOf({ ...story, jobs: besides }, products)
  const { context } = stand
  const ground = { context, ownLimits: place.settings.seasonLimits }
  const problems = stepProblems(
    steps,
    {
      situation,
      climate: soilClimates[place.climate],
      system: place.unitSystem,
      nitrogenLeft: nitrogenBudget(ground, applications, groundM2),
    },
    acidStepsDone({ ...story, jobs }, groundM2),
  )
  const hard = problems.find(({ isHard }) => isHard)
  if (!hard) return
  const day = steps[hard.index]?.day ?? ''
  const message = `Step of ${day}: ${hard.words}`
  throw new ServiceError('invalid-body', message, [{ field: 'steps', message }])
}
