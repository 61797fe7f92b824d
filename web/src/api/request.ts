import { ApiProblem, toApiProblem } from './api-problem.ts'
import { answeredFrom } from './kept-answer.ts'
import { keptAtHeader } from './kept-at-header.ts'
import { isSignedOut } from './signed-out.ts'
import { takeEarly } from './early-answers.ts'

/** What is sent: JSON, or a file under its own type. */
const sent = (body: object | Blob | undefined): { type?: string; body?: BodyInit } => {
  if (body === undefined) return {}
  if (body instanceof Blob) return { type: body.type, body }
  return { type: 'application/json', body: JSON.stringify(body) }
}

/** When an answer was given that was taken along; undefined for one of the server. */
function keptAt({ headers }: Response): Date | undefined {
  const at = headers.get(keptAtHeader)
  return at === null ? undefined : new Date(at)
}

/** @throws {ApiProblem} unreachable, or what the server had against it */
async function send(path: string, init: RequestInit): Promise<Response> {
  const early = init.method === 'GET' ? takeEarly(path) : undefined
  const response = await (early ?? fetch(`/api${path}`, init)).catch(() => {
    throw new ApiProblem('unreachable')
  })
  if (response.ok) {
    if (init.method === 'GET') answeredFrom.value = keptAt(response)
    return response
  }
  const answer: unknown = await response.json().catch(() => ({}))
  // Whoever answered may be a proxy, whose page says nothing to us but its status.
  const problem = toApiProblem({ ...(answer as object), status: response.status })
  if (problem.code === 'sign-in-needed') isSignedOut.value = true
  throw problem
}

/** The only fetch of the interface: JSON or a file in, JSON out, every failure an {@link ApiProblem}. */
export async function request<Answer>(
  method: string,
  path: string,
  given?: object | Blob,
  heads: Readonly<Record<string, string>> = {},
): Promise<Answer> {
  const { type, body } = sent(given)
  const response = await send(path, {
    method,
    headers: { accept: 'application/json', ...(type ? { 'content-type': type } : {}), ...heads },
    ...(body ? { body } : {}),
  })
  return (await response.json().catch(() => ({}))) as Answer
}

/** The bytes of a file, every failure an {@link ApiProblem}. */
export const requestFile = async (path: string): Promise<Blob> =>
  (await send(path, { method: 'GET' })).blob()
