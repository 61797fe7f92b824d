import { serveWorker } from '../worker/serve-worker.ts'
import { eyesOf } from './eyes-of.ts'

/** Measures eyes away from the page. */
serveWorker(eyesOf)
