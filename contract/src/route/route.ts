import type { ClassConstructor } from 'class-transformer'
import type { Access } from '../access/index.ts'
import type { Answers } from './answers.ts'
import { nothing, type Sends } from './sends.ts'
import type { Topic } from './topics.ts'

type ParamName<Path extends string> = Path extends `${string}:${infer Name}/${infer Rest}`
  ? Name | ParamName<`/${Rest}`>
  : Path extends `${string}:${infer Name}`
    ? Name
    : never

/** The parameters that a path names, as { standId } for "/stands/:standId". */
export type PathParams<Path extends string> = { readonly [Name in ParamName<Path>]: string }

/** Head of a request by which a change is named, so that it can be taken back: a UUID. */
export const changeHeader = 'x-change-id'

/** A route without a query. */
export type NoQuery = Readonly<Record<never, never>>

/**
 * A route as both ends know it: the server mounts and describes it, the interface calls it, and
 * neither says anything of it again.
 */
export interface Route<
  Path extends string = string,
  Query extends object = object,
  Sent = unknown,
  Answer = unknown,
> {
  readonly method: 'get' | 'post' | 'patch'
  /** Path under /api, with parameters as :name. */
  readonly path: Path
  readonly summary: string
  readonly access: Access
  readonly query: ClassConstructor<Query> | undefined
  readonly sends: Sends<Sent>
  readonly answers: Answers<Answer>
  /** What is kept of its answers under; undefined: never kept. */
  readonly topic: Topic | undefined
  /** What has to be read anew once it was called. */
  readonly touches: readonly Topic[]
}

interface Reading<Path extends string, Query extends object, Answer> {
  readonly path: Path
  readonly summary: string
  readonly access: Access
  readonly query?: ClassConstructor<Query>
  readonly answers: Answers<Answer>
  readonly topic: Topic | undefined
}

interface Changing<Path extends string, Query extends object, Sent, Answer> {
  readonly path: Path
  readonly summary: string
  readonly access: Access
  readonly query?: ClassConstructor<Query>
  readonly sends: Sends<Sent>
  readonly answers: Answers<Answer>
  readonly touches: readonly Topic[]
}

/** A route that only reads. */
export function reads<const Path extends string, Answer, Query extends object = NoQuery>(
  given: Reading<Path, Query, Answer>,
): Route<Path, Query, undefined, Answer> {
  return { method: 'get', query: undefined, sends: nothing, touches: [], ...given }
}

/** A route that stores something new under an id that the sender made: sent twice it stores once. */
export function creates<const Path extends string, Sent, Answer, Query extends object = NoQuery>(
  given: Changing<Path, Query, Sent, Answer>,
): Route<Path, Query, Sent, Answer> {
  const touches = [...given.touches, 'history'] as const
  return { method: 'post', query: undefined, topic: undefined, ...given, touches }
}

/** A route that changes what is stored: what is left out stays. */
export function changes<const Path extends string, Sent, Answer, Query extends object = NoQuery>(
  given: Changing<Path, Query, Sent, Answer>,
): Route<Path, Query, Sent, Answer> {
  const touches = [...given.touches, 'history'] as const
  return { method: 'patch', query: undefined, topic: undefined, ...given, touches }
}
