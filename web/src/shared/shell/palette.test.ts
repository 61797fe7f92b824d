import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia, type Pinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import { useTheme } from '../../ui/use-theme.ts'
import { useHelp } from '../help/use-help.ts'
import CommandPalette from './CommandPalette.vue'
import { entries } from './entries.ts'
import { usePalette } from './use-palette.ts'
import { useShellKeys } from './use-shell-keys.ts'

const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: {}, ...recorded } // prettier-ignore
const stands = ['Bowling green', 'Events lawn', 'Long lawn'].map((name, index) => ({ kind: 'stand', id: String(index), name, standId: String(index), standName: name })) // prettier-ignore
const page = { template: '<p />' }
const makeRouter = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/stands/:standId', name: 'stand', component: page },
      ...entries.map(({ name }) => ({ path: `/${name}`, name, component: page })),
    ],
  })

const withKeys = defineComponent({
  setup: () => (useShellKeys(), () => h(CommandPalette)),
})

// Named wherever a store is asked for: the files share a window, and a late action of the file before
// makes its own stores the active ones.
let pinia: Pinia
let palette: VueWrapper
let router: ReturnType<typeof makeRouter>
let isReachable = true
beforeEach(async () => {
  vi.useFakeTimers()
  isReachable = true
  localStorage.clear()
  vi.stubGlobal('fetch', (url: string) => {
    if (url.endsWith('/places')) return Promise.resolve(Response.json([place]))
    if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
    if (!isReachable) return Promise.reject(new TypeError('failed'))
    const text = new URL(url, 'http://localhost').searchParams.get('text') ?? ''
    const found = stands.filter(({ name }) => name.toLowerCase().includes(text.toLowerCase()))
    return Promise.resolve(Response.json(found))
  })
  pinia = createPinia()
  setActivePinia(pinia)
  router = makeRouter()
  palette = mount(withKeys, {
    global: { plugins: [pinia, [PiniaColada, {}], router] },
    attachTo: document.body,
  })
  await settle()
})
afterEach(() => {
  palette.unmount()
  // What a dialog leaves behind while it goes is no field of the next one.
  document.body.replaceChildren()
  vi.useRealTimers()
})

async function settle(): Promise<void> {
  await flushPromises()
  await vi.advanceTimersByTimeAsync(400)
  await flushPromises()
}
const press = (key: string, on: EventTarget = window) =>
  on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
const field = () => {
  const input = document.body.querySelector<HTMLInputElement>('.palette input')
  if (!input) throw new Error('the palette is closed')
  return input
}
async function open(): Promise<void> {
  press('/')
  // What it is made of is loaded then, which takes as long as the machine takes.
  await vi.waitFor(field, { timeout: 60_000 })
  await settle()
  // Until the field has taken what was typed ahead, a key anywhere is typed for it.
  await vi.waitFor(() => expect(usePalette(pinia).isAwaited).toBe(false), { timeout: 60_000 })
}
async function type(text: string): Promise<void> {
  field().value = text
  field().dispatchEvent(new Event('input', { bubbles: true }))
  await settle()
}
const listed = () =>
  [...document.body.querySelectorAll('.ant-select-item-option b')].map((each) => each.textContent)

describe('the palette', () => {
  it('opens on one key, but not while somebody types', async () => {
    const typing = document.createElement('input')
    document.body.append(typing)
    press('/', typing)
    expect(usePalette(pinia).isOpen).toBe(false)
    typing.remove()
    await open()
    expect(usePalette(pinia).isOpen).toBe(true)
  })

  it('lists every screen there is, until something is typed', async () => {
    await open()
    expect(listed()).toEqual([
      ...entries.map(({ words }) => words),
      'Light or dark',
      'In the sun',
      'Help',
    ])
  })

  it('finds what the server knows by its name, and the words in the record', async () => {
    await open()
    await type('LAWN')
    expect(listed()).toEqual(['Events lawn', 'Long lawn', '“LAWN” in the record'])
  })

  it('lists what is called so before what only has to do with it', async () => {
    await open()
    await type('season')
    expect(listed().slice(0, 2)).toEqual(['Season', 'Dates'])
  })

  it('goes where somebody chooses', async () => {
    await open()
    await type('bowling')
    document.body.querySelector<HTMLElement>('.ant-select-item-option')?.click()
    await settle()
    expect(router.currentRoute.value.params['standId']).toBe('0')
    expect(usePalette(pinia).isOpen).toBe(false)
  })

  it('keeps what is typed before it is there, and goes where Enter means', async () => {
    press('/')
    for (const key of ['l', 'o', 'n', 'g', 'Enter']) press(key)
    await settle()
    expect(router.currentRoute.value.params).toEqual({ standId: '2' })
  })

  it('takes no key of its own buttons for what is typed', async () => {
    await open()
    const close = () => {
      const cross = document.body.querySelector('.ant-modal-close')
      if (!cross) throw new Error('the dialog has no cross yet')
      return cross
    }
    press('Enter', await vi.waitFor(close, { timeout: 60_000 }))
    usePalette(pinia).close()
    await settle()
    const before = router.currentRoute.value.fullPath
    await open()
    expect([usePalette(pinia).isOpen, router.currentRoute.value.fullPath]).toEqual([true, before])
  })

  it('does what a command does', async () => {
    const theme = useTheme(pinia)
    const before = theme.isDark
    await open()
    await type('light or dark')
    document.body.querySelector<HTMLElement>('.ant-select-item-option')?.click()
    await settle()
    expect(theme.isDark).toBe(!before)
    await open()
    await type('first steps')
    document.body.querySelector<HTMLElement>('.ant-select-item-option')?.click()
    await settle()
    expect(useHelp(pinia).isOpen).toBe(true)
  })

  it('says so where the server does not answer, and still lists the screens', async () => {
    await open()
    isReachable = false
    await type('shelf')
    expect(document.body.querySelector('.ant-modal [role=alert]')?.textContent).toMatch(/./)
    expect(listed()).toContain('Shelf')
  })
})
