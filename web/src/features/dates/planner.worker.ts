import type { PlanInput } from '@spudder/core/days/task'
import {
  planSeason,
  solverWith,
  type PlanProgress,
  type SeasonPlan,
} from '@spudder/core/days/planner'
import loadHighs from 'highs'
import solverAddress from 'highs/runtime?url'
import { serveWorker } from '../../shared/worker/serve-worker.ts'

/** Plans a season away from the page, and tells how far it is; whoever has enough ends the worker. */
serveWorker<PlanInput, PlanProgress, SeasonPlan>(async ({ frame, tasks }, { report }) => {
  const highs = await loadHighs({ locateFile: () => solverAddress })
  return planSeason(frame, tasks, solverWith(highs), { onProgress: report })
})
