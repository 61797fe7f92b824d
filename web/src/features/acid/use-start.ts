import { acidGround, type AcidGroundFacts } from '@spudder/core/soil/acid-plan'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { useBuffering } from '../../api/learning.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKnown } from '../../shared/known/use-known.ts'
import { today } from '../../shared/units/today.ts'
import type { AcidDraft } from './acid-draft.ts'
import { groundAsLearnt, groundReadings, pHToStartFrom } from '@spudder/core/outcome/buffering'
import { optionalNumber, calculateInWords, valueOf } from './calculate-in-words.ts'

/** Where a stored plan began. */
export interface PlanStart {
  readonly id: string
  readonly startsOn: string
  readonly fromPH: number
  readonly pHDoubt: number
}

/** Where the path begins, and the ground that it begins in. */
export function useStart(draft: Ref<AcidDraft>, plan: ComputedRef<PlanStart | undefined>) {
  const { story, standId, place } = useStandCase()
  const knowing = useKnown()
  const buffering = useBuffering(() => (knowing.learns ? place.value?.id : undefined))
  const depthM = ref<number>()
  /** The pH of the plan under way, else the pH of today. */
  const start = computed(() => {
    if (plan.value && !draft.value.isAnew) {
      const { startsOn, fromPH, pHDoubt } = plan.value
      return { startsOn, pH: fromPH, doubt: pHDoubt }
    }
    const known = story.value && pHToStartFrom(story.value, today())
    return known && { startsOn: today(), ...known }
  })
  const facts = computed<AcidGroundFacts | undefined>(() => {
    if (!story.value || !start.value) return undefined
    const { texture, fizz, fizzAcid, bufferTest, titrated } = draft.value
    return {
      ...groundReadings(story.value, bufferTest),
      texture: texture === '' ? undefined : texture,
      fizz,
      fizzAcid,
      pH: Number(start.value.pH.toFixed(2)),
      pHDoubt: start.value.doubt,
      depthM: depthM.value ?? Number.NaN,
      titratedMmol: optionalNumber(titrated),
    }
  })
  /** The plan that is followed: its retests teach its own path. */
  const followed = computed(() => (draft.value.isAnew ? undefined : plan.value?.id))
  const figured = computed(() => {
    const given = facts.value
    return given && calculateInWords(() => acidGround(given))
  })
  const ground = computed(() => {
    const from = valueOf(figured.value)
    if (!from || !knowing.learns) return figured.value
    const plans = (buffering.data.value?.plans ?? []).filter(
      ({ planId }) => planId !== followed.value,
    )
    return calculateInWords(() =>
      groundAsLearnt(from, plans, { standId: standId.value, on: today() }),
    )
  })
  return { depthM, start, figured, ground }
}
