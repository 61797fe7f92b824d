import type { StandDto } from '@spudder/contract/stand'
import { whereStepsGo, type StepsWhere } from '@spudder/core/days/acid-steps'
import { putsOut } from '@spudder/core/days/plan'
import type { AcidStep } from '@spudder/core/soil/acid-plan'
import { computed, type ComputedRef, type Ref } from 'vue'
import { useShelf } from '../../api/shelf.ts'
import { useStandCase } from '../../shared/case/stand-case.ts'
import type { AcidDraft } from './acid-draft.ts'

interface WhereInput {
  readonly stand: StandDto
  readonly draft: Ref<AcidDraft>
  readonly groundM2: ComputedRef<number | undefined>
  /** The day from which steps count towards the need. */
  readonly startsOn: ComputedRef<string | undefined>
}

/** Where steps go: what limits them there, what was put on, and what the stored plan still has to do. */
export function useStepsWhere({ stand, draft, groundM2, startsOn }: WhereInput) {
  const { story, place } = useStandCase()
  const shelf = useShelf(() => stand.placeId)
  const where = computed<StepsWhere | undefined>(() =>
    story.value && place.value && groundM2.value !== undefined
      ? whereStepsGo({
          context: stand.context,
          plantId: stand.plantId,
          groundM2: groundM2.value,
          situation: draft.value.situation,
          climate: place.value.climate,
          latitude: place.value.settings.latitude,
          system: place.value.unitSystem,
          ownLimits: place.value.settings.seasonLimits,
          story: story.value,
          products: shelf.data.value ?? [],
        })
      : undefined,
  )
  const done = computed(() => where.value?.done ?? [])
  /** Jobs of the stored plan as they stand now. */
  const jobsLeft = computed(() =>
    (story.value?.jobs ?? []).filter(
      ({ status, acidPlanId }) => status === 'planned' && acidPlanId,
    ),
  )
  return {
    where,
    facts: computed(() => where.value?.facts),
    done,
    doneSinceStart: computed(() =>
      done.value.filter(({ day }) => startsOn.value !== undefined && day >= startsOn.value),
    ),
    stored: computed<AcidStep[]>(() =>
      jobsLeft.value.flatMap(({ kind, dueOn, sourceId, plannedKg }) =>
        putsOut(kind) && sourceId && plannedKg && groundM2.value
          ? [{ day: dueOn, sourceId, kgPerM2: plannedKg / groundM2.value }]
          : [],
      ),
    ),
    storedRetests: computed(() =>
      jobsLeft.value.filter(({ kind }) => kind === 'test').map(({ dueOn }) => dueOn),
    ),
  }
}
