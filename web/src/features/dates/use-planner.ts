import type { PlanInput } from '@spudder/core/days/task'
import type { PlanProgress, SeasonPlan } from '@spudder/core/days/planner'
import { computed } from 'vue'
import { useWorker } from '../../shared/worker/use-worker.ts'

/** Plans the season in a worker, which is ended when somebody has enough. */
export function usePlanner() {
  const { answer, progress, failure, isRunning, ask, cancel, forget, again } = useWorker<
    PlanInput,
    PlanProgress,
    SeasonPlan
  >({
    what: 'The plan',
    open: () => new Worker(new URL('./planner.worker.ts', import.meta.url), { type: 'module' }),
  })
  function start(input: PlanInput): void {
    forget()
    void ask(input)
  }
  /** Ends the search; the best plan so far will do. */
  function enough(): void {
    const best = progress.value?.season
    cancel()
    answer.value = best
  }
  /** The best plan so far, while it is looked on; then the last. */
  const season = computed(() => (isRunning.value ? progress.value?.season : answer.value))
  return { season, progress, failure, isRunning, start, enough, forget, again }
}
