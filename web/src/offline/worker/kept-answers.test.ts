import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ownCaches } from '../cache-names.ts'
import { cacheStub } from '../tests/cache-stub.ts'
import { answered } from './kept-answers.ts'

const address = `${location.origin}/api/stands/green`
const kept = () => new Response('as it was', { headers: { date: 'Mon, 15 Jun 2026 06:12:00 GMT' } })

async function open(name: string, path: string, answer: Response) {
  const { caches } = cacheStub(() => Promise.reject(new TypeError('failed')))
  vi.stubGlobal('caches', caches)
  const cache = await caches.open(name)
  await cache.put(path, answer)
  return cache
}
const network = (answer: () => Promise<Response>) => vi.stubGlobal('fetch', vi.fn(answer))
const gone = () => Promise.reject(new TypeError('failed'))

beforeEach(() => vi.useFakeTimers())
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
})

describe('an answer that was taken along', () => {
  it('is given without signal, and says when it was given', async () => {
    await open(ownCaches.answers, address, kept())
    network(gone)
    const answer = await answered(new Request(address))
    expect(await answer.text()).toBe('as it was')
    expect(answer.headers.get('x-kept-at')).toBe('Mon, 15 Jun 2026 06:12:00 GMT')
  })

  it('gives way to the server, and is as new as what came last', async () => {
    const cache = await open(ownCaches.answers, address, kept())
    network(() => Promise.resolve(new Response('as it is')))
    const answer = await answered(new Request(address))
    expect(answer.headers.get('x-kept-at')).toBeNull()
    expect(await answer.text()).toBe('as it is')
    expect(await (await cache.match(address))?.text()).toBe('as it is')
  })

  it('is given where the signal is too weak to wait for', async () => {
    await open(ownCaches.answers, address, kept())
    network(() => new Promise(() => undefined))
    const answer = answered(new Request(address))
    await vi.advanceTimersByTimeAsync(20_000)
    expect(await (await answer).text()).toBe('as it was')
  })

  it('is not what is wrong at the server, nor anything that was not taken along', async () => {
    await open(ownCaches.answers, address, kept())
    network(() => Promise.resolve(new Response('busy', { status: 503 })))
    expect((await answered(new Request(address))).status).toBe(503)
    network(gone)
    await expect(answered(new Request(`${address}/more`))).rejects.toThrow('failed')
  })
})
