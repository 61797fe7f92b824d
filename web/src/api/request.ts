import { ApiProblem, toApiProblem } from './api-problem.ts'

/** The only fetch of the interface: JSON in and out, every failure an {@link ApiProblem}. */
export async function request<Answer>(
  method: string,
  path: string,
  body?: object,
): Promise<Answer> {
  const response = await fetch(`/api${path}`, {
    method,
    headers: {
      accept: 'application/json',
      ...(body ? { 'content-type': 'application/json' } : {}),
    },
    ...(body ? { body: JSON.stringify(body) } : {}),
  }).catch(() => {
    throw new ApiProblem('unreachable')
  })
  const answer: unknown = await response.json().catch(() => ({}))
  if (!response.ok) throw toApiProblem(answer as object)
  return answer as Answer
}
