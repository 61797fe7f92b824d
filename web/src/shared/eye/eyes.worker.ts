import { eyesOf } from '@spudder/core/seen/eye'
import { serveWorker } from '../worker/serve-worker.ts'

/** Measures eyes away from the page. */
serveWorker(eyesOf)
