import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import { defineComponent, h } from 'vue'
import { usePlace } from './places.ts'

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

const place = (id: string, isArchived = false) => ({ id, name: `Place ${id}`, isArchived })
async function placeAtWork(all: readonly object[]): Promise<string> {
  vi.stubGlobal('fetch', () => Promise.resolve(Response.json(all)))
  const shown = defineComponent(() => {
    const { place: atWork } = usePlace()
    return () => h('p', atWork.value?.name ?? 'none')
  })
  const page = mount(shown, { global: { plugins: [createPinia(), [PiniaColada, {}]] } })
  await flushPromises()
  return page.text()
}

it.each([
  ['the first that is in use', '', [place('a', true), place('b'), place('c')], 'Place b'],
  ['the one last gone to', 'c', [place('a'), place('c')], 'Place c'],
  ['another where that was put away', 'c', [place('a'), place('c', true)], 'Place a'],
  ['one to bring back where all are put away', '', [place('a', true)], 'Place a'],
])('the place at work is %s', async (_, chosen, all, name) => {
  localStorage.setItem('spudder:place', chosen)
  expect(await placeAtWork(all)).toBe(name)
})
