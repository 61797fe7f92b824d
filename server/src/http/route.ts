import { checkDto } from '@spudder/contract/validation'
import type { ClassConstructor } from 'class-transformer'
import express, { type Request, type RequestHandler, type Response, type Router } from 'express'
import type { Recorder } from './recorder.ts'
import { ServiceError } from './service-error.ts'

/** What a handler is given: checked input and who is asking. */
export interface Asked<Body, Query> {
  readonly params: Readonly<Record<string, string>>
  readonly body: Body
  /** What was sent to a route that takes bytes. */
  readonly bytes: Buffer
  readonly query: Query
  readonly recorder: Recorder
}

/** One route: what is mounted and what the description says are the same record. */
export interface Route<
  Body extends object = object,
  Query extends object = object,
  Answer extends object = object,
> {
  readonly method: 'get' | 'post' | 'patch'
  /** Path under /api, with parameters as :name. */
  readonly path: string
  readonly summary: string
  readonly body?: ClassConstructor<Body>
  /** Media types of bytes that the route takes in place of JSON. */
  readonly takes?: readonly string[]
  /** The most that it takes, as "12mb". */
  readonly limit?: string
  readonly query?: ClassConstructor<Query>
  readonly answer: ClassConstructor<Answer>
  /** Whether the answer is a list of them. */
  readonly isList?: boolean
  readonly handle: (asked: Asked<Body, Query>) => Promise<Answer | Answer[]>
}

/** Any route, once its types have done their work. */
export type AnyRoute = Omit<Route, 'handle' | 'body' | 'query'> & {
  readonly body?: ClassConstructor<object>
  readonly query?: ClassConstructor<object>
  readonly handle: (asked: Asked<never, never>) => Promise<object>
}

/** Checks a route's types against each other. */
export function route<Body extends object, Query extends object, Answer extends object>(
  definition: Route<Body, Query, Answer>,
): AnyRoute {
  return definition as unknown as AnyRoute
}

function checked<Dto extends object>(dto: ClassConstructor<Dto> | undefined, plain: unknown): Dto {
  if (!dto) return {} as Dto
  const result = checkDto(dto, plain)
  if (result.ok) return result.value
  const detail = result.fields.map(({ message }) => message).join(' ')
  throw new ServiceError('invalid-body', detail, result.fields)
}

const usualLimit = '1mb'

/** Reads what a route takes: JSON, or bytes of its media types. */
const reader = ({ takes, limit = usualLimit }: AnyRoute): RequestHandler =>
  takes ? express.raw({ type: [...takes], limit }) : express.json({ limit })

/** Mounts routes on a router, input checked before any handler sees it. */
export function mountRoutes(router: Router, routes: readonly AnyRoute[]): void {
  for (const each of routes) {
    const { method, path, body, query, handle } = each
    router[method](path, reader(each), async (request: Request, response: Response) => {
      const asked = {
        params: request.params as Record<string, string>,
        bytes: Buffer.isBuffer(request.body) ? request.body : Buffer.alloc(0),
        body: checked(body, request.body),
        query: checked(query, { ...request.query }),
        recorder: response.locals.recorder as Recorder,
      }
      response
        .status(method === 'post' ? 201 : 200)
        .json(await handle(asked as Asked<never, never>))
    })
  }
}
