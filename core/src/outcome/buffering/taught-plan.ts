import { addDays, daysBetween, type Day } from '../../base/calendar/index.ts'
import type { Climate } from '../../soil/climate/index.ts'
import {
  acidGround,
  pathOfPlan,
  type AcidGroundFacts,
  type AcidStep,
  type Situation,
} from '../../soil/acid-plan/index.ts'
import {
  bufferFromRetests,
  mostPathDays,
  type BufferSaid,
  type MeasuredPH,
} from '../../soil/pH-path/index.ts'
import type { BufferTest } from '../../soil/soil/index.ts'
import { storyOf } from '../../verdict/diagnosis/index.ts'
import { groundReadings, retestsSince, type GroundStory } from './ground-facts.ts'

/** What was said of the ground of a plan beside its readings. */
export interface PlanGround extends Pick<
  AcidGroundFacts,
  'texture' | 'fizz' | 'fizzAcid' | 'depthM' | 'titratedMmol'
> {
  readonly bufferTest?: BufferTest | undefined
}

/** A plan as it was made. */
export interface KeptPlan {
  readonly id: string
  readonly standId: string
  readonly startsOn: Day
  readonly fromPH: number
  readonly pHDoubt: number
  readonly situation: Situation
  readonly ground: PlanGround
  readonly water?:
    | {
        readonly mmPerYear: number
        readonly alkalinityMgPerLCaCO3: number
        /** Alkalinity that acid leaves of it. */
        readonly leftMgPerLCaCO3?: number | undefined
      }
    | null
    | undefined
}

/** What retests of a plan said of how its ground holds its pH. */
export interface TaughtPlan {
  readonly planId: string
  readonly standId: string
  readonly startsOn: Day
  /** In the order of their days. */
  readonly retests: readonly MeasuredPH[]
  /** What was figured from what was measured of the ground. */
  readonly figured: BufferSaid
  /** What the retests say by themselves; undefined: nothing of the buffering. */
  readonly said?: BufferSaid | undefined
}

/** What a stand went through. */
export interface PlanStory extends GroundStory {
  /** Every plan of it, the oldest first. */
  readonly plans: readonly KeptPlan[]
  /** Steps of its plans that went on. */
  readonly done: readonly AcidStep[]
}

/** The last day on which the ground still is on the path of a plan: nothing else moved its pH. */
function onPathUntil({ plans, readings, events }: PlanStory, { id, startsOn }: KeptPlan, on: Day) {
  const next = plans.slice(plans.findIndex((plan) => plan.id === id) + 1)[0]
  const { corrections, disturbances = [] } = storyOf(on, readings, events).pHHistory
  const moved = [...corrections, ...disturbances].map(({ onDay }) => onDay)
  return [on, ...(next ? [next.startsOn] : []), ...moved.filter((day) => day > startsOn)].toSorted()[0] ?? on // prettier-ignore
}

/**
 * What retests of a plan say of how its ground holds its pH, from the plan, what went on and what was
 * measured since; up to the next plan, or to lime, acid or a flood beside it.
 * @param on the day on which it is asked
 * @returns undefined where nobody tested again
 * @throws {CoreError} out-of-range, not-a-number, unknown-name
 */
export function taughtPlan(
  plan: KeptPlan,
  story: PlanStory,
  { on, ...at }: { readonly on: Day; readonly climate: Climate; readonly latitude: number | undefined }, // prettier-ignore
): TaughtPlan | undefined {
  const { id: planId, standId, startsOn, fromPH, pHDoubt, situation, water } = plan
  const { bufferTest, ...said } = plan.ground
  const until = [onPathUntil(story, plan, on), addDays(startsOn, mostPathDays - 1)].toSorted()[0] ?? on // prettier-ignore
  const retests = retestsSince(story, startsOn).filter(({ day }) => day <= until)
  if (retests.length === 0) return undefined
  const ground = acidGround({
    ...groundReadings(story, bufferTest ?? ''),
    ...said,
    pH: fromPH,
    pHDoubt,
  })
  const setup = pathOfPlan({
    ground,
    situation,
    steps: story.done.filter(({ day }) => day >= startsOn && day <= until),
    water: water
      ? {
          mmPerYear: water.mmPerYear,
          alkalinityMgPerLCaCO3: water.leftMgPerLCaCO3 ?? water.alkalinityMgPerLCaCO3,
        }
      : undefined,
    startsOn,
    days: daysBetween(startsOn, until) + 1,
    ...at,
  })
  const { mmolPerKg, doubt } = ground.buffer
  return {
    planId,
    standId,
    startsOn,
    retests,
    figured: { mmolPerKg, doubt },
    said: bufferFromRetests(setup, retests),
  }
}
