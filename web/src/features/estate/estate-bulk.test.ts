import { meAt } from '../../tests/me.ts'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { recorded } from '../../tests/recorded.ts'
import { jobRow, standRow } from '../../tests/rows.ts'
import { useToasts } from '../../ui/use-toasts.ts'
import EstateStands from './EstateStands.vue'

const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: {}, ...recorded } as never // prettier-ignore
const state = { lastLookOn: null, hasRemedy: false, lastAppliedOn: null, lastClosed: null }
const row = (id: string) => ({ stand: standRow({ id, name: `Lawn ${id}` }), openCase: null, state, colour: null, nextJob: null, nextSheetJobId: null, spent: 0 }) // prettier-ignore

async function open() {
  const sent: { path: string; body: Record<string, unknown> }[] = []
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
    const path = url.replace('/api', '')
    if (method !== 'GET') sent.push({ path, body: JSON.parse(String(body)) as never })
    const answer = path === '/places' ? [place] : path.includes('looks-due') ? [jobRow()] : path.includes('estate/stands') ? ['a', 'b', 'c'].map(row) : standRow() // prettier-ignore
    return Promise.resolve(Response.json(answer, { status: method === 'POST' ? 201 : 200 }))
  })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['estate', 'stand', 'sheets'].map((name) => ({ path: `/${name}`, name, component: { template: '<p />' } })), // prettier-ignore
  })
  const page = mount(EstateStands, {
    props: { place, view: 'table' },
    global: { plugins: [createPinia(), [PiniaColada, {}], router] },
    attachTo: document.body,
  })
  await flushPromises()
  const press = async (words: string) => {
    const all = [...document.body.querySelectorAll<HTMLElement>('button')]
    all.findLast((each) => each.textContent?.trim() === words)?.click()
    await flushPromises()
  }
  const choose = async (...names: string[]) => {
    for (const name of names) await page.find(`input[aria-label="Choose ${name}"]`).setValue(true)
    await flushPromises()
  }
  return { page, sent, press, choose }
}
beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('several stands at once', () => {
  it('get a look planned for one day, each under an id of its own', async () => {
    const { page, sent, press, choose } = await open()
    await choose('Lawn a', 'Lawn c')
    expect(page.text()).toContain('2 stands chosen')
    await press('Plan a look')
    await press('Plan')
    const body = sent[0]?.body as { looks: { id: string; standId: string; dueOn: string }[] }
    expect(sent[0]?.path).toBe('/places/place/looks-due')
    expect(body.looks.map(({ standId }) => standId)).toEqual(['a', 'c'])
    expect(new Set(body.looks.map(({ id }) => id)).size).toBe(2)
    expect(new Set(body.looks.map(({ dueOn }) => dueOn)).size).toBe(1)
    expect(page.text()).not.toContain('chosen')
  })

  it('are archived only when that is confirmed, and come back by Undo', async () => {
    const { page, sent, press, choose } = await open()
    await choose('Lawn b')
    await press('Archive')
    expect(sent).toEqual([])
    await press('Archive')
    expect(sent).toEqual([{ path: '/stands/b', body: { isArchived: true } }])
    await (useToasts(page.vm.$pinia).last?.undo?.() as Promise<unknown>)
    expect(sent[1]).toEqual({ path: '/stands/b', body: { isArchived: false } })
  })

  it('are found by a filter that is saved under a name', async () => {
    const { page } = await open()
    await page.find('input[placeholder="name or plant"]').setValue('lawn c')
    expect(page.findAll('tbody tr').map((each) => each.find('th').text())).toEqual(['Lawn c'])
  })
})
