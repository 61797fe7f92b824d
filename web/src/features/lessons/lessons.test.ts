import type { LearningDto } from '@spudder/contract/learning'
import { addDays } from '@spudder/core/base/calendar'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { useKnown } from '../../shared/known/use-known.ts'
import { expectedOf } from '../../shared/known/known.ts'
import { today } from '../../shared/units/today.ts'
import { eventually } from '../../tests/eventually.ts'
import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import LessonsPage from './LessonsPage.vue'

const applied = addDays(today(), -80)
/** Sprays that were full as is usual, and lasted long. */
const taught: LearningDto = {
  stands: [
    {
      id: 'green',
      name: 'Bowling green',
      context: 'turf',
      plantId: 'creeping-bentgrass',
      paleLossPerDay: 6,
    },
  ],
  treatments: [0, -90, -180].map((days) => ({
    entryId: `entry ${days}`,
    standId: 'green',
    appliedOn: addDays(applied, days),
    route: 'leaf',
    sourceId: 'ferrous-sulfate',
  })),
  colours: [0, -90, -180].flatMap((from) =>
    [-2, 4, 8, 14, 20, 27, 34, 45].map((days, at) => ({
      standId: 'green',
      kind: 'turfColour' as const,
      value: [4, 6, 7.4, 7.5, 7.5, 7.4, 7.2, 6.6][at] ?? 4,
      method: 'eye' as const,
      takenOn: addDays(applied, from + days),
    })),
  ),
}
const nothing: LearningDto = { stands: taught.stands, treatments: [], colours: [] }

async function open(record: LearningDto, settings: object = {}) {
  const sent: unknown[] = []
  const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings, ...recorded } // prettier-ignore
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    const path = url.replace('/api', '')
    if (method !== 'GET') sent.push(JSON.parse(String(body)))
    const answers = { '/me': meAt('place'), '/places': [place], '/places/place/learning': record }
    const known = Object.entries(answers).find(([at]) => at === path)?.[1]
    return Promise.resolve(Response.json(method === 'GET' ? (known ?? []) : place))
  })
  const page = { template: '<p />' }
  const routes = ['eye', 'jobs', 'trials'].map((name) => ({
    path: `/${name}`,
    name,
    component: page,
  }))
  const router = createRouter({ history: createMemoryHistory(), routes })
  const pinia = createPinia()
  const mounted = mount(LessonsPage, { global: { plugins: [pinia, [PiniaColada, {}], router] } })
  await flushPromises()
  return { page: mounted, sent, known: useKnown(pinia) }
}
const spray = { route: 'leaf', sourceId: 'ferrous-sulfate' } as const
const stand = { id: 'green', context: 'turf' } as const

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('what a place taught', () => {
  it('stands beside what is published, and counts for nothing until it is switched on', async () => {
    const { page, known, sent } = await open(taught)
    await eventually(() => expect(page.text()).toContain('Expected here'))
    const lasts = page.findAll('tr').find((row) => row.text().startsWith('Lasts'))
    expect(lasts?.text()).toMatch(/14 to 28 days.*of 3 treatments/)
    expect(expectedOf(known.known, spray, stand).fades).toEqual({ low: 14, high: 28 })
    await page.findAll('input[type=checkbox]')[0]?.setValue(true)
    await flushPromises()
    expect(sent).toEqual([{ learns: true }])
  })

  it('is expected of leaves where it is switched on, with how it was got and what it rests on', async () => {
    const { page, known } = await open(taught, { learns: true })
    await eventually(() => expect(page.text()).toContain('Expected here'))
    const { fades, source } = expectedOf(known.known, spray, stand)
    expect(fades.high).toBeGreaterThan(30)
    expect(source).toContain('3 treatments of this place')
    await page.find('.how .fold-head').trigger('click')
    await eventually(() => expect(page.text()).toContain('Gelman'))
    expect(page.text()).toMatch(/striking an entry out/)
    const rests = page.findAll('.fold-head').find((each) => each.text().includes('rests on'))
    await rests?.trigger('click')
    await eventually(() => expect(page.findAll('.fold a')).toHaveLength(3))
  })

  it('leads to the trial that would settle what is known least for its money', async () => {
    const treatments = taught.treatments.map((each) => ({ ...each, cost: 30 }))
    const { page } = await open({ ...taught, treatments })
    await eventually(() => expect(page.find('.worth').exists()).toBe(true))
    expect(page.find('.worth').text()).toMatch(/about \$\d+ of the \$90 a year that is spent on it/)
    expect(page.find('.worth').text()).toContain('on Bowling green would tell')
    expect(page.find('.worth a').attributes('href')).toContain('ask=ferrous-sulfate')
    const bare = await open(taught)
    await eventually(() => expect(bare.page.find('.worth').text()).toMatch(/of 3 treatments a year/)) // prettier-ignore
  })

  it('is nothing where nothing was watched, and it says how that is mended', async () => {
    const { page } = await open(nothing)
    await eventually(() => expect(page.text()).toContain('Nothing was taught yet'))
  })

  it('lets ratings be taken as they were said', async () => {
    const { page, sent } = await open(nothing)
    await page.findAll('input[type=checkbox]')[1]?.setValue(false)
    await flushPromises()
    expect(sent).toEqual([{ takesAsSaid: true }])
  })
})
