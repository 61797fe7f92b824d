import { computed, ref, watch, type ComputedRef } from 'vue'
import { keepForOutside } from '../../offline/keep-for-outside.ts'
import { useSignal } from './use-signal.ts'

/** Keeps a sheet for outside as soon as it is there, and says in words whether it is. */
export function useKeptOutside(
  standId: () => string,
  sheet: ComputedRef<unknown>,
  placeId: () => string | undefined,
) {
  const hasSignal = useSignal()
  /** Whether the sheet opens again without signal, and not only stays while it is open. */
  const isKept = ref(false)
  watch(
    () => sheet.value !== undefined && hasSignal.value,
    async (isReady) => {
      const place = placeId()
      if (!isReady || !place) return
      isKept.value = await keepForOutside([
        '/places',
        `/stands/${standId()}`,
        `/places/${place}/products`,
        `/places/${place}/sprayers`,
      ])
    },
    { immediate: true },
  )
  return computed(() => {
    if (!hasSignal.value) return 'No signal: this sheet still works'
    return isKept.value
      ? 'Kept for outside: works without signal'
      : 'Stays without signal while it is open'
  })
}
