import { learningResponses, seenTreatments } from '@spudder/core/outcome/learnt'
import { dropped, pause, serveWorker } from '../worker/serve-worker.ts'
import type { LearningQuestion } from './known.ts'

/** So long it works before it looks whether somebody asked anew [ms]. */
const breathMs = 100

/** Learns away from the page, and tells how far it is. */
serveWorker(async ({ record, eyes, on }: LearningQuestion, { report, isStale }) => {
  const steps = learningResponses(seenTreatments(record, eyes), on)
  for (let from = performance.now(); ;) {
    const { done, value } = steps.next()
    if (done === true) return value
    if (performance.now() - from < breathMs) continue
    report(value)
    await pause()
    if (isStale()) return dropped
    from = performance.now()
  }
})
