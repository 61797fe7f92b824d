import { addDays, daysBetween } from '@spudder/core/base/calendar'
import { pathOfPlan, type AcidGround, type AcidStep } from '@spudder/core/soil/acid-plan'
import type { Climate } from '@spudder/core/soil/climate'
import type { ForetellInput } from '@spudder/core/soil/pH-path'
import { today } from '../../shared/units/today.ts'
import type { AcidDraft } from './acid-draft.ts'

const seed = 0.4242
const leastDays = 3 * 365
const daysAhead = 2 * 365
/** A plan older than this is begun anew. */
const mostDays = 10 * 365

interface PathFacts {
  readonly from: AcidGround
  readonly startsOn: string
  readonly situation: AcidDraft['situation']
  readonly climate: Climate
  readonly latitude: number | undefined
  /** Steps done and steps planned. */
  readonly steps: readonly AcidStep[]
  /** Water of a year [mm], and the alkalinity that is left in it [mg/L CaCO3]. */
  readonly water: { readonly mm: number; readonly left: number }
  readonly retests: ForetellInput['retests']
  /** Draws that are followed. */
  readonly count: number
  /** The pH at which it has arrived. */
  readonly arrivesAt: number
  readonly isUpward: boolean
}

/** What the path is foretold from: the ground, what is put on, and what the water brings. */
export function pathInputOf(facts: PathFacts): ForetellInput {
  const { from, startsOn, situation, climate, latitude, steps, water } = facts
  const wanted = Math.max(leastDays, daysBetween(startsOn, addDays(today(), daysAhead)))
  return {
    setup: pathOfPlan({
      ground: from,
      situation,
      steps,
      water: { mmPerYear: water.mm, alkalinityMgPerLCaCO3: water.left },
      startsOn,
      days: Math.min(mostDays, wanted),
      climate,
      latitude,
    }),
    retests: facts.retests,
    count: facts.count,
    seed,
    arrivesAt: facts.arrivesAt,
    isUpward: facts.isUpward,
  }
}
