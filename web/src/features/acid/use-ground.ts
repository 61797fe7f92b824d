import { groundOf } from '@spudder/core/stand/plant'
import { toStandSize, type StandDto } from '@spudder/contract/stand'
import { acidNeed, feasibility, tableFigures, treatedGround } from '@spudder/core/soil/acid-plan'
import { mgCaCO3PerMeq } from '@spudder/core/soil/water'
import { computed, type ComputedRef, type Ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import type { AcidDraft } from './acid-draft.ts'
import { problemsOf, calculateInWords, valueOf } from './calculate-in-words.ts'
import { useAcidWater } from './use-acid-water.ts'
import { useStart, type PlanStart } from './use-start.ts'

/** The ground, how far it has to go, and whether it can. */
export function useGround(
  stand: StandDto,
  draft: Ref<AcidDraft>,
  plan: ComputedRef<PlanStart | undefined>,
) {
  const { system } = useStandCase()
  const size = toStandSize(stand.size)
  const treated = computed(() =>
    calculateInWords(() =>
      treatedGround(size, groundOf(size, stand.measures ?? {}), draft.value.situation),
    ),
  )
  const { depthM, start, figured, ground } = useStart(draft, plan)
  const { waterMm, acidAim, water, load } = useAcidWater(draft)

  const known = computed(() => valueOf(ground.value))
  const targetPH = computed(() => numberIn(draft.value.targetPH))
  const need = computed(() => {
    const from = known.value
    return from && calculateInWords(() => acidNeed(from, targetPH.value))
  })
  const needed = computed(() => valueOf(need.value))
  const verdict = computed(() => {
    const [from, way] = [known.value, needed.value]
    if (!from || !way) return undefined
    const perLitre = water.value.left / mgCaCO3PerMeq / 1000
    return feasibility({
      ground: from,
      need: way,
      situation: draft.value.situation,
      waterMolPerYear: water.value.mm * perLitre,
      system: system.value,
    })
  })
  const tables = computed(() =>
    known.value && needed.value?.direction === 'down'
      ? tableFigures(known.value.pH, targetPH.value, known.value.depthM)
      : [],
  )
  return {
    depthM,
    waterMm,
    groundM2: computed(() => valueOf(treated.value)),
    start,
    ground: known,
    /** As figured from what was measured of it alone. */
    figured: computed(() => valueOf(figured.value)),
    need: needed,
    targetPH,
    water,
    acidAim,
    load: computed(() => valueOf(load.value)),
    verdict,
    tables,
    problems: computed(() => problemsOf([ground.value, need.value, load.value, treated.value])),
  }
}
