import type { PlanInput } from '@spudder/core/days/task'
import { planSeason, solverWith } from '@spudder/core/days/planner'
import loadHighs from 'highs'
import solverAddress from 'highs/runtime?url'

/** Plans a season away from the page, and tells how far it is; whoever has enough ends the worker. */
self.addEventListener('message', ({ data }: MessageEvent<PlanInput>) => {
  void (async () => {
    try {
      const highs = await loadHighs({ locateFile: () => solverAddress })
      const season = planSeason(data.frame, data.tasks, solverWith(highs), {
        onProgress: (progress) => self.postMessage({ progress }),
      })
      self.postMessage({ season })
    } catch (error) {
      self.postMessage({ failure: error instanceof Error ? error.message : String(error) })
    }
  })()
})
