import { serveWorker } from '../worker/serve-worker.ts'
import { readPhoto } from './photo-reading.ts'

/** Reads photos away from the page. */
serveWorker(readPhoto)
