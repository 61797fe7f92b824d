import { acidStepsDone, applicationsOf, type StandDto } from '@spudder/contract/stand'
import {
  compareMaterials,
  nitrogenBudget,
  planSteps,
  retestDays,
  stepProblems,
  type AcidNeed,
  type AcidStep,
  type StepGrounds,
} from '@spudder/core/soil/acid-plan'
import { findAcidity, findSource, sourestFeed } from '@spudder/core/material/source'
import { soilClimates } from '@spudder/core/soil/climate'
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

  const done = computed(() =>
    story.value && groundM2 !== undefined ? acidStepsDone(story.value, groundM2) : [],
  )
  const doneSinceStart = computed(() =>
    done.value.filter(({ day }) => startsOn.value !== undefined && day >= startsOn.value),
  )
  /** Steps that the stored plan still has to do, as its jobs stand now. */
  const stored = computed<AcidStep[]>(() =>
    (story.value?.jobs ?? []).flatMap(({ kind, status, acidPlanId, dueOn, sourceId, plannedKg }) =>
      kind === 'apply' && status === 'planned' && acidPlanId && sourceId && plannedKg && groundM2
        ? [{ day: dueOn, sourceId, kgPerM2: plannedKg / groundM2 }]
        : [],
    ),
  )
  const grounds = computed<StepGrounds | undefined>(() => {
    if (!story.value || !place.value || groundM2 === undefined) return undefined
    const { jobs } = story.value
    const besides = jobs.filter((each) => each.acidPlanId === null || each.status !== 'planned')
    const applications = applicationsOf({ ...story.value, jobs: besides }, shelf.data.value ?? [])
    const ground = {
      context: stand.context,
      ownLimits: place.value.settings.seasonLimits,
    }
    return {
      situation: draft.value.situation,
      climate: soilClimates[place.value.climate],
      system: place.value.unitSystem,
      nitrogenLeft: nitrogenBudget(ground, applications, groundM2),
    }
  })

  const acidOf = (steps: readonly AcidStep[]) =>
    steps.reduce((sum, { sourceId, kgPerM2 }) => sum + findAcidity(sourceId).molPerKg.usual * kgPerM2, 0) // prettier-ignore

  /** Nitrogen that is fed anyway, in the form that sours most. */
  const fed = computed<readonly AcidStep[]>(() => {
    const [where, aYear] = [grounds.value, nitrogenKgPerM2.value]
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
    const [where, way] = [grounds.value, need.value]
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
  const problems = computed(() =>
    grounds.value ? stepProblems(steps.value, grounds.value, done.value) : [],
  )
  const offers = useSettled(
    () => {
      const [where, way] = [grounds.value, need.value]
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
    stepProblems: problems,
    hasHardProblem: computed(() => problems.value.some(({ isHard }) => isHard)),
    retests,
    offers,
    put,
    remove,
    layOutAnew,
  }
}
