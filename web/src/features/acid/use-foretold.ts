import type { ForetellInput } from '@spudder/core/soil/pH-path'
import { computed, ref, type ComputedRef, type Ref } from 'vue'
import { useStandCase } from '../../shared/case/stand-case.ts'
import type { AcidDraft } from './acid-draft.ts'
import { retestsSince } from '@spudder/core/outcome/buffering'
import { pathInputOf } from './acid-path-input.ts'
import type { useGround } from './use-ground.ts'
import { usePath } from './use-path.ts'
import type { useSteps } from './use-steps.ts'

/** Draws that are followed: a thousand when the hand rests, fewer while it drags. */
const draws = { resting: 1000, dragging: 200 } as const
/** Arrived is within this of the target where the plant's own range says nothing [pH]. */
const near = 0.25

/** The path that the ground takes under the steps as they lie, corrected by the retests. */
export function useForetold(
  draft: Ref<AcidDraft>,
  likedPH: { readonly low: number; readonly high: number },
  ground: ReturnType<typeof useGround>,
  steps: ReturnType<typeof useSteps>,
) {
  const { story, place } = useStandCase()
  const measured = computed(() =>
    story.value && ground.start.value ? retestsSince(story.value, ground.start.value.startsOn) : [],
  )
  const isUpward = computed(() => ground.need.value?.direction === 'up')
  /** The band in which it has arrived: the plant's own where the target lies in it. */
  const band: ComputedRef<{ low: number; high: number }> = computed(() => {
    const target = ground.targetPH.value
    const { low, high } = likedPH
    if (target >= low && target <= high) return { low, high }
    return { low: target - near, high: target + near }
  })
  const isDragging = ref(false)
  const input = computed<ForetellInput | undefined>(() => {
    const [from, start] = [ground.ground.value, ground.start.value]
    // What cannot be calculated is said beside its field, and not followed.
    if (!from || !start || !place.value || !ground.need.value || !ground.load.value)
      return undefined
    return pathInputOf({
      from,
      startsOn: start.startsOn,
      situation: draft.value.situation,
      climate: place.value.climate,
      latitude: place.value.settings.latitude,
      steps: [...steps.done.value, ...steps.steps.value],
      water: ground.water.value,
      retests: measured.value,
      count: isDragging.value ? draws.dragging : draws.resting,
      arrivesAt: isUpward.value ? band.value.low : band.value.high,
      isUpward: isUpward.value,
    })
  })
  return { measured, isUpward, band, isDragging, ...usePath(input) }
}
