import { CreateAcidPlanDto } from '@spudder/contract/acid-plan'
import type { StandDto } from '@spudder/contract/stand'
import { findAcidity, firstAmendment, isAcid } from '@spudder/core/material/source'
import { situations } from '@spudder/core/soil/acid-plan'
import { addDays, daysBetween } from '@spudder/core/base/calendar'
import { soilClimates } from '@spudder/core/soil/climate'
import type { ForetellInput } from '@spudder/core/soil/pH-path'
import { findPlant } from '@spudder/core/stand/plant'
import { computed, inject, provide, ref, watch, type InjectionKey } from 'vue'
import { usePlanAcid } from '../../api/stands.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { useKept } from '../../shared/form/kept.ts'
import { useChecked } from '../../shared/form/use-checked.ts'
import { today } from '../../shared/units/today.ts'
import { freshAcidDraft } from './acid-draft.ts'
import { newestOf, retestsSince } from './acid-facts.ts'
import { useGround } from './use-ground.ts'
import { usePath } from './use-path.ts'
import { useSteps } from './use-steps.ts'

/** Draws that are followed: a thousand when the hand rests, fewer while it drags. */
const draws = { resting: 1000, dragging: 200 } as const
const seed = 0.4242
const leastDays = 3 * 365
const daysAhead = 2 * 365
/** A plan older than this is begun anew. */
const mostDays = 10 * 365
/** Arrived is within this of the target where the plant's own range says nothing [pH]. */
const near = 0.25

/** Everything that the acid plan works with: what is known, what is planned, where it leads. */
function buildAcidStore(stand: StandDto) {
  const { standId, story, system, place, newestLook } = useStandCase()
  const plant = findPlant(stand.plantId)
  const { low, high } = plant.pHRange
  const plan = computed(() => story.value?.acidPlans.at(-1))
  const water = story.value && {
    alkalinity: newestOf(story.value, 'alkalinity')?.value ?? place.value?.settings.sprayWater?.alkalinityMgPerLCaCO3, // prettier-ignore
    pH: place.value?.settings.sprayWater?.pH,
  }
  const {
    value: draft,
    forget,
    failed,
  } = useKept(`acid:${standId.value}:${plan.value?.id ?? 'new'}`, () =>
    freshAcidDraft({
      context: stand.context,
      plantId: stand.plantId,
      system: system.value,
      plan: plan.value,
      likedPH: (low + high) / 2,
      fizz: newestLook.value?.findings.fizz as 'none' | undefined,
      water: water ?? {},
    }),
  )
  const ground = useGround(stand, draft, plan)
  const steps = useSteps({
    stand,
    draft,
    need: ground.need,
    groundM2: ground.groundM2,
    startsOn: computed(() => ground.start.value?.startsOn),
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

  const retests = computed(() =>
    story.value && ground.start.value ? retestsSince(story.value, ground.start.value.startsOn) : [],
  )
  const isUpward = computed(() => ground.need.value?.direction === 'up')
  /** The band in which it has arrived: the plant's own where the target lies in it. */
  const band = computed(() => {
    const target = ground.targetPH.value
    return target >= low && target <= high ? { low, high } : { low: target - near, high: target + near } // prettier-ignore
  })
  const isDragging = ref(false)
  const pathInput = computed<ForetellInput | undefined>(() => {
    const [from, start] = [ground.ground.value, ground.start.value]
    // What cannot be reckoned is said beside its field, and not followed.
    if (!from || !start || !place.value || !ground.need.value || !ground.load.value)
      return undefined
    const { startsOn } = start
    const { isTilled } = situations[draft.value.situation]
    const wanted = Math.max(leastDays, daysBetween(startsOn, addDays(today(), daysAhead)))
    const days = Math.min(mostDays, wanted)
    return {
      setup: {
        ground: {
          fromPH: from.pH,
          pHDoubt: from.pHDoubt,
          bufferMmol: from.buffer.mmolPerKg,
          bufferDoubt: from.buffer.doubt,
          lime: from.lime,
          depthM: from.depthM,
          densityKgPerL: from.densityKgPerL,
        },
        applications: [...steps.done.value, ...steps.steps.value].map((step) => ({
          ...step,
          isTilled,
        })),
        startsOn,
        days,
        climate: soilClimates[place.value.climate],
        water: {
          mmPerYear: ground.water.value.mm,
          alkalinityMgPerLCaCO3: ground.water.value.left,
        },
      },
      retests: retests.value,
      count: isDragging.value ? draws.dragging : draws.resting,
      seed,
      arrivesAt: isUpward.value ? band.value.low : band.value.high,
      isUpward: isUpward.value,
    }
  })
  const path = usePath(pathInput)

  const request = usePlanAcid()
  const { checked, messageFor } = useChecked(CreateAcidPlanDto, () => request.error.value)
  /** Ids of jobs are made once, so that a plan sent again is the same plan. */
  function jobId(index: number): string {
    const known = draft.value.jobIds[index]
    if (known !== undefined) return known
    const fresh = crypto.randomUUID()
    draft.value.jobIds[index] = fresh
    return fresh
  }
  async function save(): Promise<void> {
    const { id, situation, texture, fizz, bufferTest, titrated, note } = draft.value
    const start = ground.start.value
    const count = steps.steps.value.length
    const { mm, full, left } = ground.water.value
    const acid = draft.value.acidId === '' ? {} : { acidId: draft.value.acidId, leftMgPerLCaCO3: left } // prettier-ignore
    const dto = checked({
      id,
      startsOn: start?.startsOn,
      fromPH: start && Number(start.pH.toFixed(2)),
      pHDoubt: start && Number(start.doubt.toFixed(3)),
      targetPH: ground.targetPH.value,
      situation,
      ground: {
        depthM: ground.depthM.value,
        ...(texture === '' ? {} : { texture }),
        ...(fizz === undefined ? {} : { fizz }),
        ...(bufferTest === '' ? {} : { bufferTest }),
        ...(titrated.trim() === '' ? {} : { titratedMmol: Number(titrated) }),
      },
      ...(mm > 0 ? { water: { mmPerYear: mm, alkalinityMgPerLCaCO3: full, ...acid } } : {}),
      steps: steps.steps.value
        .toSorted((a, b) => a.day.localeCompare(b.day))
        .map((step, index) => ({ id: jobId(index), ...step })),
      retests: steps.retests.value.map((day, index) => ({ id: jobId(count + index), day })),
      note,
    })
    if (!dto) return
    await request.mutateAsync({ id: standId.value, dto }).then(forget, (error: unknown) => {
      failed(error)
      // Another plan is other jobs too.
      if (draft.value.id !== id) draft.value.jobIds = []
    })
  }
  return {
    stand,
    system,
    plant,
    plan,
    draft,
    ...ground,
    ...steps,
    measured: retests,
    band,
    isUpward,
    isDragging,
    ...path,
    save,
    request,
    messageFor,
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
