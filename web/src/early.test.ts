import { meAt } from './tests/me.ts'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useStory } from './api/stands.ts'
import EstatePage from './features/estate/EstatePage.vue'
import { recorded } from './tests/recorded.ts'

const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: {}, ...recorded } // prettier-ignore
const standId = 'a0000000-0000-4000-8000-000000000001'

let asked: string[]
beforeEach(() => {
  asked = []
  vi.resetModules()
  vi.useFakeTimers()
  vi.stubGlobal('fetch', (url: string) => {
    asked.push(url)
    if (url === '/api/me') return Promise.resolve(Response.json(meAt('place')))
    if (url === '/api/places') return Promise.resolve(Response.json([place]))
    if (url.includes('/estate?')) return Promise.resolve(Response.json({ total: 0, rows: [] }))
    return Promise.resolve(Response.json({ days: [], service: '' }))
  })
})
const at = async (path: string) => {
  history.replaceState(null, '', path)
  await import('./early.ts')
  await flushPromises()
}
const show = async (component: object) => {
  const page = { template: '<p />' }
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['estate', 'new-stand', 'new-place', 'dates'].map((name) => ({ path: `/${name}`, name, component: page })), // prettier-ignore
  })
  await router.push('/estate')
  const shown = mount(component, {
    global: { plugins: [createPinia(), [PiniaColada, {}], router] },
  })
  await flushPromises()
  return shown
}
const times = (part: string) => asked.filter((url) => url.includes(part)).length

describe('what is asked for before the code is there', () => {
  it('is the place and the first ribbons, and the estate asks for neither again', async () => {
    await at('/')
    expect([times('/api/places/place/estate?'), times('/api/places')]).toEqual([1, 2])
    const shown = await show(EstatePage)
    expect(shown.text()).toContain('Estate')
    expect([times('/estate?'), asked.filter((url) => url === '/api/places').length]).toEqual([1, 1])
    shown.unmount()
  })
  it('is the story of a stand where one is opened', async () => {
    await at(`/stands/${standId}/remedy`)
    expect(asked).toContain(`/api/stands/${standId}`)
    const shown = await show({ setup: () => (useStory(() => standId), () => 'stand') })
    expect(times(`/stands/${standId}`)).toBe(1)
    shown.unmount()
  })
  it('is not believed for long', async () => {
    await at('/')
    await vi.advanceTimersByTimeAsync(11_000)
    const shown = await show(EstatePage)
    expect(times('/estate?')).toBe(2)
    shown.unmount()
  })
})
