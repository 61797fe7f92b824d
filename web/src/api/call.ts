import { changeHeader, type Bytes, type PathParams, type Route } from '@spudder/contract/route'
import { request, requestFile } from './request.ts'

type SentBy<Sent> = Sent extends Bytes ? Blob : Sent

/** What a route is asked with: the parameters of its path, its query, and what it is sent as dto. */
export type AskedOf<R> =
  R extends Route<infer Path, infer Query, infer Sent, unknown>
    ? PathParams<Path> &
        ([keyof Query] extends [never] ? unknown : { readonly query: Query }) &
        ([Sent] extends [undefined] ? unknown : { readonly dto: SentBy<Sent> })
    : never

/** What a route answers. */
export type AnswerOf<R> = R extends Route<string, object, unknown, infer Answer> ? Answer : never

interface Loose {
  readonly query?: object
  readonly dto?: object | Blob
}

function queryWords(query: object | undefined): string {
  const asked = Object.entries(query ?? {}).filter(
    ([, value]) => value !== undefined && value !== '',
  )
  if (asked.length === 0) return ''
  const words = asked.map(([name, value]): [string, string] => [name, String(value)])
  return `?${new URLSearchParams(words).toString()}`
}

/** The path of a route, filled in, with its query. */
function pathOf(route: Route, asked: object): string {
  const given = asked as Readonly<Record<string, unknown>> & Loose
  const path = route.path.replace(/:(\w+)/g, (_, name: string) =>
    encodeURIComponent(String(given[name])),
  )
  return `${path}${queryWords(given.query)}`
}

/** Where a route is found: for links, pictures and what is kept for outside. */
export const addressOf = <R extends Route>(route: R, asked: AskedOf<R>): string =>
  `/api${pathOf(route, asked as object)}`

/** What the answer of a route is kept under. */
export const keyOf = <R extends Route>(route: R, asked: AskedOf<R> | undefined) => [
  route.topic ?? 'unkept',
  route.path,
  JSON.stringify(asked ?? {}),
]

/**
 * Calls a route.
 * @param changeId what a change can be taken back by
 * @throws {ApiProblem} whatever stands against it
 */
export function call<R extends Route>(
  route: R,
  asked: AskedOf<R>,
  changeId?: string,
): Promise<AnswerOf<R>> {
  const path = pathOf(route, asked as object)
  const heads = changeId === undefined ? {} : { [changeHeader]: changeId }
  return request(route.method.toUpperCase(), path, (asked as Loose).dto, heads)
}

/**
 * The bytes of a route that answers with a file.
 * @throws {ApiProblem} whatever stands against it
 */
export const callFile = <R extends Route>(route: R, asked: AskedOf<R>): Promise<Blob> =>
  requestFile(pathOf(route, asked as object))
