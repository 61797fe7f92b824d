import { useOnline } from '@vueuse/core'
import { placeRoutes } from '@spudder/contract/place'
import { productRoutes } from '@spudder/contract/shelf'
import { sprayerRoutes } from '@spudder/contract/sprayer'
import { estateRoutes } from '@spudder/contract/stand'
import { computed, ref, watch, type ComputedRef } from 'vue'
import { useRouter, type Router } from 'vue-router'
import { addressOf } from '../../api/call.ts'
import { takeAlong } from '../../offline/take-along.ts'

/** Keeps a sheet for outside as soon as it is there, and says in words whether it is. */
export function useKeptOutside(
  standId: () => string,
  sheet: ComputedRef<unknown>,
  placeId: () => string | undefined,
) {
  const router = useRouter() as Router | undefined
  const hasSignal = useOnline()
  /** Whether the sheet opens again without signal, and not only stays while it is open. */
  const isKept = ref(false)
  watch(
    () => sheet.value !== undefined && hasSignal.value,
    async (isReady) => {
      const place = placeId()
      if (!isReady || !place) return
      isKept.value = await takeAlong(
        router,
        [],
        [
          addressOf(placeRoutes.all, {}),
          addressOf(estateRoutes.story, { standId: standId() }),
          addressOf(productRoutes.all, { placeId: place }),
          addressOf(sprayerRoutes.all, { placeId: place }),
        ],
      )
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
