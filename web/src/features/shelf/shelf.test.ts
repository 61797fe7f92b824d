import { meAt } from '../../tests/me.ts'
import { recorded } from '../../tests/recorded.ts'
import type { PlanningDto } from '@spudder/contract/planning'
import type { RemedyDto } from '@spudder/contract/remedy'
import type { ProductDto } from '@spudder/contract/shelf'
import { readShelfCsv } from '@spudder/core/material/shelf'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { keepProductDraft } from '../../shared/label/product-draft.ts'
import { addDays } from '@spudder/core/base/calendar'
import { jobRow, standRow } from '../../tests/rows.ts'
import { dayWords, today } from '../../shared/units/today.ts'
import ShelfPage from './ShelfPage.vue'

const place = {
  id: 'place',
  name: 'Vennlow',
  unitSystem: 'us',
  climate: 'temperate',
  settings: {},
  ...recorded,
}
const bag: ProductDto = {
  id: '3f2b7f0e-8a55-4b0e-9d2c-3b1f6c9a7e10',
  placeId: 'place',
  name: 'Crystals, 50 lb',
  sourceId: 'ferrous-sulfate',
  label: {
    analysis: { Fe: '20' },
    chelated: '',
    waterSoluble: '',
    orthoOrtho: '',
    derivedFrom: 'ferrous sulfate',
  },
  packPrice: 30,
  packKg: 22.6796185,
  densityKgPerL: null,
  stockKg: 10,
  lot: 'A-17',
  lotUseBy: null,
  labelRate: null,
  labelMaximum: null,
  stain: 'rust',
  organic: 'unknown',
  applicator: null,
  hazards: '',
  note: '',
  isRetired: false,
  ...recorded,
}

/** The page over a server that has some products; what is sent is noted. */
async function openShelf(
  products: readonly ProductDto[] = [bag],
  planned: Partial<PlanningDto> = {},
) {
  const planning = { stands: [], jobs: [], remedies: [], acidPlans: [], entries: [], colours: [], ...planned } // prettier-ignore
  const sent: { method: string; path: string; body: Record<string, unknown> }[] = []
  vi.stubGlobal('fetch', (url: string, { method = 'GET', body }: RequestInit = {}) => {
    if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
    const path = url.replace('/api', '')
    if (method !== 'GET') {
      const given = JSON.parse(String(body)) as Record<string, unknown>
      sent.push({ method, path, body: given })
      const answer = path.endsWith('imports') ? given['products'] : { ...bag, ...given }
      return Promise.resolve(Response.json(answer, { status: method === 'POST' ? 201 : 200 }))
    }
    if (path.endsWith('/planning')) return Promise.resolve(Response.json(planning))
    return Promise.resolve(Response.json(path === '/places' ? [place] : products))
  })
  const page = mount(ShelfPage, { global: { plugins: [createPinia(), [PiniaColada, {}]] } })
  await flushPromises()
  const type = async (label: string, text: string) => {
    const field = page.findAll('.field').find((each) => each.find('label').text() === label)
    if (!field) throw new Error(`no field ${label}`)
    await field.find('input').setValue(text)
  }
  const send = async () => {
    await page.find('form').trigger('submit')
    await flushPromises()
  }
  return { page, sent, type, send }
}
beforeEach(() => localStorage.clear())

describe('the shelf', () => {
  it('says what a kilogram of iron costs by the bill', async () => {
    const { page } = await openShelf()
    // 30 / (22.68 kg × 0.20).
    expect(page.find('tbody tr').text()).toContain('$6.61')
    expect(page.find('tbody tr').text()).toContain('50 lb, $30')
    expect(page.find('tbody tr').text()).toContain('lot A-17')
  })

  it('teaches the next step where it is empty', async () => {
    const { page } = await openShelf([])
    expect(page.text()).toContain('Nothing here yet. Type or paste the label')
  })

  it('takes a product off and keeps it to be put back', async () => {
    const { page, sent } = await openShelf()
    await page.find('[aria-label="Remove Crystals, 50 lb from the shelf"]').trigger('click')
    await flushPromises()
    expect(sent).toMatchObject([{ method: 'PATCH', body: { isRetired: true } }])
    const { page: later } = await openShelf([{ ...bag, isRetired: true }])
    expect(later.text()).toContain('1 removed')
  })
})

describe('the form of a product', () => {
  it('sends what was typed in any unit; the form of iron is read from the label', async () => {
    const { type, send, sent } = await openShelf([])
    await type('Name', 'Red tub')
    await type('Fe, total %', '6')
    await type('Derived from, chelated by', 'iron EDDHA')
    await type('Price of a pack', '58')
    await type('In the pack', '5 lb')
    await type('Rate on the label', '3 oz/1000 ft2')
    await type('Label maximum', '4 oz/1000 ft2')
    await send()
    expect(sent[0]).toMatchObject({
      path: '/places/place/products',
      body: {
        name: 'Red tub',
        sourceId: 'fe-eddha',
        packPrice: 58,
        labelRate: { value: 3, unit: 'oz/1000 ft2' },
        labelMaximum: { value: 4, unit: 'oz/1000 ft2' },
      },
    })
    expect(sent[0]?.body['packKg']).toBeCloseTo(2.268, 3)
    expect(sent[0]?.body).not.toHaveProperty('stockKg')
  })

  it.each([
    ['In the pack', 'a bagful'],
    ['Price of a pack', 'cheap'],
    ['Label maximum', 'four handfuls'],
    ['Rate on the label', 'a pinch'],
    ['Fe, total %', '160'],
  ])('refuses %s of %s beside the field and keeps it over a reload', async (label, text) => {
    const { page, type, send, sent } = await openShelf([])
    await type('Name', 'Bag')
    await type('Fe, total %', '20')
    await type(label, text)
    await send()
    expect(sent).toEqual([])
    const field = page.findAll('.field').find((each) => each.find('label').text() === label)
    expect(field?.find('[role=alert]').exists()).toBe(true)
    const { page: again } = await openShelf([])
    const kept = again.findAll('input').map((input) => input.element.value)
    expect(kept).toContain(text)
  })

  it('opens a product to be changed, and takes away what is emptied', async () => {
    const { page, type, send, sent } = await openShelf()
    await page.find('[aria-label="Change Crystals, 50 lb"]').trigger('click')
    expect(page.text()).toContain('What the iron of Crystals, 50 lb can be')
    await type('In stock', '')
    await type('Lot', 'B-1')
    await send()
    expect(sent[0]).toMatchObject({ method: 'PATCH', path: `/products/${bag.id}` })
    expect(sent[0]?.body).toMatchObject({ stockKg: null, lot: 'B-1', packPrice: 30 })
    expect(page.find('[role=status]').text()).toContain('is on the shelf')
  })

  it('begins with a label that was read elsewhere', async () => {
    keepProductDraft({ label: { ...bag.label, analysis: { Fe: '9' } } })
    const { page } = await openShelf([])
    expect(page.findAll('input').map((input) => input.element.value)).toContain('9')
  })
})

describe('a shelf file', () => {
  const pick = async (page: Awaited<ReturnType<typeof openShelf>>['page'], csv: string) => {
    const input = page.find('input[type=file]')
    Object.defineProperty(input.element, 'files', {
      value: [new File([csv], 'shed.csv', { type: 'text/csv' })],
      configurable: true,
    })
    await input.trigger('change')
    await flushPromises()
  }

  it('is shown before it is stored, and stored whole', async () => {
    const { page, sent } = await openShelf([])
    await pick(page, 'name,Fe %\nBag,20\nTub,6\n')
    expect(page.text()).toContain('2 products in shed.csv: Bag; Tub.')
    expect(sent).toEqual([])
    const button = page.findAll('button').find((each) => each.text() === 'Save all 2')
    await button?.trigger('click')
    await flushPromises()
    expect((sent[0]?.body['products'] as unknown[]).length).toBe(2)
    expect(page.text()).toContain('2 products of shed.csv are on the shelf.')
  })

  it('with errors is told line and column, and nothing is stored', async () => {
    const { page, sent } = await openShelf([])
    await pick(page, 'name,Fe %\nBag,plenty\n')
    expect(page.find('[role=alert]').text()).toContain('Line 2, Fe %: Give iron as a number')
    expect(sent).toEqual([])
  })

  it('that is none is refused with what it would need', async () => {
    const { page } = await openShelf([])
    await pick(page, 'once upon a time')
    expect(page.find('[role=alert]').text()).toContain('headings have name and Fe %')
  })

  it('goes out as it can come back in', async () => {
    const saved: Blob[] = []
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      saved.push(blob as Blob)
      return 'blob:shelf'
    })
    const { page } = await openShelf()
    await page
      .findAll('button')
      .find((each) => each.text() === 'Save the shelf as CSV')
      ?.trigger('click')
    const text = await saved[0]?.text()
    expect(text && readShelfCsv(text).products).toMatchObject([{ name: 'Crystals, 50 lb' }])
    expect(text).toContain('"Crystals, 50 lb",ferrous-sulfate')
  })
})

describe('the shelf against the plan', () => {
  const remedy = { id: 'r', productId: bag.id, productKg: 8, carrierL: 0 } as RemedyDto
  const spray = (id: string, days: number) =>
    jobRow({ id, remedyId: 'r', standId: 'green', dueOn: addDays(today(), days) })
  const planned = (...jobs: ReturnType<typeof spray>[]) => ({
    stands: [standRow({ name: 'Events lawn' })],
    remedies: [remedy],
    jobs,
  })

  it('says what runs short, when, for which stand, and puts whole packs among the jobs', async () => {
    const { page, sent } = await openShelf([bag], planned(spray('a', 3), spray('b', 30)))
    const text = page.find('.forecast').text().replace(/\s+/g, ' ')
    // 10 kg for two jobs of 8 kg: 6 kg are missing, a week's delivery before the second.
    expect(text).toMatch(/22 lb for 2 planned jobs/)
    expect(text).toContain(
      `Short on ${dayWords(addDays(today(), 30))} for Events lawn: 13.2 lb missing`,
    )
    expect(text).toContain(`Order by ${dayWords(addDays(today(), 23))}`)
    await page.find('.forecast button').trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      path: '/places/place/orders',
      body: { standId: 'green', productId: bag.id, dueOn: addDays(today(), 23) },
    })
    expect(sent[0]?.body['plannedKg']).toBeCloseTo(22.68, 2)
  })

  it('says that it lasts, with what is on order, and nothing where nothing is planned', async () => {
    const order = jobRow({ id: 'buy', kind: 'buy', productId: bag.id, plannedKg: 20, dueOn: addDays(today(), 2) }) // prettier-ignore
    const { page } = await openShelf([bag], planned(spray('a', 3), spray('b', 30), order))
    expect(page.find('.forecast').text()).toMatch(/To buy:\s+44\.1 lb[\s\S]*It lasts/)
    expect((await openShelf()).page.find('.forecast').exists()).toBe(false)
  })
})
