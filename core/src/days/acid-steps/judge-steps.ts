import { soilClimateAt, type Climate } from '../../soil/climate/index.ts'
import {
  nitrogenBudget,
  stepProblems,
  type AcidStep,
  type Situation,
  type StepFacts,
  type StepProblem,
} from '../../soil/acid-plan/index.ts'
import type { SeasonInput } from '../../soil/season/index.ts'
import type { Context } from '../../stand/plant/index.ts'
import type { UnitSystem } from '../../base/quantity/index.ts'
import {
  acidStepsDone,
  applicationsOf,
  type AppliedStory,
  type LabelledProduct,
} from '../entry/index.ts'

/** What steps of an acid plan are judged by, as page and server state it. */
export interface StepsFacts {
  readonly context: Context
  readonly plantId: string
  readonly groundM2: number
  readonly situation: Situation
  readonly climate: Climate
  /** Of the place [°], south negative. */
  readonly latitude: number | undefined
  /** Units in which problems are said. */
  readonly system: UnitSystem
  readonly ownLimits: SeasonInput['ownLimits']
  readonly story: AppliedStory
  readonly products: readonly LabelledProduct[]
}

/** Where steps go, and those that went on already. */
export interface StepsWhere {
  readonly facts: StepFacts
  readonly done: readonly AcidStep[]
}

/**
 * Where steps go: what the situation, the year and the nitrogen budget still bear, besides all that
 * went on and is planned of other things. Steps planned before are not counted: those in question
 * are these, or take their place.
 */
export function whereStepsGo(facts: StepsFacts): StepsWhere {
  const { context, plantId, groundM2, situation, climate, system, ownLimits, story, products } =
    facts
  const besides = story.jobs.filter(
    ({ acidPlanId, status }) => acidPlanId === null || status !== 'planned',
  )
  const applications = applicationsOf({ ...story, jobs: besides }, products)
  return {
    facts: {
      situation,
      climate: soilClimateAt(climate, facts.latitude),
      system,
      nitrogenLeft: nitrogenBudget({ context, plantId, ownLimits }, applications, groundM2),
    },
    done: acidStepsDone(story, groundM2),
  }
}

/** Steps judged: all that stands against them, and whether any of it stops them. */
export interface JudgedSteps {
  readonly problems: readonly StepProblem[]
  readonly isStopped: boolean
}

/**
 * The one use case of planned steps: what the page shows while they are dragged, and what the server
 * refuses by.
 * @throws {CoreError} unknown-name for a material that does not move pH
 */
export function judgeSteps(steps: readonly AcidStep[], { facts, done }: StepsWhere): JudgedSteps {
  const problems = stepProblems(steps, facts, done)
  return { problems, isStopped: problems.some(({ isHard }) => isHard) }
}
