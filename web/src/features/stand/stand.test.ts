import { meAt } from '../../tests/me.ts'
import { recordedAt } from '../../tests/recorded.ts'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import type { StandStoryDto } from '@spudder/contract/stand'
import { addDays } from '@spudder/core/base/calendar'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { today } from '../../shared/units/today.ts'
import StandPage from './StandPage.vue'
import StandStart from './StandStart.vue'
import { eventually } from '../../tests/eventually.ts'

const recorded = recordedAt(`${today()}T08:00:00.000Z`)
const ago = (days: number) => addDays(today(), -days)
const of = { standId: 'oaks', caseId: 'case' }

const empty: StandStoryDto = {
  stand: {
    id: 'oaks',
    placeId: 'place',
    name: 'Gate oaks',
    context: 'tree',
    plantId: 'pin-oak',
    size: { kind: 'trunks', count: 3, diameterM: 0.1 },
    measures: null,
    care: null,
    note: 'By the kerb.',
    isArchived: false,
    mergedIntoId: null,
    ...recorded,
  },
  readings: [],
  events: [],
  cases: [],
  looks: [],
  photos: [],
  remedies: [],
  acidPlans: [],
  jobs: [],
  entries: [],
}
const colour = (days: number, value: number) => ({
  id: `colour ${days}`,
  kind: 'severity' as const,
  value,
  method: 'eye' as const,
  came: { how: 'typed' as const },
  takenOn: ago(days),
  preparation: null,
  place: null,
  doubt: null,
  instrument: '',
  measures: null,
  note: '',
  ...of,
  ...recorded,
})
const opened: StandStoryDto = {
  ...empty,
  readings: [colour(30, 3)],
  cases: [
    { id: 'case', openedOn: ago(30), closedOn: null, outcome: null, outcomeNote: '', ...of, ...recorded },
  ],
  looks: [
    {
      id: 'look',
      lookedOn: ago(30),
      findings: { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' },
      paint: {},
      note: '',
      ...of,
      ...recorded,
    },
  ],
} // prettier-ignore
const remedied = {
  ...opened,
  remedies: [{ id: 'remedy', route: 'leaf', sourceId: 'fe-dtpa', appliedName: 'Fe-DTPA', ...of, ...recorded }],
  jobs: [
    { id: 'job', remedyId: 'remedy', kind: 'apply', status: 'planned', dueOn: ago(20), title: 'Fe-DTPA', appliedName: 'Fe-DTPA', route: 'leaf', sourceId: 'fe-dtpa', share: 1, ...of, ...recorded },
  ],
} as unknown as StandStoryDto // prettier-ignore
const applied = {
  ...remedied,
  readings: [colour(30, 3), colour(12, 0.8)],
  jobs: remedied.jobs.map((job) => ({ ...job, status: 'done' })),
  entries: [
    { id: 'entry', jobId: 'job', happenedOn: ago(20), route: 'leaf', sourceId: 'fe-dtpa', appliedName: 'Fe-DTPA', productKg: 1, plannedProductKg: 1, waterL: 9, note: '', correctsId: null, reason: '', ...of, ...recorded },
  ],
} as unknown as StandStoryDto // prettier-ignore
const closed: StandStoryDto = {
  ...applied,
  cases: applied.cases.map((each) => ({
    ...each,
    closedOn: ago(2),
    outcome: 'green' as const,
    outcomeNote: 'Green since June.',
  })),
}

/** Opens the page of a stand as the router does; gives it with the step that it led to. */
async function open(story: StandStoryDto) {
  vi.stubGlobal('fetch', (url: string) =>
    Promise.resolve(
      Response.json(url.endsWith('/places') ? [] : url.endsWith('/me') ? meAt('place') : story),
    ),
  )
  const step = { template: '<p class="panel" />' }
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [
      { path: '/', name: 'estate', component: step },
      {
        path: '/stands/:standId',
        component: StandPage,
        props: true,
        children: [
          { path: '', name: 'stand', component: StandStart },
          ...['look', 'verdict', 'bench', 'remedy', 'acid', 'jobs', 'watch', 'size'].map(
            (name) => ({
              path: name,
              name,
              component: step,
            }),
          ),
        ],
      },
    ],
  })
  await router.push('/stands/oaks')
  const page = mount({ template: '<RouterView />' }, {
    global: { plugins: [createPinia(), [PiniaColada, {}], router] },
  }) // prettier-ignore
  await eventually(() => expect(page.find('nav[aria-label^=Steps]').exists()).toBe(true))
  await flushPromises()
  const words = Object.fromEntries(
    page
      .findAll('nav[aria-label^=Steps] a')
      .map((link) => [link.find('b').text(), link.find('span').text()]),
  )
  return { page, words, step: router.currentRoute.value.name }
}
const emptyRouter = () =>
  createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/', name: 'estate', component: { template: '<p />' } }],
  })
beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('the page of a stand', () => {
  it('says what it is and leads a stand without a case to its first look', async () => {
    const { page, words, step } = await open(empty)
    expect(page.find('h1').text()).toBe('Gate oaks')
    expect(page.text()).toContain('Pin oak · Trees and vines · 3 trunks of 3.9 in · By the kerb.')
    expect(page.text()).toContain('No case yet: the first look opens one.')
    expect(step).toBe('look')
    expect(words).toMatchObject({
      Look: 'not yet',
      Verdict: 'no open case',
      Watch: 'nothing applied yet',
    })
  })

  it('says of an open case what the look so far points to', async () => {
    const { words, step, page } = await open(opened)
    expect(step).toBe('look')
    expect(words['Verdict']).toMatch(/^Iron tied up by high pH, \d+ %$/)
    expect(words).toMatchObject({ Remedy: 'none chosen', Jobs: 'nothing planned' })
    expect(page.text()).toContain('Case open since')
  })

  it('leads to the job that is to be done', async () => {
    const { words, step } = await open(remedied)
    expect(step).toBe('jobs')
    expect(words['Remedy']).toBe('Fe-DTPA')
    expect(words['Jobs']).toMatch(/: Fe-DTPA$/)
  })

  it('leads to the watch once something was applied, with the word for it', async () => {
    const { words, step } = await open(applied)
    expect(step).toBe('watch')
    expect(words).toMatchObject({ Jobs: '1 recorded', Watch: 'on course' })
  })

  it('says how the last case ended, and leads to a new look', async () => {
    const { page, words, step } = await open(closed)
    expect(step).toBe('look')
    expect(page.text()).toMatch(/Last case closed .*, green: Green since June\./)
    expect(words['Verdict']).toBe('no open case')
  })

  it('says what stood against reading it', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new TypeError('failed')))
    const page = mount(StandPage, {
      props: { standId: 'oaks' },
      global: {
        plugins: [createPinia(), [PiniaColada, {}], emptyRouter()],
        stubs: { RouterView: true },
      },
    })
    await eventually(() => expect(page.find('[role=alert]').text()).toContain('No connection'))
    expect(page.text()).toContain('Back to the estate')
  })
})
