import { meAt } from '../../tests/me.ts'
import type { Asked } from '../../shared/worker/messages.ts'
import { recorded } from '../../tests/recorded.ts'
import type { PlanningDto } from '@spudder/contract/planning'
import type { PlanInput } from '@spudder/core/days/task'
import type { WorkOutlookDto } from '@spudder/contract/weather'
import { addDays } from '@spudder/core/base/calendar'
import { planSeason, solverWith } from '@spudder/core/days/planner'
import { weatherWorks } from '@spudder/core/days/weather'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import loadHighs from 'highs'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { entryRow, jobRow, standRow } from '../../tests/rows.ts'
import DatesPage from './DatesPage.vue'

const today = '2026-06-15'
const on = (days: number) => addDays(today, days)
const highs = await loadHighs()

beforeEach(() => {
  vi.useFakeTimers({ now: new Date(`${today}T10:00:00Z`), toFake: ['Date'] })
  // Nothing is laid out here; the board is as wide as on a small screen.
  vi.spyOn(HTMLElement.prototype, 'clientWidth', 'get').mockReturnValue(840)
})
afterEach(() => {
  vi.useRealTimers()
  vi.unstubAllGlobals()
  vi.restoreAllMocks()
  document.body.innerHTML = ''
})

/** A worker that plans at once, in place. */
class WorkerInPlace extends EventTarget {
  terminate(): void {
    // Nothing runs on.
  }
  postMessage({ number, question: { frame, tasks } }: Asked<PlanInput>): void {
    const answer = planSeason(frame, tasks, solverWith(highs))
    this.dispatchEvent(new MessageEvent('message', { data: { number, answer } }))
  }
}

const leafOn = (index: number): Partial<WorkOutlookDto> =>
  index === 1 ? { chance: 0.1, fitHours: [], against: ['rain within 4 h washes it off'] } : {}
const outlook = {
  service: 'simulated weather',
  days: Array.from({ length: 60 }, (_, index) => ({
    day: on(index),
    basis: index < 14 ? 'forecast' : 'usual',
    meanC: 15,
    works: weatherWorks.map((work) => ({ work, chance: 1, washOff: 0, fromHour: 6, fitHours: [6, 7], against: [], ...(work === 'leaf' ? leafOn(index) : {}) })), // prettier-ignore
  })),
}

const spray = jobRow({ id: 'spray', dueOn: on(1), remedyId: null, plannedKg: 1 })
const lookAfter = jobRow({ id: 'look', kind: 'look', title: 'Look whether it is green', dueOn: on(8), afterJobId: 'spray', afterDays: 5, withinDays: 14 }) // prettier-ignore

async function open(change: Partial<PlanningDto> = {}, settings: object = {}) {
  vi.stubGlobal('Worker', WorkerInPlace)
  const planning = {
    stands: [standRow({ name: 'Bowling green' })],
    jobs: [spray, lookAfter],
    remedies: [],
    acidPlans: [],
    entries: [],
    colours: [],
    ...change,
  }
  const sent: { method: string; path: string; body: Record<string, unknown> }[] = []
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
    const path = url.replace('/api', '')
    if (method !== 'GET')
      sent.push({ method, path, body: JSON.parse(String(body)) as Record<string, unknown> })
    const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', settings, ...recorded } // prettier-ignore
    const answers: readonly (readonly [RegExp, unknown])[] = [
      [/planning$/, planning],
      [/outlook/, outlook],
      [/weather/, { service: 'simulated weather', days: [] }],
      [/products$/, []],
      [/estate/, { total: 0, rows: [] }],
      [/moves$/, planning.jobs],
      [/jobs\//, spray],
      [/places$/, [place]],
    ]
    const answer = answers.find(([pattern]) => pattern.test(path))?.[1] ?? {}
    return Promise.resolve(Response.json(answer, { status: method === 'POST' ? 201 : 200 }))
  })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['estate', 'jobs', 'sheet', 'settings'].map((name) => ({ path: name === 'estate' ? '/' : `/${name}`, name, component: { template: '<p />' } })), // prettier-ignore
  })
  const page = mount(DatesPage, {
    global: { plugins: [createPinia(), [PiniaColada, {}], router] },
    attachTo: document.body,
  })
  await flushPromises()
  const text = () => page.text().replace(/\s+/g, ' ')
  const button = (name: string) => page.findAll('button').find((each) => each.text().includes(name))
  const chip = (words: string) => page.findAll('.chip').find((each) => each.attributes('aria-label')?.startsWith(words)) // prettier-ignore
  return { page, text, sent, button, chip }
}

describe('dates', () => {
  it('say which jobs no longer hold, and why', async () => {
    const { text } = await open()
    expect(text()).toMatch(
      /One job does not hold where it is: Bowling green, Ferrous sulfate, 16 Jun: rain within 4 h washes it off/,
    )
  })

  it('move a leaf spray from a day of rain with reasons, when the plan is accepted', async () => {
    const { text, sent, button } = await open()
    await button('Plan the season')?.trigger('click')
    await flushPromises()
    expect(text()).toMatch(/2 jobs would do better on another day/)
    expect(text()).toMatch(
      /Ferrous sulfate ?16 Jun → ?15 Jun ?16 Jun: rain within 4 h washes it off \(10 % chance/,
    )
    expect(text()).toMatch(
      /After Ferrous sulfate on 15 Jun: a look is worth most when the response is due/,
    )
    expect(sent).toEqual([])
    await button('Move them all')?.trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      path: '/places/place/moves',
      body: {
        moves: [
          { jobId: 'spray', from: on(1), to: on(0) },
          { jobId: 'look', from: on(8), to: on(7) },
        ],
      },
    })
  })

  it('show how far the planner is, and take the best so far when somebody has enough', async () => {
    class SlowWorker extends WorkerInPlace {
      override postMessage({ number, question: { frame, tasks } }: Asked<PlanInput>): void {
        const season = planSeason(frame, tasks, solverWith(highs))
        const step = { share: 0.4, season }
        this.dispatchEvent(new MessageEvent('message', { data: { number, step } }))
      }
    }
    const { page, text, button } = await open()
    vi.stubGlobal('Worker', SlowWorker)
    await button('Plan the season')?.trigger('click')
    expect(page.find('[role=progressbar]').attributes('aria-valuenow')).toBe('40')
    expect(text()).toMatch(/Planning 2 jobs.*The best so far stands below; no plan is under/)
    // The best so far stands there with its moves while better is looked for.
    expect(text()).toMatch(/2 jobs would do better on another day/)
    await button('Stop; the best so far')?.trigger('click')
    expect(page.find('[role=progressbar]').exists()).toBe(false)
    expect(text()).toMatch(/2 jobs would do better on another day/)
  })

  it('count in the money of the place', async () => {
    const { text, button } = await open({}, { currency: 'GBP' })
    await button('Plan the season')?.trigger('click')
    await flushPromises()
    expect(text()).toMatch(/Expected loss £/)
  })

  it('say what went wrong where the planner cannot be started', async () => {
    class NoWorker extends WorkerInPlace {
      override postMessage(): void {
        this.dispatchEvent(new Event('error'))
      }
    }
    const { text, button } = await open()
    vi.stubGlobal('Worker', NoWorker)
    await button('Plan the season')?.trigger('click')
    await flushPromises()
    expect(text()).toMatch(/The plan could not be worked out\./)
    vi.stubGlobal('Worker', WorkerInPlace)
    await button('Try again')?.trigger('click')
    await flushPromises()
    expect(text()).toMatch(/2 jobs would do better on another day/)
  })

  it('say what a move by keys breaks before it is stored, and store it when told to', async () => {
    const blackouts = [{ from: on(2), to: on(3), words: 'chalk stream' }]
    const { page, text, sent, button, chip } = await open({}, { work: { crewHours: [8, 8, 8, 8, 8, 8, 8], blackouts } }) // prettier-ignore
    await page
      .find('.ant-segmented-item[title=week] input, .ant-segmented-item:has([title=week]) input')
      .setValue(true)
    await chip('Ferrous sulfate')?.trigger('keydown', { key: 'ArrowRight' })
    expect(text()).toMatch(/No fertiliser may go out: chalk stream/)
    await chip('Ferrous sulfate')?.trigger('keydown', { key: 'Enter' })
    expect(sent).toEqual([])
    await chip('Ferrous sulfate')?.trigger('keydown', { key: 'Escape' })
    expect(text()).not.toMatch(/chalk stream/)
    await chip('Ferrous sulfate')?.trigger('keydown', { key: 'ArrowLeft' })
    await chip('Ferrous sulfate')?.trigger('keydown', { key: 'Enter' })
    await flushPromises()
    expect(sent).toEqual([{ method: 'PATCH', path: '/jobs/spray', body: { dueOn: on(0) } }])
    await button('Undo')?.trigger('click')
    await flushPromises()
    expect(sent[1]?.body).toEqual({ dueOn: on(1) })
  })

  it('say of a held job that it is held', async () => {
    const { text, chip } = await open({ jobs: [{ ...spray, isLocked: true }] })
    await chip('Ferrous sulfate')?.trigger('click')
    expect(text()).toMatch(/You hold it on 16 Jun 2026/)
  })

  it('hold a job, and give it an hour', async () => {
    const { page, sent, chip } = await open()
    await chip('Ferrous sulfate')?.trigger('click')
    await page.find('.detail input[type=checkbox]').setValue(true)
    const hour = page.findAll('.fields input')[1]
    await hour?.setValue('06:3')
    await hour?.setValue('06:30')
    await flushPromises()
    expect(sent.map(({ body }) => body)).toEqual([{ isLocked: true }, { startsAt: '06:30' }])
  })

  it('list seven days with hours fit and amounts, to read and to print', async () => {
    const { page } = await open()
    const week = page.find('.week').text().replace(/\s+/g, ' ')
    expect(week).toMatch(/Seven days from 15 Jun/)
    expect(week).toMatch(/Tuesday, 16 Jun ?leaf spray: no, rain within 4 h washes it off/)
    expect(week).toMatch(/Bowling green ?: Ferrous sulfate, 2\.2 lb/)
    expect(week).not.toMatch(/Look whether/)
  })

  it('teach the next step where nothing is planned', async () => {
    const { text } = await open({ jobs: [jobRow({ status: 'done' })], entries: [entryRow()] })
    expect(text()).toMatch(/Nothing planned ?A remedy or an acid plan brings its jobs/)
  })
})
