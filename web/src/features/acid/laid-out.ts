import type { StepsWhere } from '@spudder/core/days/acid-steps'
import { findAcidity, findSource, sourestFeed } from '@spudder/core/material/source'
import { planSteps, type AcidNeed, type AcidStep } from '@spudder/core/soil/acid-plan'
import { today } from '../../shared/units/today.ts'

/** What steps are laid out by: where they go, how far, and what counts already. */
interface LayOutFacts {
  readonly facts: StepsWhere['facts']
  readonly need: AcidNeed
  /** The material that is put on. */
  readonly sourceId: AcidStep['sourceId']
  /** All that was put on, for its limits; and what of it counts towards the need. */
  readonly done: readonly AcidStep[]
  readonly doneSinceStart: readonly AcidStep[]
  /** Nitrogen that is fed in a year anyway [kg/m2]. */
  readonly nitrogenKgPerM2: number | undefined
}

/** Years over which nitrogen that is fed anyway is counted on. */
const yearsFed = 3

const acidOf = (steps: readonly AcidStep[]): number =>
  steps.reduce(
    (sum, { sourceId, kgPerM2 }) => sum + findAcidity(sourceId).molPerKg.usual * kgPerM2,
    0,
  )

/** Nitrogen that is fed anyway, in the form that sours most. */
function fedAnyway({ facts, need, done, nitrogenKgPerM2 }: LayOutFacts): readonly AcidStep[] {
  if (!nitrogenKgPerM2 || need.direction !== 'down') return []
  const sourceId = sourestFeed()
  return planSteps({
    ...facts,
    nitrogenLeft: (year) => Math.min(nitrogenKgPerM2, facts.nitrogenLeft(year) ?? Infinity),
    sourceId,
    kgPerM2: (yearsFed * nitrogenKgPerM2) / findSource(sourceId).contentShare.usual,
    startsOn: today(),
    planned: [],
    done,
  }).steps
}

/** Steps laid out by themselves: what the need leaves once the rest is done and fed. */
export function laidOutBy(given: LayOutFacts) {
  const { facts, need, sourceId, done, doneSinceStart } = given
  const fed = fedAnyway(given)
  const perKg = Math.abs(findAcidity(sourceId).molPerKg.usual)
  const sign = need.direction === 'down' ? 1 : -1
  const others = sign * acidOf([...doneSinceStart, ...fed])
  const own = planSteps({
    ...facts,
    sourceId,
    kgPerM2: Math.max(0, need.molPerM2.usual - others) / perKg,
    startsOn: today(),
    planned: fed,
    done,
  })
  const steps = [...fed, ...own.steps].toSorted((a, b) => a.day.localeCompare(b.day))
  return { steps, leftKgPerM2: own.leftKgPerM2 }
}
