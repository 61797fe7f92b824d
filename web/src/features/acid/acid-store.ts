import type { StandDto } from '@spudder/contract/stand'
import { findAcidity, firstAmendment, isAcid } from '@spudder/core/material/source'
import { plantOf } from '@spudder/core/stand/plant'
import { computed, inject, provide, watch, type InjectionKey } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKept } from '../../shared/form/kept.ts'
import { freshAcidDraft } from './acid-draft.ts'
import { newestOf } from '@spudder/core/outcome/buffering'
import { useForetold } from './use-foretold.ts'
import { useGround } from './use-ground.ts'
import { useKeepPlan } from './use-keep-plan.ts'
import { useSteps } from './use-steps.ts'

/** The plan as it is typed, begun from what is known of stand and water. */
function useAcidDraft(stand: StandDto) {
  const { standId, story, system, place, newestLook } = useStandCase()
  const { low, high } = plantOf(stand).pHRange
  const plan = computed(() => story.value?.acidPlans.at(-1))
  const sprayWater = place.value?.settings.sprayWater
  const water = story.value && {
    alkalinity: newestOf(story.value, 'alkalinity')?.value ?? sprayWater?.alkalinityMgPerLCaCO3,
    pH: sprayWater?.pH,
  }
  const kept = useKept(`acid:${standId.value}:${plan.value?.id ?? 'new'}`, () =>
    freshAcidDraft({
      context: stand.context,
      plantId: stand.plantId,
      system: system.value,
      rootDepthM: stand.measures?.rootDepthM,
      plan: plan.value,
      likedPH: (low + high) / 2,
      fizz: newestLook.value?.findings.fizz as 'none' | undefined,
      water: water ?? {},
    }),
  )
  return { plan, ...kept }
}

/** Everything that the acid plan works with: what is known, what is planned, where it leads. */
function buildAcidStore(stand: StandDto) {
  const { system } = useStandCase()
  const plant = plantOf(stand)
  const { plan, value: draft, forget, failed } = useAcidDraft(stand)
  const ground = useGround(stand, draft, plan)
  const steps = useSteps({
    stand,
    draft,
    need: ground.need,
    groundM2: ground.groundM2,
    startsOn: computed(() => ground.start.value?.startsOn),
    system,
  })
  // What lowers cannot raise: the material follows the way, when that turns.
  watch(
    () => ground.need.value?.direction,
    (direction) => {
      if (!direction) return
      const acidifies = isAcid(findAcidity(draft.value.sourceId))
      if (acidifies !== (direction === 'down')) draft.value.sourceId = firstAmendment(direction)
    },
    { immediate: true },
  )
  return {
    stand,
    system,
    plant,
    plan,
    draft,
    ...ground,
    ...steps,
    ...useForetold(draft, plant.pHRange, ground, steps),
    ...useKeepPlan({ draft, ground, steps, forget, failed }),
  }
}

export type AcidStore = ReturnType<typeof buildAcidStore>
const storeKey: InjectionKey<AcidStore> = Symbol('acid store')

/** Lays out the acid plan of a stand, for every part of its screen. */
export function provideAcidStore(stand: StandDto): AcidStore {
  const store = buildAcidStore(stand)
  provide(storeKey, store)
  return store
}

export function useAcidStore(): AcidStore {
  const store = inject(storeKey)
  if (!store) throw new Error('a part of the acid plan lies outside its screen')
  return store
}
