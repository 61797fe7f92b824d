import { foretell, type ForetellInput, type PathForecast } from '@spudder/core/soil/pH-path'
import { dropped, pause, serveWorker } from '../../shared/worker/serve-worker.ts'

/** Chunks between two looks at whether somebody has asked anew. */
const chunksAtOnce = 4

/** Follows a thousand draws away from the page; a newer question ends an older one. */
serveWorker<ForetellInput, number, PathForecast>(async (input, { report, isStale }) => {
  const steps = foretell(input)
  for (let chunk = 1; ; chunk++) {
    const { done, value } = steps.next()
    if (done) return value
    if (chunk % chunksAtOnce !== 0) continue
    report(value)
    await pause()
    if (isStale()) return dropped
  }
})
