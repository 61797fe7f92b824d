import { eventually } from '../../tests/eventually.ts'
import { recordedAt } from '../../tests/recorded.ts'
import type { StandStoryDto } from '@spudder/contract/stand'
import { PiniaColada } from '@pinia/colada'
import type { SheetTickDto, TickDto } from '@spudder/contract/tick'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import SheetPage from './SheetPage.vue'

const recorded = recordedAt('2026-05-01T08:00:00.000Z')
const of = { standId: 'border', caseId: 'case', ...recorded }
const remedy = {
  ...of,
  id: 'remedy',
  route: 'leaf',
  sourceId: 'fe-dtpa',
  rateId: 'leaf-spray-shrubs',
  productId: 'bag',
  sprayerId: 'backpack',
  productKg: 0.168,
  carrierL: 33.7,
  tankL: 15,
  densityKgPerL: 0.9586,
  partners: [{ kindId: 'growth-regulator', name: 'Regulator', dose: '5 mL' }],
  conditioning: { alkalinityMgPerLCaCO3: 285, pH: 7.6, targetPH: 5.5, acidId: 'citric' },
  waterInAfterH: null,
}
const job = (id: string, kind: string, dueOn: string, title: string) => ({
  ...of,
  id,
  remedyId: 'remedy',
  kind,
  title,
  dueOn,
  status: 'planned',
  share: 1,
})
const story = {
  stand: {
    id: 'border',
    placeId: 'place',
    name: 'Azalea border',
    context: 'shrub',
    plantId: 'azalea',
    size: { kind: 'area', areaM2: 900 },
    measures: { outline: [[0, 0], [60, 0], [60, 15], [0, 15]] }, // prettier-ignore
    note: '',
    ...recorded,
  },
  jobs: [
    job('spray', 'apply', '2026-05-03', 'Fe-DTPA'),
    job('look', 'look', '2026-05-06', 'Look for the first change'),
  ],
  remedies: [remedy],
  acidPlans: [],
} as unknown as StandStoryDto
const place = {
  id: 'place',
  name: 'Vennlow',
  unitSystem: 'metric',
  climate: 'temperate',
  settings: {},
  ...recorded,
}
const bag = { id: 'bag', name: 'DTPA tin', lot: 'D-4', hazards: 'Irritates eyes.' }
const sprayer = {
  id: 'backpack',
  name: 'Blue backpack',
  setup: { kind: 'backpack', tankL: 15 },
  calibration: null,
}

/** What the server holds of the sheet. */
let ticks: readonly SheetTickDto[] = []

async function open(jobId = 'spray') {
  const answers: Readonly<Record<string, unknown>> = {
    '/places': [place],
    '/stands/border': story,
    '/places/place/products': [bag],
    '/places/place/sprayers': [sprayer],
  }
  vi.stubGlobal('fetch', (url: string, { body }: RequestInit = {}) => {
    const path = url.replace('/api', '')
    if (!path.endsWith('/ticks')) return Promise.resolve(Response.json(answers[path] ?? {}))
    if (typeof body === 'string')
      ticks = [...ticks, { ...(JSON.parse(body) as TickDto), by: 'Ines' }]
    return Promise.resolve(Response.json(ticks))
  })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: [{ path: '/stands/:standId/jobs', name: 'jobs', component: { template: '<p />' } }],
  })
  const page = mount(SheetPage, {
    props: { standId: 'border', jobId },
    global: { plugins: [createPinia(), [PiniaColada, {}], router] },
  })
  await flushPromises()
  return page
}
beforeEach(() => {
  localStorage.clear()
  ticks = []
})

describe('the sheet', () => {
  it('has amounts for every fill, the order, the cautions and the look on one page', async () => {
    const text = (await open()).text()
    expect(text).toMatch(/DTPA tin, lot D-4\s*Vennlow, Azalea border, 900 m²/)
    expect(text).toMatch(/each of 2 full tanks15 L water/)
    expect(text).toMatch(/then the part fill3.7 L water/)
    expect(text).toContain('78 mL by measure')
    expect(text).toMatch(/1 ends 27 m along2 ends 53 m alongpart ends 60 m along/)
    expect(text).toMatch(
      /pH 5.5: 7.3 g citric acid.*Add Regulator, 5 mL; let it mix.*Rinse the sprayer/,
    )
    expect(text).toContain('Not calibrated. The plan counts on')
    expect(text).toMatch(
      /label is the law.*A pesticide is in the tank.*On its label: Irritates eyes/,
    )
    expect(text).toContain('6 May')
  })

  it('has what was ticked off on every device, and says which fill is under way and how it comes on', async () => {
    const page = await open()
    expect(page.text()).not.toContain('Fill 1 of 3')
    const before = ticks.length
    await page.find('.boxes input').setValue(true)
    await page.find('ol input').setValue(true)
    await eventually(() => expect(ticks).toHaveLength(before + 2))
    ticks = [...ticks, { part: 'fill', number: 3, isTicked: true, at: new Date(Date.now() + 9e5).toISOString(), by: 'Piet' }] // prettier-ignore
    const again = await open()
    expect(again.text()).toMatch(/Fill 2 of 3Fill 3 was out at \d\d:\d\d, by Piet; one takes about 15 min; all out at about/) // prettier-ignore
    const isTicked = (selector: string) =>
      (again.find(selector).element as HTMLInputElement).checked
    expect([isTicked('.boxes input'), isTicked('ol input')]).toEqual([true, true])
    expect((again.findAll('.boxes input')[1]?.element as HTMLInputElement).checked).toBe(false)
  })

  it('says when there is no signal, and that it works still', async () => {
    const page = await open()
    expect(page.find('[role=status]').text()).toBe('Stays without signal while it is open')
    window.dispatchEvent(new Event('offline'))
    await flushPromises()
    expect(page.find('[role=status]').text()).toBe('No signal: this works on')
    expect(page.text()).toContain('DTPA tin')
    window.dispatchEvent(new Event('online'))
    await flushPromises()
  })

  it('of a job that is not there, or puts nothing out, says so', async () => {
    expect((await open('gone')).text()).toContain('There is no such job any more')
    expect((await open('look')).text()).toContain('nothing to put out with it')
  })

  it('prints', async () => {
    const print = vi.fn()
    vi.stubGlobal('print', print)
    const page = await open()
    await page
      .findAll('button')
      .find((each) => each.text().startsWith('Print'))
      ?.trigger('click')
    expect(print).toHaveBeenCalledOnce()
  })
})
