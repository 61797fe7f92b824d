import type { RequestHandler } from 'express'
import { randomUUID } from 'node:crypto'
import type { Logger } from 'pino'
import { Counter, Gauge, Histogram, Registry, collectDefaultMetrics } from 'prom-client'

/** Figures of a running server, as Prometheus reads them. */
export class Metrics {
  readonly #registry = new Registry()
  readonly #seconds: Histogram<'method' | 'route' | 'status'>
  readonly #inFlight: Gauge
  readonly #faults: Counter<'kind'>

  constructor() {
    const registers = [this.#registry]
    collectDefaultMetrics({ register: this.#registry })
    this.#seconds = new Histogram({
      name: 'spudder_request_seconds',
      help: 'How long requests took, by route and status.',
      labelNames: ['method', 'route', 'status'],
      buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 10],
      registers,
    })
    this.#inFlight = new Gauge({
      name: 'spudder_requests_in_flight',
      help: 'Requests that are being answered.',
      registers,
    })
    this.#faults = new Counter({
      name: 'spudder_faults_total',
      help: 'Faults of ours and of the database, by kind.',
      labelNames: ['kind'],
      registers,
    })
  }

  began(): void {
    this.#inFlight.inc()
  }
  ended(seen: { method: string; route: string; status: number; seconds: number }): void {
    const { method, route, status, seconds } = seen
    this.#inFlight.dec()
    this.#seconds.observe({ method, route, status: String(status) }, seconds)
    if (status >= 500) this.#faults.inc({ kind: status === 503 ? 'unavailable' : 'internal' })
  }
  text(): Promise<string> {
    return this.#registry.metrics()
  }
  get type(): string {
    return this.#registry.contentType
  }
}

declare module 'express-serve-static-core' {
  interface Locals {
    /** The pattern of the route that answers, never the address with its ids and words. */
    route?: string
    /** What a line of the log and what somebody was told have in common. */
    requestId?: string
  }
}

/** Notes every request: its id, route, status, time and who; never what was sent or asked for. */
export function observed(logger: Logger, metrics: Metrics): RequestHandler {
  return (request, response, next) => {
    const from = process.hrtime.bigint()
    metrics.began()
    const requestId = randomUUID()
    response.locals.requestId = requestId
    response.set('x-request-id', requestId)
    response.once('close', () => {
      const seconds = Number(process.hrtime.bigint() - from) / 1e9
      const { method } = request
      const status = response.writableFinished ? response.statusCode : 499
      const { route = 'other', recorder } = response.locals
      metrics.ended({ method, route, status, seconds })
      const line = {
        requestId,
        method,
        route,
        status,
        ms: Math.round(seconds * 1e4) / 10,
        actor: recorder?.actor ?? '',
      }
      if (status >= 500) logger.warn(line, 'answered')
      else logger.info(line, 'answered')
    })
    next()
  }
}
