import type { BufferingDto, LearningDto } from '@spudder/contract/learning'
import { addDays } from '@spudder/core/base/calendar'
import { PiniaColada } from '@pinia/colada'
import { readRight } from '@spudder/core/seen/instrument'
import { flushPromises, mount, type VueWrapper } from '@vue/test-utils'
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
  measures: [],
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
const nothing: LearningDto = { stands: taught.stands, treatments: [], colours: [], measures: [] }

async function open(
  record: LearningDto,
  settings: object = {},
  buffering: BufferingDto = { plans: [] },
) {
  const sent: unknown[] = []
  const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings, ...recorded } // prettier-ignore
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    const path = url.replace('/api', '')
    if (method !== 'GET') sent.push(JSON.parse(String(body)))
    const answers = {
      '/me': meAt('place'),
      '/places': [place],
      '/places/place/learning': record,
      '/places/place/buffering': buffering,
    }
    const known = Object.entries(answers).find(([at]) => at === path)?.[1]
    return Promise.resolve(Response.json(method === 'GET' ? (known ?? []) : place))
  })
  const page = { template: '<p />' }
  const routes = ['eye', 'jobs', 'trials', 'bench', 'acid'].map((name) => ({
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

  it('tells which of two on one stand it would pay to know, and leads to the trial of both', async () => {
    const drench = { entryId: 'drench', standId: 'green', appliedOn: addDays(applied, -250), route: 'soil', sourceId: 'fe-eddha', cost: 480 } as const // prettier-ignore
    const treatments = [...taught.treatments.map((each) => ({ ...each, cost: 300 })), drench]
    const colours = [
      ...taught.colours,
      ...[-2, 10].map((days) => ({
        standId: 'green',
        kind: 'turfColour' as const,
        value: days < 0 ? 4.5 : 6.5,
        method: 'eye' as const,
        takenOn: addDays(drench.appliedOn, days),
      })),
    ]
    const { page } = await open({ ...taught, treatments, colours })
    await eventually(() => expect(page.text()).toContain('Or which of two'))
    const told = page.find('.worth').text()
    expect(told).toMatch(/on Bowling green as many green days cost \$[\d,]+ a year by .*, \$[\d,]+ a year by .*EDDHA/) // prettier-ignore
    expect(told).toMatch(/would save \$\d+ a year on the mean/)
    const link = page.findAll('.worth a').find((each) => each.text() === 'Lay both out')
    expect(link?.attributes('href')).toMatch(/ask=.*&beside=/)
    await page.findAll('.worth .how .fold-head').at(-1)?.trigger('click')
    await eventually(() => expect(page.text()).toContain('Margrabe'))
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

/** The tab of a part of the page. */
async function turnTo(page: VueWrapper, words: string): Promise<void> {
  await eventually(() => expect(page.findAll('[role=tab]').length).toBeGreaterThan(2))
  await page
    .findAll('[role=tab]')
    .find((tab) => tab.text() === words)
    ?.trigger('click')
  await flushPromises()
}

describe('kits and meters', () => {
  /** Strips that read half a unit low, each beside a laboratory. */
  const measures = [0, 30, 60, 90].flatMap((days) =>
    (['laboratory', 'strip'] as const).map((method) => ({
      readingId: `${method} ${days}`,
      standId: 'green',
      kind: 'pH' as const,
      value: method === 'strip' ? 7 : 7.5,
      method,
      takenOn: addDays(today(), -days),
      instrument: '',
    })),
  )

  it('are told how far they are off, and put right where that is switched on', async () => {
    const { page, known } = await open({ ...taught, measures }, { learns: true })
    await turnTo(page, 'Kits and meters')
    const row = page.findAll('tr').find((each) => each.text().startsWith('pH, test strip'))
    expect(row?.text()).toMatch(/± 0.5.*0.5 too low, of 4 pairs.*0\.[34]\d* too low/)
    const said = { kind: 'pH', value: 7, method: 'strip', instrument: '' } as const
    expect(readRight(known.known.ways, said).value).toBeGreaterThan(7.25)
    const pairs = page.findAll('.fold-head').find((each) => each.text().includes('4 pairs'))
    await pairs?.trigger('click')
    const links = () => page.findAll('.fold a').filter((each) => each.attributes('href')?.startsWith('/bench')) // prettier-ignore
    await eventually(() => expect(links()).toHaveLength(4))
    const bare = await open({ ...taught, measures })
    await eventually(() => expect(bare.known.ways).toHaveLength(1))
    expect(readRight(bare.known.known.ways, said).value).toBe(7)
  })

  it('say what to do where none was compared', async () => {
    const { page } = await open(taught)
    await turnTo(page, 'Kits and meters')
    expect(page.text()).toContain('Nothing was compared yet')
  })
})

describe('the year without treatment', () => {
  it('tells when each stand is likely pale, with what was thought and seen', async () => {
    // Pale through each spring of two years, in which nothing was put out.
    const colours = Array.from({ length: 48 }, (_, at) => {
      const takenOn = addDays(`${Number(today().slice(0, 4)) - 2}-01-08`, 15 * at)
      const value = takenOn.slice(5) > '02-15' && takenOn.slice(5) < '06-15' ? 4 : 7.5
      return {
        standId: 'green',
        kind: 'turfColour' as const,
        value,
        method: 'eye' as const,
        takenOn,
      }
    })
    const { page } = await open({ ...nothing, colours })
    await turnTo(page, 'Without treatment')
    const row = page.findAll('tr').find((each) => each.text().startsWith('Bowling green'))
    expect(row?.text()).toMatch(
      /pale half of the time.*pale in 16 of 48 looks.*(Jan|Feb|Mar|Apr|May|Jun).* to .*, up to (over 9|9|8) in 10/,
    )
    await page.findAll('.how .fold-head').at(-1)?.trigger('click')
    await eventually(() => expect(page.text()).toContain('two waves'))
  })

  it('says what to do where nothing was seen untreated', async () => {
    const { page } = await open(nothing)
    await turnTo(page, 'Without treatment')
    expect(page.text()).toContain('Nothing was seen untreated yet')
  })
})

describe('the ground', () => {
  const said = { mmolPerKg: 36, doubt: 0.2 }
  const plan = {
    planId: 'plan',
    standId: 'green',
    startsOn: '2025-04-20',
    retests: [{ day: '2026-04-10', pH: 6.74, doubt: 0.2 }],
    figured: { mmolPerKg: 24, doubt: 0.45 },
  }

  it('is told with what was figured, what retests say, and what is expected', async () => {
    const { page } = await open(nothing, {}, { plans: [{ ...plan, said }] })
    await turnTo(page, 'Ground')
    const row = page.findAll('tr').find((each) => each.text().startsWith('Bowling green'))
    expect(row?.text()).toMatch(
      /24 mmol\/kg for one pH, 13 to 43.*36 mmol\/kg for one pH, 28 to 47.*3[1-5] mmol\/kg/,
    )
    expect(page.text()).toMatch(/Plan of .*Apr.*tested again on .*Apr.*, pH 6\.7/)
    await page.findAll('.how .fold-head').at(-1)?.trigger('click')
    await eventually(() => expect(page.text()).toContain('1 retest of the plan of'))
  })

  it('of which retests say nothing yet is as it was figured, and says so', async () => {
    const { page } = await open(nothing, {}, { plans: [plan] })
    await turnTo(page, 'Ground')
    expect(page.text()).toMatch(/nothing of it: too little has acted yet.*too little seen yet/s)
    const bare = await open(nothing)
    await turnTo(bare.page, 'Ground')
    expect(bare.page.text()).toContain('No acid plan was tested after')
  })
})
