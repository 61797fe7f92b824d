import { PiniaColada } from '@pinia/colada'
import type { DayDto, DayJobDto } from '@spudder/contract/day'
import type { JobDto } from '@spudder/contract/job'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import { jobRow } from '../../tests/rows.ts'
import { today } from '../../shared/units/today.ts'
import { byHand } from './by-hand.ts'
import DayPage from './DayPage.vue'
import { clockWords, loadWords, stretchWords, takeAlongWords, weatherWords } from './day-words.ts'

const dayJob = (job: Partial<JobDto> = {}, of: Partial<DayJobDto> = {}): DayJobDto => ({
  job: jobRow({ dueOn: today(), ...job }),
  standName: 'Paddock',
  hours: 0.5,
  fitHours: null,
  against: [],
  startH: 6,
  missesWindow: false,
  wayM: null,
  waitsFor: null,
  productName: null,
  productKg: 0,
  waterL: 0,
  sprayerName: null,
  ...of,
})
const dayWith = (of: Partial<DayDto>): DayDto => ({ day: today(), isWeatherMadeUp: false, mine: [], overdue: [], others: [], done: [], tomorrow: [], load: [], ...of }) // prettier-ignore
const ona = { personId: 'ona', name: 'Ona' }

describe('words of the day', () => {
  it('tell hours by the clock, and stretches of them', () => {
    expect([clockWords(6), clockWords(6.25), clockWords(23.999)]).toEqual([
      '06:00',
      '06:15',
      '00:00',
    ])
    expect(stretchWords([6, 7, 8, 16])).toBe('06:00 to 09:00 and 16:00 to 17:00')
  })

  it('tell what the weather says, and nothing where it has no say', () => {
    expect(weatherWords(dayJob())).toBe('')
    expect(weatherWords(dayJob({}, { fitHours: [6, 7] }))).toBe('fit 06:00 to 08:00')
    expect(weatherWords(dayJob({}, { fitHours: [6], missesWindow: true }))).toContain('no fit hour is left') // prettier-ignore
    expect(weatherWords(dayJob({}, { fitHours: [], against: ['wind 8 m/s'] }))).toBe('no fit hour: wind 8 m/s') // prettier-ignore
  })

  it('tell what goes out, and what the shelf lacks', () => {
    const out = { productName: 'Iron', productKg: 2, waterL: 100, sprayerName: 'Backpack' }
    expect(loadWords(dayJob({}, out), 'metric')).toBe('2 kg Iron in 100 L, Backpack')
    const load = { productId: 'p', name: 'Iron', kg: 2, stockKg: 1, lot: 'A' }
    expect(takeAlongWords(load, 'metric')).toBe('2 kg Iron, lot A: only 1 kg on the shelf')
    expect(takeAlongWords({ ...load, stockKg: 2 }, 'metric')).toBe('2 kg Iron, lot A')
  })
})

describe('the board', () => {
  it('has who is at something first, then the others, then what nobody is named for', () => {
    const free = dayJob({ id: 'free' })
    const named = dayJob({ id: 'named', hands: [{ personId: null, name: 'Ada' }] })
    const at = dayJob({ id: 'at', hands: [ona], underWay: [{ ...ona, since: '2026-06-20T06:00:00Z' }] }) // prettier-ignore
    const hands = byHand(dayWith({ mine: [free], others: [named, at] }))
    expect(hands.map(({ name, now, next }) => [name, now.length, next.length])).toEqual([
      ['Ona', 1, 0],
      ['Ada', 0, 1],
      [null, 0, 1],
    ])
  })
})

afterEach(() => vi.unstubAllGlobals())

describe('my day', () => {
  /** The page over a day that changes as it is told. */
  async function page(day: DayDto) {
    const sent: (readonly [string, unknown])[] = []
    const place = { id: 'place', name: 'Vennlow', unitSystem: 'metric', climate: 'temperate', settings: {}, ...recorded } // prettier-ignore
    vi.stubGlobal('fetch', (path: string, { method = 'GET', body }: { method?: string; body?: string } = {}) => {
      if (method !== 'GET') sent.push([path, JSON.parse(body ?? '{}')])
      if (path.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
      if (path.includes('/day')) return Promise.resolve(Response.json(day))
      return Promise.resolve(Response.json(path.endsWith('/places') ? [place] : jobRow()))
    }) // prettier-ignore
    const router = createRouter({
      history: createMemoryHistory(),
      routes: ['day', 'dates', 'sheet', 'watch', 'look', 'jobs'].map((name) => ({ path: name === 'day' ? '/' : name === 'dates' ? '/dates' : name === 'sheet' ? '/stands/:standId/sheet/:jobId' : `/stands/:standId/${name}`, name, component: { template: '<p />' } })), // prettier-ignore
    })
    const wrapper = mount(DayPage, { global: { plugins: [createPinia(), [PiniaColada, {}], router] } }) // prettier-ignore
    await flushPromises()
    return { wrapper, sent }
  }

  it('begins a job, takes one on, and leads to where it is done', async () => {
    const { wrapper, sent } = await page(dayWith({ mine: [dayJob({ id: 'spray', standId: 'paddock' })] })) // prettier-ignore
    await wrapper.find('button[aria-label^="Start"]').trigger('click')
    await wrapper.find('button[aria-label^="I do this"]').trigger('click')
    expect(sent.map(([path]) => path.replace(/^.*\/jobs/, ''))).toEqual(['/spray/under-way', '/spray/taken']) // prettier-ignore
    expect(sent[0]?.[1]).toEqual({ since: expect.stringMatching(/^\d{4}-.*Z$/) })
    expect(wrapper.find('.open').attributes('href')).toBe('/stands/paddock/sheet/spray')
  })

  it('says since when one is at it, what comes first, who else is there, and that nothing is left', async () => {
    const { id, name } = meAt('place')
    const since = new Date(2026, 5, 20, 6, 30).toISOString()
    const at = dayJob({ id: 'at', underWay: [{ personId: id, name, since }, { ...ona, since }] }, { waitsFor: 'Leave a strip' }) // prettier-ignore
    const { wrapper } = await page(dayWith({ mine: [at] }))
    for (const words of ['You are at it since 06:30', 'First: Leave a strip', 'Ona is at it'])
      expect(wrapper.text()).toContain(words)
    expect(wrapper.find('[aria-label^="Done"]').attributes('href')).toContain('record=yes')
    expect((await page(dayWith({}))).wrapper.text()).toContain('Nothing for you today')
  })

  it('is looked at anew while somebody looks: others go on meanwhile', async () => {
    vi.useFakeTimers({ toFake: ['setInterval', 'clearInterval', 'Date'] })
    const day = dayWith({ mine: [dayJob()] })
    const { wrapper } = await page(day)
    expect(wrapper.text()).not.toContain('Ona is at it')
    day.mine = [dayJob({ underWay: [{ ...ona, since: new Date().toISOString() }] })]
    await vi.advanceTimersByTimeAsync(21_000)
    await flushPromises()
    expect(wrapper.text()).toContain('Ona is at it')
    wrapper.unmount()
    vi.useRealTimers()
  })

  it('says that something is done which nothing is measured by', async () => {
    const since = new Date().toISOString()
    const { id, name } = meAt('place')
    const { wrapper, sent } = await page(dayWith({ mine: [dayJob({ id: 'strip', kind: 'strip', underWay: [{ personId: id, name, since }] })] })) // prettier-ignore
    await wrapper.find('button[aria-label^="Done"]').trigger('click')
    expect(sent[0]?.[1]).toEqual({ status: 'done' })
  })
})
