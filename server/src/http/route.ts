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
import type { Recorder } from './recorder.ts'
import { ServiceError } from '../problem/service-error.ts'

type Received<Sent> = Sent extends Bytes ? Buffer : Sent

/** What a handler is given: checked input, and who is asking. */
interface Asked<Path extends string, Query, Sent> {
  readonly params: PathParams<Path>
  readonly query: Query
  readonly body: Received<Sent>
  readonly recorder: Recorder
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
  response.send(typeof content === 'string' ? content : Buffer.from(content))
}

/** Mounts routes on a router, input checked before any handler sees it. */
export function mountRoutes(router: Router, served: readonly ServedRoute[]): void {
  for (const { route, handle } of served) {
    const { method, path, query, sends, answers } = route
    router[method](path, reader(route), async (request: Request, response: Response) => {
      const asked = {
        params: request.params,
        body: sends.as === 'bytes' ? bytesOf(request.body) : checked(sends.dto, request.body),
        query: checked(query, { ...request.query }),
        recorder: response.locals.recorder,
      }
      const answer = await handle(asked as never)
      if (answers.as === 'file') sendFile(response, answer as FileContent)
      else response.status(method === 'post' ? 201 : 200).json(answer)
    })
  }
}
