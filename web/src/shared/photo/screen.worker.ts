import { serveWorker } from '../worker/serve-worker.ts'
import { readScreen } from './photo-reading.ts'

/** Measures screens away from the page. */
serveWorker(readScreen)
