import { afterEach, describe, expect, it, vi } from 'vitest'
import { keepForOutside } from './keep-for-outside.ts'

afterEach(() => vi.unstubAllGlobals())

/** A browser that can keep, and what it was told to. */
function browser(addAll: (paths: readonly string[]) => Promise<void> = () => Promise.resolve()) {
  const kept: string[] = []
  const register = vi.fn(() => Promise.resolve())
  vi.stubGlobal('navigator', { serviceWorker: { register, ready: Promise.resolve() } })
  vi.stubGlobal('caches', {
    open: () =>
      Promise.resolve({
        addAll: (paths: readonly string[]) => {
          kept.push(...paths)
          return addAll(paths)
        },
      }),
  })
  const loaded = ['/assets/app-1.js', '/assets/app-1.js', '/api/stands/1', '/leaf.svg']
  vi.spyOn(performance, 'getEntriesByType').mockReturnValue(
    loaded.map((path) => ({ name: `${location.origin}${path}` })) as PerformanceEntry[],
  )
  return { kept, register }
}

describe('a sheet that is taken outside', () => {
  it('keeps the page, its parts and the answers it was made of, each once', async () => {
    const { kept, register } = browser()
    expect(await keepForOutside(['/api/stands/1', '/api/places'])).toBe(true)
    expect(register).toHaveBeenCalledWith('/service-worker.js')
    expect(kept).toEqual(['/', '/assets/app-1.js', '/api/stands/1', '/api/places'])
  })

  it('says so where the signal is gone before it was kept', async () => {
    browser(() => Promise.reject(new TypeError('Failed to fetch')))
    expect(await keepForOutside(['/api/stands/1'])).toBe(false)
  })

  it('says so where the browser cannot', async () => {
    vi.stubGlobal('navigator', {})
    expect(await keepForOutside([])).toBe(false)
  })
})
