import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { keepForOutside } from './keep-for-outside.ts'
import { useTakenAlong } from './taken-along.ts'

vi.mock('./keep-for-outside.ts', () => ({
  canKeep: () => true,
  keepForOutside: vi.fn(() => Promise.resolve(true)),
}))

/** What is kept for a day without work, at a place with these settings. */
async function keptFor(settings: object): Promise<readonly string[]> {
  const places = [{ id: 'place', name: 'Vennlow', settings }]
  const day = { mine: [], overdue: [], others: [], tomorrow: [] }
  vi.stubGlobal('fetch', (url: string) =>
    Promise.resolve(Response.json(url.endsWith('/places') ? places : day)),
  )
  await useTakenAlong().take('place', '2026-06-15')
  return vi.mocked(keepForOutside).mock.lastCall?.[0] ?? []
}

beforeEach(() => {
  localStorage.clear()
  setActivePinia(createPinia())
})
afterEach(() => vi.unstubAllGlobals())

describe('what the place knows of itself', () => {
  const eyes = '/api/places/place/eye-sittings'
  const lessons = '/api/places/place/learning'

  it('goes along as far as it counts there, so that colours are judged alike outside', async () => {
    const usual = await keptFor({})
    expect(usual).toContain(eyes)
    expect(usual).not.toContain(lessons)
    expect(await keptFor({ learns: true })).toEqual(expect.arrayContaining([eyes, lessons]))
    expect(await keptFor({ takesAsSaid: true })).not.toContain(eyes)
  })
})
