import { dropped, pause, serveWorker } from '../worker/serve-worker.ts'
import { learning, taught } from './learn.ts'
import type { LearningQuestion } from './known.ts'

/** So long it works before it looks whether somebody asked anew [ms]. */
const breathMs = 100

/** Learns away from the page, and tells how far it is. */
serveWorker(async (question: LearningQuestion, { report, isStale }) => {
  const steps = learning(question)
  for (let from = performance.now(); ;) {
    const { done, value } = steps.next()
    if (done === true) return taught(question, value)
    if (performance.now() - from < breathMs) continue
    report(value)
    await pause()
    if (isStale()) return dropped
    from = performance.now()
  }
})
