import type { PlanInput } from '@spudder/core/days/task'
import type { PlanProgress, SeasonPlan } from '@spudder/core/days/planner'
import { getCurrentScope, onScopeDispose, ref, shallowRef, toRaw } from 'vue'

/** What the worker tells, one at a time. */
interface Told {
  readonly progress?: PlanProgress
  readonly season?: SeasonPlan
  readonly failure?: string
}

/** Plans the season in a worker of its own, which is ended when somebody has enough. */
export function usePlanner() {
  const season = shallowRef<SeasonPlan>()
  const progress = shallowRef<PlanProgress>()
  const failure = ref<string>()
  const isRunning = ref(false)
  let worker: Worker | undefined

  function cancel(): void {
    worker?.terminate()
    worker = undefined
    isRunning.value = false
    progress.value = undefined
  }

  function start(input: PlanInput): void {
    cancel()
    season.value = undefined
    failure.value = undefined
    isRunning.value = true
    worker = new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' })
    worker.addEventListener('message', ({ data }: MessageEvent<Told>) => {
      if (data.progress) progress.value = data.progress
      if (data.season) season.value = data.season
      if (data.failure !== undefined) failure.value = data.failure
      if (data.season || data.failure !== undefined) cancel()
    })
    worker.addEventListener('error', () => {
      failure.value = 'The planner could not be started. Load the page again.'
      cancel()
    })
    worker.postMessage(toRaw(input))
  }

  /** Ends the search; the best plan so far will do. */
  function enough(): void {
    const best = progress.value?.season
    cancel()
    season.value = best
  }
  const forget = () => (season.value = undefined)
  if (getCurrentScope()) onScopeDispose(cancel)
  return { season, progress, failure, isRunning, start, enough, forget }
}
