import { useDebounceFn, useIntervalFn, useOnline } from '@vueuse/core'
import { computed, watch } from 'vue'
import { usePlace } from '../api/places.ts'
import { today } from '../shared/units/today.ts'
import { useOutbox } from './outbox.ts'
import { useTakenAlong } from './taken-along.ts'

/** How often what is taken along is taken anew while there is signal, and how soon after something changed [ms]. */
const againMs = 10 * 60_000
const soonMs = 4000

/** Keeps what is needed outside as new as it can be: at the start, when the signal comes back, after work was stored. */
export function useTakingAlong(): void {
  const { place } = usePlace()
  const along = useTakenAlong()
  const outbox = useOutbox()
  const hasSignal = useOnline()
  const placeId = computed(() => place.value?.id)
  const take = (): void => {
    if (placeId.value !== undefined && hasSignal.value) void along.take(placeId.value, today())
  }
  const takeSoon = useDebounceFn(take, soonMs)
  watch(
    [placeId, hasSignal, () => along.chosen.length + along.opened.length],
    () => void takeSoon(),
    { immediate: true },
  )
  // What was stored is in the answers from now on.
  watch(
    () => outbox.storedCount,
    () => void takeSoon(),
  )
  useIntervalFn(take, againMs)
}
