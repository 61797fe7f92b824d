import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { cacheStub } from './tests/cache-stub.ts'

beforeEach(() => vi.resetModules())
afterEach(() => {
  vi.unstubAllGlobals()
  vi.unstubAllEnvs()
})

/** A browser that can keep, with a server that is there or not. */
async function browser(isThere = true) {
  vi.stubEnv('PROD', true)
  const register = vi.fn(() => Promise.resolve({}))
  vi.stubGlobal('navigator', { serviceWorker: { register, ready: Promise.resolve() } })
  const { caches, kept } = cacheStub(() =>
    isThere ? Promise.resolve(new Response('{}')) : Promise.reject(new TypeError('failed')),
  )
  vi.stubGlobal('caches', caches)
  const { keepForOutside } = await import('./keep-for-outside.ts')
  return { keepForOutside, register, kept }
}

describe('what is taken outside', () => {
  it('is kept, each answer once, and nothing that is not wanted any more', async () => {
    const { keepForOutside, register, kept } = await browser()
    expect(await keepForOutside(['/api/stands/1?a=b', '/api/places', '/api/places'])).toBe(true)
    expect(register).toHaveBeenCalledWith('/service-worker.js')
    expect(kept('spudder-answers-2')).toEqual(['/api/stands/1?a=b', '/api/places'])
    expect(await keepForOutside(['/api/places', '/api/stands/2'])).toBe(true)
    expect(kept('spudder-answers-2')).toEqual(['/api/places', '/api/stands/2'])
  })

  it('is said not to be where the signal is gone before it was kept; what was there stays', async () => {
    const { keepForOutside, kept } = await browser(false)
    expect(await keepForOutside(['/api/stands/1'])).toBe(false)
    expect(kept('spudder-answers-2')).toEqual([])
  })

  it('is said not to be where the browser cannot', async () => {
    vi.stubGlobal('navigator', {})
    const { keepForOutside } = await import('./keep-for-outside.ts')
    expect(await keepForOutside([])).toBe(false)
  })
})
