import { useOnline } from '@vueuse/core'
import { dayRoutes, type DayDto } from '@spudder/contract/day'
import { personRoutes } from '@spudder/contract/person'
import { placeRoutes } from '@spudder/contract/place'
import { productRoutes } from '@spudder/contract/shelf'
import { sprayerRoutes } from '@spudder/contract/sprayer'
import { estateRoutes } from '@spudder/contract/stand'
import { computed, ref, watch, type ComputedRef } from 'vue'
import { useRouter, type Router } from 'vue-router'
import { addressOf } from '../../api/call.ts'
import { takeAlong } from '../../offline/take-along.ts'

/** Keeps the day and the sheets of its jobs for outside as soon as it is there, and says in words whether it does. */
export function useKeptDay(
  day: ComputedRef<DayDto | undefined>,
  placeId: () => string | undefined,
) {
  const router = useRouter() as Router | undefined
  const hasSignal = useOnline()
  const isKept = ref(false)
  watch(
    [day, hasSignal],
    async () => {
      const [place, now] = [placeId(), day.value]
      if (place === undefined || now === undefined || !hasSignal.value) return
      const own = [...now.mine, ...now.overdue]
      const standIds = [...new Set(own.map(({ job }) => job.standId))]
      isKept.value = await takeAlong(
        router,
        ['sheet'],
        [
          addressOf(placeRoutes.all, {}),
          addressOf(personRoutes.me, {}),
          addressOf(dayRoutes.day, { placeId: place, query: { day: now.day } }),
          addressOf(productRoutes.all, { placeId: place }),
          addressOf(sprayerRoutes.all, { placeId: place }),
          ...standIds.map((standId) => addressOf(estateRoutes.story, { standId })),
        ],
      )
    },
    { immediate: true },
  )
  return computed(() => {
    if (!hasSignal.value) return 'No signal: this day and its sheets still open'
    return isKept.value ? 'Kept for outside: opens without signal, with its sheets' : ''
  })
}
