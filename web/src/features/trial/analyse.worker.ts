import { serveWorker } from '../../shared/worker/serve-worker.ts'
import { analyse } from './analyse.ts'

serveWorker(analyse)
