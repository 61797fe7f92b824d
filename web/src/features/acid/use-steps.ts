import type { StandDto } from '@spudder/contract/stand'
import { judgeSteps } from '@spudder/core/days/acid-steps'
import { retestDays, type AcidNeed, type AcidStep } from '@spudder/core/soil/acid-plan'
import type { UnitSystem } from '@spudder/core/base/quantity'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { today } from '../../shared/units/today.ts'
import type { AcidDraft } from './acid-draft.ts'
import { laidOutBy } from './laid-out.ts'
import { useOffers } from './use-offers.ts'
import { useStepsWhere } from './use-steps-where.ts'

interface StepsInput {
  readonly stand: StandDto
  readonly draft: Ref<AcidDraft>
  readonly need: ComputedRef<AcidNeed | undefined>
  readonly groundM2: ComputedRef<number | undefined>
  readonly startsOn: ComputedRef<string | undefined>
  readonly system: ComputedRef<UnitSystem>
}

const none = { steps: [] as readonly AcidStep[], leftKgPerM2: 0 }

/** Steps of the plan: laid out by themselves until they are dragged, and what stands against them. */
export function useSteps({ need, ...input }: StepsInput) {
  const { draft, system } = input
  const { where, facts, done, doneSinceStart, stored, storedRetests } = useStepsWhere(input)
  const nitrogenKgPerM2 = ref<number>()
  const laidOut = computed(() => {
    const [by, way] = [facts.value, need.value]
    if (!by || !way) return none
    return laidOutBy({
      facts: by,
      need: way,
      sourceId: draft.value.sourceId,
      done: done.value,
      doneSinceStart: doneSinceStart.value,
      nitrogenKgPerM2: nitrogenKgPerM2.value,
    })
  })
  /** Dragged steps come before those of the stored plan, and those before ones laid out. */
  const isStored = computed(
    () => draft.value.steps === null && !draft.value.isAnew && stored.value.length > 0,
  )
  const steps = computed<readonly AcidStep[]>(
    () => draft.value.steps ?? (isStored.value ? stored.value : laidOut.value.steps),
  )
  const judged = computed(() => where.value && judgeSteps(steps.value, where.value))
  /** Those of the stored plan while its steps stand, else a year after each. */
  const retests = computed(() =>
    isStored.value
      ? storedRetests.value
      : retestDays([...doneSinceStart.value, ...steps.value]).filter((day) => day > today()),
  )
  /** Takes the steps into the hand: from now on they stay as they are put. */
  const take = (held: readonly AcidStep[]) => {
    draft.value.steps = held.map((step) => ({ ...step }))
  }
  return {
    nitrogenKgPerM2,
    done: doneSinceStart,
    stored,
    isStored,
    laidOut,
    steps,
    stepProblems: computed(() => judged.value?.problems ?? []),
    hasHardProblem: computed(() => judged.value?.isStopped ?? false),
    retests,
    offers: useOffers({ draft, facts, need, done, system }),
    put: (index: number, change: Partial<AcidStep>) =>
      take(steps.value.map((step, place) => (place === index ? { ...step, ...change } : step))),
    remove: (index: number) => take(steps.value.filter((_, place) => place !== index)),
    layOutAnew: () => take(laidOut.value.steps),
  }
}
