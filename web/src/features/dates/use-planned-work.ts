import type { JobDto } from '@spudder/contract/job'
import { addDays, type Day } from '@spudder/core/base/calendar'
import { factsOf, type Assignment, type Task } from '@spudder/core/days/planner'
import { toPlan } from '@spudder/core/days/task'
import { computed, ref } from 'vue'
import { usePlace } from '../../api/places.ts'
import { useWeather, useWorkOutlook } from '../../api/weather.ts'
import { usePlanning } from '../../api/planning.ts'
import { useShelf } from '../../api/shelf.ts'
import { today as todayNow } from '../../shared/units/today.ts'
import { windowFor, type DatesView } from './dates-view.ts'

/** Days ahead that plans are made for: a season and its edges, since acid goes in by half years. */
const horizonDays = 400

/** All jobs that are planned at the place, the days before them, and what is asked of each. */
export function usePlannedWork() {
  const { place } = usePlace()
  const placeId = () => place.value?.id
  const today = todayNow()
  const planning = usePlanning(placeId)
  const shelf = useShelf(placeId)
  const outlook = useWorkOutlook(
    placeId,
    () => today,
    () => addDays(today, horizonDays),
  )
  const input = computed(() => {
    if (!place.value || !planning.data.value || !outlook.data.value || !shelf.data.value)
      return undefined
    return toPlan(planning.data.value, {
      products: shelf.data.value,
      settings: place.value.settings,
      outlook: outlook.data.value,
      system: place.value.unitSystem,
      today,
    })
  })
  const jobs = computed<readonly JobDto[]>(() =>
    (planning.data.value?.jobs ?? []).filter(({ status }) => status === 'planned'),
  )
  return {
    today,
    place,
    planning,
    shelf,
    outlook,
    input,
    facts: computed(() =>
      input.value && input.value.frame.days.length > 0 ? factsOf(input.value.frame) : undefined,
    ),
    tasks: computed<readonly Task[]>(() => input.value?.tasks ?? []),
    jobs,
    jobOf: (id: string) => jobs.value.find((job) => job.id === id),
    standOf: (id: string) => planning.data.value?.stands.find((stand) => stand.id === id),
    /** Where jobs lie now; what is overdue can be done today at the earliest. */
    current: computed<Assignment>(
      () => new Map(jobs.value.map(({ id, dueOn }) => [id, dueOn < today ? today : dueOn])),
    ),
  }
}

export type PlannedWork = ReturnType<typeof usePlannedWork>

/** The days that are shown, and their weather. */
export function useDatesWindow({ place, today }: PlannedWork) {
  const view = ref<DatesView>('season')
  const anchor = ref<Day>(today)
  const window = computed(() => windowFor(view.value, anchor.value))
  const weather = useWeather(
    () => place.value?.id,
    () => window.value.from,
    () => window.value.to,
  )
  return { view, anchor, window, weather }
}
