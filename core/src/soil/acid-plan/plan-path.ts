import type { Day } from '../../base/calendar/index.ts'
import { soilClimateAt, type Climate } from '../climate/index.ts'
import type { PathSetup, PathWater } from '../pH-path/index.ts'
import type { AcidGround } from './acid-ground.ts'
import { situations, type Situation } from './data/situations.ts'
import type { AcidStep } from './step-rules.ts'

/** Where a plan runs: what it starts from, what goes on, and what the water brings. */
export interface PlanPath {
  readonly ground: AcidGround
  readonly situation: Situation
  /** Steps done and steps planned. */
  readonly steps: readonly AcidStep[]
  readonly water: PathWater | undefined
  readonly startsOn: Day
  /** How long it is followed [d]. */
  readonly days: number
  readonly climate: Climate
  /** Of the place [°], south negative. */
  readonly latitude: number | undefined
}

/** A plan as the path of pH that it makes. */
export function pathOfPlan(plan: PlanPath): PathSetup {
  const { ground, situation, steps, water, startsOn, days, climate, latitude } = plan
  const { isTilled } = situations[situation]
  return {
    ground: {
      fromPH: ground.pH,
      pHDoubt: ground.pHDoubt,
      bufferMmol: ground.buffer.mmolPerKg,
      bufferDoubt: ground.buffer.doubt,
      lime: ground.lime,
      depthM: ground.depthM,
      densityKgPerL: ground.densityKgPerL,
    },
    applications: steps.map((step) => ({ ...step, isTilled })),
    startsOn,
    days,
    climate: soilClimateAt(climate, latitude),
    water,
  }
}
