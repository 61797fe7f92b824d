import {
  usualMostMB,
  type Bytes,
  type FileContent,
  type PathParams,
  type Route,
} from '@spudder/contract/route'
import { checkDto } from '@spudder/contract/validation'
import type { ClassConstructor } from 'class-transformer'
import express, { type Request, type RequestHandler, type Response, type Router } from 'express'
import { Readable } from 'node:stream'
import { pipeline } from 'node:stream/promises'
import type { Reach } from '../access/gate.ts'
import type { Watch } from '../access/watch.ts'
import type { Params } from '../access/place-of.repository.ts'
import type { Visit } from '../access/visitor.ts'
import type { Recorder } from '../recorder/recorder.ts'
import type { Again } from '../database/database-fault.ts'
import { ServiceError } from '../problem/service-error.ts'
import { requireSane, requireSaneAddress } from './door.ts'
import { writersOf } from './turns.ts'

type Received<Sent> = Sent extends Bytes ? Buffer : Sent

/** What a handler is given: checked input, and who is asking. */
interface Asked<Path extends string, Query, Sent> {
  readonly params: PathParams<Path>
  readonly query: Query
  readonly body: Received<Sent>
  readonly recorder: Recorder
  /** What whoever asks may at the place that the path leads to. */
  readonly reach: Reach | undefined
  readonly visit: Visit
}

type Handler<R> =
  R extends Route<infer Path, infer Query, infer Sent, infer Answer>
    ? (asked: Asked<Path, Query, Sent>) => Promise<Answer>
    : never

/** A handler for each of some routes; one that is missing does not compile. */
export type Handlers<Routes> = { readonly [Name in keyof Routes]: Handler<Routes[Name]> }

/** A route with what answers it, once its types have done their work. */
export interface ServedRoute {
  readonly route: Route
  readonly handle: (asked: never) => Promise<unknown>
}

/** Answers the routes of a subject. */
export function serve<Routes extends Readonly<Record<string, Route>>>(
  routes: Routes,
  handlers: Handlers<Routes>,
): readonly ServedRoute[] {
  return Object.entries(routes).map(([name, route]) => ({
    route,
    handle: handlers[name as keyof Routes] as ServedRoute['handle'],
  }))
}

function checked(dto: ClassConstructor<object> | undefined, plain: unknown): object {
  if (!dto) return {}
  const result = checkDto(dto, plain)
  if (result.ok) return result.value
  const detail = result.fields.map(({ message }) => message).join(' ')
  throw new ServiceError('invalid-body', detail, result.fields)
}

/** Reads what a route takes: JSON, or bytes of its media types. */
function reader({ sends }: Route): RequestHandler {
  const limit = `${sends.mostMB ?? usualMostMB}mb`
  return sends.as === 'bytes'
    ? express.raw({ type: [...(sends.types ?? [])], limit })
    : express.json({ limit })
}

const bytesOf = (body: unknown): Buffer => (Buffer.isBuffer(body) ? body : Buffer.alloc(0))

function sendFile(response: Response, { type, content, saveAs, isForever }: FileContent): void {
  response
    .type(type)
    .set('content-disposition', saveAs ? `attachment; filename="${saveAs}"` : 'inline')
  if (isForever) response.set('cache-control', 'private, max-age=31536000, immutable')
  if (typeof content === 'string') response.send(content)
  else if (content instanceof Uint8Array) response.send(Buffer.from(content))
  // Written as it comes: an archive with its photos does not lie in memory whole.
  else void pipeline(Readable.from(content), response).catch(() => response.destroy())
}

/** What was sent, checked. */
function bodyOf({ sends }: Route, body: unknown): object {
  if (sends.as === 'bytes') return bytesOf(body)
  requireSane(body)
  return checked(sends.dto, body)
}

/**
 * Mounts routes on a router, input checked before any handler sees it. What writes takes turns, so that
 * readers are never without a connection, and is done again where the database gave it up for another's
 * sake: every route stores all or nothing, and once.
 */
export function mountRoutes(
  router: Router,
  served: readonly ServedRoute[],
  { watch, again }: { readonly watch: Watch; readonly again: Again },
): void {
  const writers = writersOf()
  for (const { route, handle } of served) {
    const { method, path, query, answers } = route
    const name: RequestHandler = (request, response, next) => {
      response.locals.route = path
      requireSaneAddress(request.params, request.query)
      next()
    }
    // Whoever may not is told so before a byte of what they send is read.
    const door: RequestHandler = async (request, response, next) => {
      const params = request.params as Params
      response.locals.reach = await again(() => watch.admit(route, params, response.locals))
      next()
    }
    router[method](
      path,
      name,
      door,
      reader(route),
      async (request: Request, response: Response) => {
        const { reach, visit } = response.locals
        const asked = {
          reach,
          visit,
          params: request.params,
          body: bodyOf(route, request.body),
          query: checked(query, { ...request.query }),
          recorder: response.locals.recorder,
        }
        const work = () => again(() => handle(asked as never))
        const answer = await (method === 'get' ? work() : writers.take(work))
        await again(() => watch.note(route, request.params as Params, response.locals))
        if (answers.as === 'file') sendFile(response, answer as FileContent)
        else response.status(method === 'post' ? 201 : 200).json(answer)
      },
    )
  }
}
