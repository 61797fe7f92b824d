import { dayRoutes } from '@spudder/contract/day'
import { jobRoutes } from '@spudder/contract/job'
import { useIntervalFn, useDocumentVisibility } from '@vueuse/core'
import { usePlace } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { useReadOn } from '../../api/use-read.ts'
import { today } from '../../shared/units/today.ts'

/** Others go on meanwhile: how often it is looked at anew while somebody looks [ms]. */
const againMs = 20_000

/** The day of whoever looks, kept as it is while they look, and what they say of it. */
export function useDay() {
  const { place } = usePlace()
  const day = today()
  const read = useReadOn(dayRoutes.day, () => {
    const placeId = place.value?.id
    return placeId === undefined ? undefined : { placeId, query: { day } }
  })
  const visibility = useDocumentVisibility()
  useIntervalFn(() => {
    if (visibility.value === 'visible') void read.refresh(false)
  }, againMs)
  return {
    place,
    read,
    take: useChange(jobRoutes.take),
    beAt: useChange(jobRoutes.beAt),
    change: useChange(jobRoutes.change),
  }
}
