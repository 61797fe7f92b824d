import { toPlan } from '@spudder/core/days/task'
import type { JobDto } from '@spudder/contract/job'
import { addDays, type Day } from '@spudder/core/base/calendar'
import {
  breachesOf,
  effectOfMove,
  factsOf,
  movesBetween,
  planCost,
  reasonsFor,
  type Assignment,
  type Task,
} from '@spudder/core/days/planner'
import { computed, inject, provide, ref, type InjectionKey } from 'vue'
import { usePlace, useWeather, useWorkOutlook } from '../../api/places.ts'
import { useAcceptMoves, usePlanning } from '../../api/planning.ts'
import { useShelf } from '../../api/shelf.ts'
import { useChangeJob } from '../../api/stands.ts'
import { today as todayNow } from '../../shared/units/today.ts'
import { usePlanner } from './use-planner.ts'
import { windowFor, type DatesView } from './dates-view.ts'

/** Days ahead that plans are made for: a season and its edges, since acid goes in by half years. */
const horizonDays = 400

/** A job on its way to a day where it is not stored yet. */
interface Pending {
  readonly jobId: string
  readonly day: Day
}

function buildDatesStore() {
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
  const change = useChangeJob()
  const accept = useAcceptMoves()
  const planner = usePlanner()

  const view = ref<DatesView>('season')
  const anchor = ref<Day>(today)
  const window = computed(() => windowFor(view.value, anchor.value))
  const weather = useWeather(
    placeId,
    () => window.value.from,
    () => window.value.to,
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
  const facts = computed(() =>
    input.value && input.value.frame.days.length > 0 ? factsOf(input.value.frame) : undefined,
  )
  const tasks = computed<readonly Task[]>(() => input.value?.tasks ?? [])
  const jobs = computed<readonly JobDto[]>(() =>
    (planning.data.value?.jobs ?? []).filter(({ status }) => status === 'planned'),
  )
  const jobOf = (id: string) => jobs.value.find((job) => job.id === id)
  const standOf = (id: string) => planning.data.value?.stands.find((stand) => stand.id === id)

  /** Where jobs lie now; what is overdue can be done today at the earliest. */
  const current = computed<Assignment>(
    () => new Map(jobs.value.map(({ id, dueOn }) => [id, dueOn < today ? today : dueOn])),
  )
  const pending = ref<Pending>()
  const pendingEffect = computed(() => {
    if (!pending.value || !facts.value) return undefined
    const { jobId: taskId, day } = pending.value
    return effectOfMove(facts.value, tasks.value, current.value, { taskId, day })
  })

  /** Jobs of the days that are foretold which no longer hold where they are. */
  const troubles = computed(() => {
    if (!facts.value || !outlook.data.value) return []
    const { data } = outlook
    const basis = new Map(data.value?.days.map((day) => [day.day, day]))
    const broken = breachesOf(facts.value, tasks.value, current.value)
    return tasks.value.flatMap((task) => {
      const day = current.value.get(task.id) ?? ''
      const [breach] = broken.filter(({ taskId }) => taskId === task.id)
      const known = basis.get(day)
      const work = known?.works.find((each) => each.work === task.work)
      const isRained = known?.basis !== 'usual' && work !== undefined && work.chance < 0.5
      const words = breach?.words ?? (isRained ? work.against.join(', ') : undefined)
      return words === undefined ? [] : [{ task, day, words }]
    })
  })

  const season = planner.season
  const moves = computed(() =>
    facts.value && season.value
      ? movesBetween(facts.value, tasks.value, { before: current.value, after: season.value.plan })
      : [],
  )
  const costNow = computed(
    () => facts.value && planCost(facts.value, tasks.value, current.value).total,
  )
  const reasons = (jobId: string): readonly string[] => {
    const task = tasks.value.find(({ id }) => id === jobId)
    return facts.value && task ? reasonsFor(facts.value, tasks.value, current.value, task) : []
  }

  const chosenId = ref<string>()
  /** What was moved last, to be taken back. */
  const undo = ref<{ readonly jobId: string; readonly from: Day; readonly words: string }>()

  async function put(jobId: string, day: Day): Promise<void> {
    const from = jobOf(jobId)?.dueOn
    const stored = await change
      .mutateAsync({ id: jobId, dto: { dueOn: day } })
      .catch(() => undefined)
    pending.value = undefined
    if (!stored || from === undefined) return
    undo.value = { jobId, from, words: stored.title }
  }
  async function takeBack(): Promise<void> {
    const last = undo.value
    if (!last) return
    await change.mutateAsync({ id: last.jobId, dto: { dueOn: last.from } }).catch(() => undefined)
    undo.value = undefined
  }
  /** Lets go of a job: where its day breaks nothing it is stored, else somebody has to say so. */
  async function drop(): Promise<void> {
    const at = pending.value
    if (!at) return
    if (at.day === current.value.get(at.jobId)) pending.value = undefined
    else if (pendingEffect.value?.breaches.length === 0) await put(at.jobId, at.day)
  }

  async function acceptMoves(ids: readonly string[]): Promise<void> {
    const id = placeId()
    if (id === undefined) return
    const wanted = moves.value.flatMap(({ task, to }) => {
      const from = jobOf(task.id)?.dueOn
      const isAsked = ids.includes(task.id) && to !== undefined && from !== undefined
      return isAsked ? [{ jobId: task.id, from, to }] : []
    })
    if (wanted.length === 0) return
    const stored = await accept
      .mutateAsync({ placeId: id, dto: { moves: wanted } })
      .catch(() => undefined)
    if (stored) planner.forget()
  }

  const plan = () =>
    input.value && planner.start(JSON.parse(JSON.stringify(input.value)) as typeof input.value)

  return {
    today,
    place,
    planning,
    shelf,
    outlook,
    weather,
    view,
    anchor,
    window,
    input,
    tasks,
    jobs,
    jobOf,
    standOf,
    current,
    pending,
    pendingEffect,
    troubles,
    moves,
    costNow,
    reasons,
    chosenId,
    undo,
    put,
    takeBack,
    drop,
    change,
    accept,
    acceptMoves,
    planner,
    plan,
  }
}

type DatesStore = ReturnType<typeof buildDatesStore>
const datesStoreKey: InjectionKey<DatesStore> = Symbol('dates store')

/** Reads the dates of the place and hands them to every part of the screen. */
export function provideDatesStore(): DatesStore {
  const store = buildDatesStore()
  provide(datesStoreKey, store)
  return store
}

export function useDatesStore(): DatesStore {
  const store = inject(datesStoreKey)
  if (!store) throw new Error('a part of the dates lies outside their page')
  return store
}
