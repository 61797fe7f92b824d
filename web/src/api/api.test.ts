import { afterEach, describe, expect, it, vi } from 'vitest'
import { ApiProblem, fieldMessage } from './api-problem.ts'
import { request } from './request.ts'

/** Answers the next request; gives what was asked. */
function answerWith(status: number, body: unknown) {
  const fetched = vi.fn((_url: string, _init: RequestInit) =>
    Promise.resolve(new Response(JSON.stringify(body), { status })),
  )
  vi.stubGlobal('fetch', fetched)
  return fetched
}
afterEach(() => vi.unstubAllGlobals())

const problemOf = (asked: Promise<unknown>) =>
  asked.then(
    () => undefined,
    (error: unknown) => error as ApiProblem,
  )

describe('request', () => {
  it('sends JSON under /api and gives the answer', async () => {
    const fetched = answerWith(201, { id: 'a' })
    expect(await request('POST', '/places', { name: 'Vennlow' })).toEqual({ id: 'a' })
    const [url, init] = fetched.mock.calls[0] ?? []
    expect(url).toBe('/api/places')
    expect(init).toMatchObject({ method: 'POST', body: '{"name":"Vennlow"}' })
  })

  it('tells a refusal in words, with the fields that were wrong', async () => {
    const fields = [{ field: 'value', message: 'pH: give a number.' }]
    answerWith(400, { code: 'invalid-body', detail: 'pH: give a number.', fields })
    const problem = await problemOf(request('POST', '/stands/a/readings', {}))
    expect(problem).toBeInstanceOf(ApiProblem)
    expect(problem?.message).toBe('Some figures need another value; they are marked.')
    expect(fieldMessage(problem, 'value')).toBe('pH: give a number.')
    expect(fieldMessage(problem, 'takenOn')).toBeUndefined()
  })

  it('adds what the server knows of a conflict', async () => {
    answerWith(409, { code: 'conflict', detail: 'This job is already done, by Tobin.', fields: [] })
    const problem = await problemOf(request('PATCH', '/jobs/a', {}))
    expect(problem?.message).toMatch(/Somebody was there before you. This job is already done/)
  })

  it('says that nothing is lost where there is no connection', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('failed')))
    const problem = await problemOf(request('GET', '/places'))
    expect(problem?.code).toBe('unreachable')
    expect(problem?.message).toMatch(/Nothing is lost/)
  })

  it('does not choke on an answer that is no JSON, nor on a code it does not know', async () => {
    vi.stubGlobal('fetch', () => Promise.resolve(new Response('<html>', { status: 502 })))
    expect((await problemOf(request('GET', '/places')))?.message).toMatch(/Try once more/)
    answerWith(418, { code: 'teapot', detail: '', fields: [] })
    expect((await problemOf(request('GET', '/places')))?.message).toMatch(/Try once more/)
  })
})
