import { serveWorker } from '../worker/serve-worker.ts'
import { eyesFrom } from './measure-in-place.ts'

/** Measures eyes away from the page. */
serveWorker(eyesFrom)
