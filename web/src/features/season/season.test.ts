import type { LearningDto } from '@spudder/contract/learning'
import type { SeasonDto } from '@spudder/contract/season-review'
import { addDays } from '@spudder/core/base/calendar'
import { changesFor, nextSeason, reviewSeason } from '@spudder/core/outcome/season-review'
import { responseFor } from '@spudder/core/material/source'
import { seasonOf } from '@spudder/core/soil/season'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import { today } from '../../shared/units/today.ts'
import { eventually } from '../../tests/eventually.ts'
import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import { jobRow } from '../../tests/rows.ts'
import { seasonDocument } from './season-pdf.ts'
import SeasonPage from './SeasonPage.vue'

// The day is held, so that it is after the season's looks and before they come round again.
vi.useFakeTimers({ toFake: ['Date'], now: new Date('2026-10-01T10:00:00Z') })
const season = Number(seasonOf(today()))
const day = (days: number) => addDays(`${season}-04-01`, days)
const seen: LearningDto = {
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
  treatments: [
    {
      entryId: 'entry',
      standId: 'green',
      appliedOn: day(20),
      route: 'leaf',
      sourceId: 'ferrous-sulfate',
    },
  ],
  colours: [0, 7, 14, 19, 24, 28, 32, 36, 40].map((days) => ({
    standId: 'green',
    kind: 'turfColour' as const,
    value: days < 20 ? 4 : 8,
    method: 'meter' as const,
    doubt: 0.2,
    takenOn: day(days),
  })),
}
const check = { checkId: 'pH', name: 'Measure pH', money: 1, effort: 9, changes: true, worth: 40 }
const done: SeasonDto = {
  entries: [
    {
      entryId: 'entry',
      standId: 'green',
      caseId: 'case',
      appliedOn: day(20),
      route: 'leaf',
      sourceId: 'ferrous-sulfate',
      appliedName: 'Crystals',
      productKg: 2,
      cost: 11,
    },
  ],
  cases: [
    {
      id: 'case',
      standId: 'green',
      openedOn: day(10),
      closedOn: day(60),
      outcome: 'green',
      found: { name: 'Iron tied up by high pH', probability: 0.61 },
      acted: { on: day(20), state: 'settled', right: 0.83 },
      checks: [check],
    },
  ],
  looks: [],
}
const nothing: SeasonDto = { entries: [], cases: [], looks: [] }

async function open(of: { readonly done: SeasonDto; readonly seen: LearningDto }) {
  const sent: { path: string; body: unknown }[] = []
  const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: {}, ...recorded } // prettier-ignore
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    const path = url.replace('/api', '')
    if (method !== 'GET') {
      sent.push({ path, body: JSON.parse(String(body)) })
      return Promise.resolve(Response.json([jobRow()], { status: 201 }))
    }
    const answers = {
      '/me': meAt('place'),
      '/places': [place],
      '/places/place/learning': of.seen,
      [`/places/place/season?season=${season}`]: of.done,
    }
    const known = Object.entries(answers).find(([at]) => at === path)?.[1]
    return Promise.resolve(Response.json(known ?? []))
  })
  const routes = ['estate', 'watch', 'dates'].map((name) => ({
    path: `/${name}`,
    name,
    component: { template: '<p />' },
  }))
  const router = createRouter({ history: createMemoryHistory(), routes })
  const page = mount(SeasonPage, {
    global: { plugins: [createPinia(), [PiniaColada, {}], router] },
    attachTo: document.body,
  })
  await flushPromises()
  page.findComponent({ name: 'ChoiceField' }).vm.$emit('update:modelValue', String(season))
  await flushPromises()
  return { page, sent }
}
beforeEach(() => localStorage.clear())
afterEach(() => {
  vi.unstubAllGlobals()
  document.body.innerHTML = ''
})

describe('the page of a season', () => {
  it('says what a green day cost, what worked, what was found and which check paid', async () => {
    const { page } = await open({ done, seen })
    await eventually(() => expect(page.text()).toMatch(/A green day cost \$\d/))
    const row = (label: string) => page.find(`section[aria-label="${label}"] tbody tr`).text()
    expect(row('What worked where')).toMatch(
      /Bowling green.*Crystals.*in 100, by 1 looked at.*\$11/,
    )
    expect(row('What each stand cost')).toContain('Bowling green')
    expect(row('Causes found')).toMatch(/Iron tied up by high pH, with 61 in 100.*right with 83 in 100.*green,/) // prettier-ignore
    expect(row('Which checks were worth it')).toMatch(/Measure pH.*\$9.*\$40/)
    await page.find('.how .fold-head').trigger('click')
    await eventually(() => expect(page.text()).toContain('days of which it can be said'))
  })

  it('plans the first looks of the next season, each on its day', async () => {
    const { page, sent } = await open({ done, seen })
    await eventually(() => expect(page.text()).toContain('Plan this look'))
    const button = page.findAll('button').find((each) => each.text() === 'Plan this look')
    await button?.trigger('click')
    await flushPromises()
    const { looks } = sent[0]?.body as { looks: { standId: string; dueOn: string }[] }
    expect(sent[0]?.path).toBe('/places/place/looks-due')
    expect(looks).toMatchObject([{ standId: 'green' }])
    expect(looks[0]?.dueOn).toBe('2027-03-18')
  })

  it('has no button for looks that are planned', async () => {
    const lookOn = nextSeason(reviewed(), { planned: [], today: today() }).looks[0]?.lookOn ?? ''
    const { page } = await open({ done: { ...done, looks: [{ standId: 'green', dueOn: lookOn }] }, seen }) // prettier-ignore
    await eventually(() => expect(page.text()).toContain('Look on'))
    expect(page.text()).not.toContain('Plan this look')
  })

  it('says of made-up colours that they are, and where nothing was done what to do', async () => {
    const colours = seen.colours.map((each) => ({ ...each, isSimulated: true as const }))
    const { page } = await open({ done, seen: { ...seen, colours } })
    await eventually(() => expect(page.text()).toContain('9 of 9 colours were made up'))
    const bare = await open({
      done: nothing,
      seen: { stands: [], treatments: [], colours: [], measures: [] },
    })
    await eventually(() => expect(bare.page.text()).toContain('Nothing was done or seen'))
  })
})

const reviewed = () =>
  reviewSeason({
    record: { ...seen, entries: done.entries, cases: done.cases as never },
    eyes: [],
    expected: [
      {
        standId: 'green',
        route: 'leaf',
        sourceId: 'ferrous-sulfate',
        response: responseFor('leaf', 'ferrous-sulfate', 'turf'),
      },
    ],
    latitude: 51,
    learns: false,
    tripCost: 8,
    from: `${season}-01-01`,
    to: `${season}-12-31`,
  })

describe('the review on paper', () => {
  const print = (madeUp: number) => {
    const review = reviewed()
    return JSON.stringify(
      seasonDocument({
        placeName: 'Vennlow',
        season: String(season),
        system: 'us',
        currency: 'USD',
        printedOn: today(),
        review,
        changes: changesFor(review),
        next: nextSeason(review, { planned: [], today: today() }),
        madeUp,
      }),
    )
  }

  it('tells the same as the page, and which colours were made up', () => {
    const text = print(3)
    for (const words of [
      'A green day cost $',
      'Crystals',
      'Iron tied up by high pH, with 61 in 100',
      'Measure pH',
      '3 colours were made up',
      'licensed practice',
    ])
      // prettier-ignore
      expect(text).toContain(words)
    expect(print(0)).not.toContain('made up')
  })
})
