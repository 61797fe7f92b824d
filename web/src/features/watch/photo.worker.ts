import { serveWorker } from '../../shared/worker/serve-worker.ts'
import { readPhoto } from './photo-reading.ts'

/** Reads photos away from the page. */
serveWorker(readPhoto)
