import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import NoticeBell from './NoticeBell.vue'

beforeEach(() => localStorage.clear())
afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})

const of = { standId: null, jobId: null, productId: null }
const overdue = { ...of, id: 'overdue job', kind: 'overdue', words: 'Paddock: Spray, overdue since yesterday.', standId: 'paddock', jobId: 'job' } // prettier-ignore
const short = { ...of, id: 'short p', kind: 'short', words: 'Crystals runs short on 1 Jun 2026.', productId: 'p' } // prettier-ignore

async function bellWith(notices: readonly object[]) {
  const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', settings: {}, ...recorded } // prettier-ignore
  vi.stubGlobal('fetch', (url: string) => {
    if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
    return Promise.resolve(Response.json(url.endsWith('/notices') ? notices : [place]))
  })
  const page = { template: '<p />' }
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['estate', 'jobs', 'shelf', 'account', 'dates'].map((name) => ({
      path: name === 'estate' ? '/' : name === 'jobs' ? '/stands/:standId/jobs' : `/${name}`,
      name,
      component: page,
    })),
  })
  const bell = mount(NoticeBell, {
    global: { plugins: [createPinia(), [PiniaColada, {}], router] },
    attachTo: document.body,
  })
  await flushPromises()
  return bell
}
const listed = () => [...document.querySelectorAll('[aria-label="Notices"] li')]

describe('the bell', () => {
  it('tells how much is new, lists it with where it is dealt with, and has seen it then', async () => {
    const bell = await bellWith([overdue, short])
    const button = bell.find('button')
    expect(button.attributes('aria-label')).toBe('Notices, 2 new')
    await button.trigger('click')
    await flushPromises()
    expect(listed().map((each) => each.querySelector('a')?.getAttribute('href'))).toEqual([
      '/stands/paddock/jobs',
      '/shelf',
    ])
    expect(listed().map((each) => each.querySelector('p')?.textContent)).toEqual(['overdue', 'new'])
    expect(button.attributes('aria-label')).toBe('Notices')
    bell.unmount()
    document.body.innerHTML = ''
    // Another day, another notice: only that is new.
    const later = await bellWith([overdue, { ...overdue, id: 'due other', kind: 'due' }])
    expect(later.find('button').attributes('aria-label')).toBe('Notices, 1 new')
  })

  it('says that nothing waits', async () => {
    const bell = await bellWith([])
    await bell.find('button').trigger('click')
    await flushPromises()
    expect(document.body.textContent).toContain('Nothing waits')
  })
})
