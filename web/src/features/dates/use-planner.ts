import type { PlanInput } from '@spudder/core/days/task'
import type { PlanProgress, SeasonPlan } from '@spudder/core/days/planner'
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
  return { season: answer, progress, failure, isRunning, start, enough, forget, again }
}
