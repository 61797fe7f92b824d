import { serveWorker } from '../worker/serve-worker.ts'
import { openChecksOf } from './open-checks.ts'

/** Works out what to check next, away from the page that a finger is painting on. */
serveWorker(openChecksOf)
