import { ApiProblem, toApiProblem } from './api-problem.ts'

/** What is sent: JSON, or a file under its own type. */
const sent = (body: object | Blob | undefined): { type?: string; body?: BodyInit } => {
  if (body === undefined) return {}
  if (body instanceof Blob) return { type: body.type, body }
  return { type: 'application/json', body: JSON.stringify(body) }
}

/** The only fetch of the interface: JSON or a file in, JSON out, every failure an {@link ApiProblem}. */
export async function request<Answer>(
  method: string,
  path: string,
  given?: object | Blob,
): Promise<Answer> {
  const { type, body } = sent(given)
  const response = await fetch(`/api${path}`, {
    method,
    headers: { accept: 'application/json', ...(type ? { 'content-type': type } : {}) },
    ...(body ? { body } : {}),
  }).catch(() => {
    throw new ApiProblem('unreachable')
  })
  const answer: unknown = await response.json().catch(() => ({}))
  if (!response.ok) throw toApiProblem(answer as object)
  return answer as Answer
}
