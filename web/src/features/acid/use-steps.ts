import { putsOut } from '@spudder/core/days/plan'
import { type StandDto } from '@spudder/contract/stand'
import { judgeSteps, whereStepsGo, type StepsWhere } from '@spudder/core/days/acid-steps'
import {
  compareMaterials,
  planSteps,
  retestDays,
  type AcidNeed,
  type AcidStep,
} from '@spudder/core/soil/acid-plan'
import { findAcidity, findSource, sourestFeed } from '@spudder/core/material/source'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { useShelf } from '../../api/shelf.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import { numberIn } from '../../shared/form/number-text.ts'
import { today } from '../../shared/units/today.ts'
import { useSettled } from '../../shared/use-settled.ts'
import type { AcidDraft } from './acid-draft.ts'

interface StepsInput {
  readonly stand: StandDto
  readonly draft: Ref<AcidDraft>
  readonly need: ComputedRef<AcidNeed | undefined>
  readonly groundM2: number | undefined
  /** The day from which steps count towards the need. */
  readonly startsOn: ComputedRef<string | undefined>
}

/** Steps of the plan: laid out by themselves until they are dragged, and what stands against them. */
export function useSteps({ stand, draft, need, groundM2, startsOn }: StepsInput) {
  const { story, place } = useStandCase()
  const shelf = useShelf(() => stand.placeId)
  const nitrogenKgPerM2 = ref<number>()

  const where = computed<StepsWhere | undefined>(() =>
    story.value && place.value && groundM2 !== undefined
      ? whereStepsGo({
          context: stand.context,
          groundM2,
          situation: draft.value.situation,
          climate: place.value.climate,
          system: place.value.unitSystem,
          ownLimits: place.value.settings.seasonLimits,
          story: story.value,
          products: shelf.data.value ?? [],
        })
      : undefined,
  )
  const done = computed(() => where.value?.done ?? [])
  const facts = computed(() => where.value?.facts)
  const doneSinceStart = computed(() =>
    done.value.filter(({ day }) => startsOn.value !== undefined && day >= startsOn.value),
  )
  /** Steps that the stored plan still has to do, as its jobs stand now. */
  const stored = computed<AcidStep[]>(() =>
    (story.value?.jobs ?? []).flatMap(({ kind, status, acidPlanId, dueOn, sourceId, plannedKg }) =>
      putsOut(kind) && status === 'planned' && acidPlanId && sourceId && plannedKg && groundM2
        ? [{ day: dueOn, sourceId, kgPerM2: plannedKg / groundM2 }]
        : [],
    ),
  )
  const acidOf = (steps: readonly AcidStep[]) =>
    steps.reduce((sum, { sourceId, kgPerM2 }) => sum + findAcidity(sourceId).molPerKg.usual * kgPerM2, 0) // prettier-ignore

  /** Nitrogen that is fed anyway, in the form that sours most. */
  const fed = computed<readonly AcidStep[]>(() => {
    const [where, aYear] = [facts.value, nitrogenKgPerM2.value]
    if (!where || !aYear || need.value?.direction !== 'down') return []
    const feedId = sourestFeed()
    const { contentShare } = findSource(feedId)
    const nitrogenLeft = (year: string) => Math.min(aYear, where.nitrogenLeft(year) ?? Infinity)
    const kgPerM2 = (3 * aYear) / contentShare.usual
    return planSteps({
      ...where,
      nitrogenLeft,
      sourceId: feedId,
      kgPerM2,
      startsOn: today(),
      planned: [],
      done: done.value,
    }).steps
  })
  /** Laid out by themselves: what the need leaves once the rest is done and fed. */
  const laidOut = computed(() => {
    const [where, way] = [facts.value, need.value]
    if (!where || !way) return { steps: [] as readonly AcidStep[], leftKgPerM2: 0 }
    const { sourceId } = draft.value
    const perKg = Math.abs(findAcidity(sourceId).molPerKg.usual)
    const sign = way.direction === 'down' ? 1 : -1
    const others = sign * acidOf([...doneSinceStart.value, ...fed.value])
    const kgPerM2 = Math.max(0, way.molPerM2.usual - others) / perKg
    const own = planSteps({
      ...where,
      sourceId,
      kgPerM2,
      startsOn: today(),
      planned: fed.value,
      done: done.value,
    })
    const steps = [...fed.value, ...own.steps].toSorted((a, b) => a.day.localeCompare(b.day))
    return { steps, leftKgPerM2: own.leftKgPerM2 }
  })
  /** Dragged steps come before those of the stored plan, and those before ones laid out. */
  const isStored = computed(
    () => draft.value.steps === null && !draft.value.isAnew && stored.value.length > 0,
  )
  const steps = computed<readonly AcidStep[]>(
    () => draft.value.steps ?? (isStored.value ? stored.value : laidOut.value.steps),
  )
  const judged = computed(() => where.value && judgeSteps(steps.value, where.value))
  const offers = useSettled(
    () => {
      const [where, way] = [facts.value, need.value]
      return (
        where && way && { where, way, price: draft.value.price, sourceId: draft.value.sourceId }
      )
    },
    (asked) =>
      asked
        ? compareMaterials({
            ...asked.where,
            need: asked.way,
            startsOn: today(),
            planned: [],
            done: done.value,
            ownPrice: (id) => {
              const own = numberIn(asked.price)
              return id === asked.sourceId && own >= 0 ? own : undefined
            },
          })
        : [],
    [],
  )

  /** Those of the stored plan while its steps stand, else a year after each. */
  const retests = computed(() => {
    if (!isStored.value) {
      return retestDays([...doneSinceStart.value, ...steps.value]).filter((day) => day > today())
    }
    const ofPlan = (story.value?.jobs ?? []).filter(
      ({ kind, status, acidPlanId }) => kind === 'test' && status === 'planned' && acidPlanId,
    )
    return ofPlan.map(({ dueOn }) => dueOn)
  })

  /** Takes the steps into the hand: from now on they stay as they are put. */
  function put(index: number, change: Partial<AcidStep>): void {
    draft.value.steps = steps.value.map((step, place) =>
      place === index ? { ...step, ...change } : { ...step },
    )
  }
  const layOutAnew = () => {
    draft.value.steps = laidOut.value.steps.map((step) => ({ ...step }))
  }
  const remove = (index: number) => {
    draft.value.steps = steps.value
      .filter((_, place) => place !== index)
      .map((each) => ({ ...each }))
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
    offers,
    put,
    remove,
    layOutAnew,
  }
}
