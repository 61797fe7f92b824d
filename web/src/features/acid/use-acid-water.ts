import { acidNeeded, limeLoad, mgCaCO3PerMeq, pHAtAlkalinity } from '@spudder/core/soil/water'
import { computed, ref, type Ref } from 'vue'
import { numberIn } from '../../shared/form/number-text.ts'
import type { AcidDraft } from './acid-draft.ts'
import { optionalNumber, calculateInWords, valueOf } from './calculate-in-words.ts'

/** Lime that the water of a year brings, and what acid in it leaves. */
export function useAcidWater(draft: Ref<AcidDraft>) {
  const waterMm = ref<number>()
  /** The pH that acid brings the water to, and the alkalinity that it leaves. */
  const acidAim = computed(() => {
    const { alkalinity, acidId, acidAim: aim, waterPH, leaveAlkalinity, bringToPH } = draft.value
    if (acidId === '') return undefined
    return calculateInWords(() => {
      const test = { alkalinityMgPerLCaCO3: numberIn(alkalinity), pH: numberIn(waterPH) }
      const targetPH =
        aim === 'pH' ? numberIn(bringToPH) : pHAtAlkalinity(test, numberIn(leaveAlkalinity))
      const taken = acidNeeded(test, targetPH) * mgCaCO3PerMeq
      return { test, targetPH, left: Math.max(0, test.alkalinityMgPerLCaCO3 - taken) }
    })
  })
  const water = computed(() => {
    const { alkalinity, acidId } = draft.value
    const [mm, full] = [waterMm.value ?? 0, optionalNumber(alkalinity) ?? 0]
    const left = (acidId === '' ? undefined : valueOf(acidAim.value)?.left) ?? full
    return { mm, full, left }
  })
  const load = computed(() => calculateInWords(() => limeLoad(water.value.mm, water.value.full)))
  return { waterMm, acidAim, water, load }
}
