import express, { type Router } from 'express'
import type { Metrics } from './observe.ts'

/** Addresses for who keeps the server running: alive, ready, figures. They say nothing of any place. */
export function health(isReady: () => Promise<boolean>, metrics: Metrics): Router {
  const router = express.Router()
  router.get('/healthz', (_request, response) => void response.json({ status: 'alive' }))
  router.get('/readyz', async (_request, response) => {
    const ready = await isReady()
    response.status(ready ? 200 : 503).json({ status: ready ? 'ready' : 'no database' })
  })
  router.get('/metrics', async (_request, response) => {
    response.type(metrics.type).send(await metrics.text())
  })
  return router
}
