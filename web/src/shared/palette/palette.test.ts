import { mount, type VueWrapper } from '@vue/test-utils'
import { createPinia, setActivePinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it } from 'vitest'
import { nextTick } from 'vue'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useTheme } from '../../ui/use-theme.ts'
import CommandPalette from './CommandPalette.vue'
import { usePalette } from './use-palette.ts'

const page = { template: '<p />' }
const makeRouter = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'estate', component: page },
      { path: '/stands/new', name: 'new-stand', component: page },
      { path: '/stands/:standId', name: 'stand', component: page },
      { path: '/sprayers', name: 'sprayers', component: page },
      { path: '/shelf', name: 'shelf', component: page },
      { path: '/reference', name: 'reference', component: page },
    ],
  })

let palette: VueWrapper
let router: ReturnType<typeof makeRouter>
beforeEach(() => {
  localStorage.clear()
  const pinia = createPinia()
  setActivePinia(pinia)
  router = makeRouter()
  usePalette().stands = ['Bowling green', 'Events lawn'].map((words, index) => ({
    words,
    hint: 'stand',
    to: { name: 'stand', params: { standId: String(index) } },
  }))
  palette = mount(CommandPalette, {
    global: { plugins: [pinia, router] },
    attachTo: document.body,
  })
})
afterEach(() => palette.unmount())

const press = (key: string, on: EventTarget = window) =>
  on.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }))
const listed = () => palette.findAll('[role=option]').map((option) => option.find('span').text())

describe('the palette', () => {
  it('opens on one key, but not while somebody types', async () => {
    const field = document.createElement('input')
    document.body.append(field)
    press('/', field)
    expect(usePalette().isOpen).toBe(false)
    press('/')
    expect(usePalette().isOpen).toBe(true)
    field.remove()
    await nextTick()
  })

  it('lists stands and commands, and narrows by what is typed', async () => {
    expect(listed()).toEqual([
      'Bowling green',
      'Events lawn',
      'Estate',
      'Add a stand',
      'Dates',
      'Record',
      'Sprayers',
      'Shelf',
      'Reference',
      'Light or dark',
    ])
    await palette.find('input').setValue('lawn')
    expect(listed()).toEqual(['Events lawn'])
    await palette.find('input').setValue('zebra')
    expect(palette.text()).toContain('Nothing of that name.')
  })

  it('is walked by arrows, round the ends, and goes where Enter says', async () => {
    const input = palette.find('input')
    await input.trigger('keydown', { key: 'ArrowUp' })
    expect(palette.find('[aria-selected=true]').text()).toContain('Light or dark')
    await input.trigger('keydown', { key: 'ArrowDown' })
    await input.trigger('keydown', { key: 'ArrowDown' })
    expect(input.attributes('aria-activedescendant')).toBe('palette-1')
    await input.trigger('keydown', { key: 'Enter' })
    await router.isReady()
    expect(router.currentRoute.value.params['standId']).toBe('1')
  })

  it('does what a command does, and the choice of light or dark is remembered', async () => {
    const theme = useTheme()
    const before = theme.isDark
    await palette.findAll('[role=option]').at(-1)?.trigger('click')
    expect(theme.isDark).toBe(!before)
    expect(localStorage.getItem('spudder:theme')).toBe(before ? 'light' : 'dark')
    await nextTick()
    expect(document.documentElement.dataset['theme']).toBe(before ? 'light' : 'dark')
  })
})
