import { dayRoutes, type DayJobDto } from '@spudder/contract/day'
import { jobRoutes } from '@spudder/contract/job'
import { useIntervalFn, useDocumentVisibility } from '@vueuse/core'
import { computed } from 'vue'
import { useMay } from '../../api/me.ts'
import { usePlace } from '../../api/places.ts'
import { useChange } from '../../api/use-change.ts'
import { useReadOn } from '../../api/use-read.ts'
import { today } from '../../shared/units/today.ts'

/** Others go on meanwhile: how often it is looked at anew while somebody looks [ms]. */
const againMs = 20_000

/** The day of whoever looks, kept as it is while they look. */
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
  return { place, read }
}

/** What whoever looks says of jobs: that they begin, end, are done, and whose they are. */
export function useDayHands() {
  const { place } = usePlace()
  const { me } = useMay()
  const take = useChange(jobRoutes.take)
  const beAt = useChange(jobRoutes.beAt)
  const change = useChange(jobRoutes.change)
  const since = () => new Date().toISOString()
  return {
    me,
    system: computed(() => place.value?.unitSystem ?? 'us'),
    begin: ({ job }: DayJobDto) => beAt.send({ jobId: job.id, dto: { since: since() } }),
    stop: ({ job }: DayJobDto) => beAt.send({ jobId: job.id, dto: { since: null } }),
    takeOn: ({ job }: DayJobDto, isMine: boolean) => take.send({ jobId: job.id, dto: { isMine } }),
    sayDone: ({ job }: DayJobDto) => change.send({ jobId: job.id, dto: { status: 'done' } }),
    error: computed(() => take.error.value ?? beAt.error.value ?? change.error.value),
  }
}
export type DayHands = ReturnType<typeof useDayHands>
