import { meAt } from '../../tests/me.ts'
import type { RecordLineDto } from '@spudder/contract/entry'
import { PiniaColada } from '@pinia/colada'
import { flushPromises, mount } from '@vue/test-utils'
import { createPinia } from 'pinia'
import { afterEach, describe, expect, it, vi } from 'vitest'
import { createMemoryHistory, createRouter } from 'vue-router'
import * as files from '../../ui/save-file.ts'
import { eventually } from '../../tests/eventually.ts'
import { entryRow } from '../../tests/rows.ts'
import { recordDocument } from './record-pdf.ts'
import RecordPage from './RecordPage.vue'
import { lineWords, toRecordRow } from './record-rows.ts'

const line = (
  change: Partial<RecordLineDto['entry']> = {},
  isCorrected = false,
): RecordLineDto => ({
  entry: entryRow({
    appliedName: 'Crystals',
    id: '3f2b7f0e-8a55-4b0e-9d2c-3b1f6c9a7e10',
    productId: 'bag',
    startedAt: '06:30',
    endedAt: '08:10',
    worker: 'Ines Calloway',
    lot: 'KX-204',
    weather: { source: 'simulated weather', temperatureC: 14, windMPerS: 2, humidityPercent: 80, rainAfterMm: 0 }, // prettier-ignore
    partners: [{ kindId: 'urea', name: 'Urea', dose: '4 oz' }],
    reEntryH: 12,
    note: 'Dew was gone.',
    ...change,
  }),
  standName: 'Events lawn',
  productName: 'Crystals',
  isCorrected,
  groundM2: 6200,
})

async function open(lines: readonly RecordLineDto[], total = lines.length) {
  const asked: URL[] = []
  vi.stubGlobal('fetch', (url: string) => {
    if (url.endsWith('/me')) return Promise.resolve(Response.json(meAt('place')))
    const address = new URL(url, 'http://x')
    if (url.includes('/entries')) asked.push(address)
    const place = { id: 'place', name: 'Vennlow', unitSystem: 'us', climate: 'temperate', calendarToken: null, settings: {}, createdBy: '', createdAt: '' } // prettier-ignore
    const answer = url.endsWith('/places') ? [place] : url.includes('/entries') ? { total, lines } : url.includes('/products') ? [{ id: 'bag', packPrice: 30, packKg: 15 }] : [] // prettier-ignore
    return Promise.resolve(Response.json(answer))
  })
  const router = createRouter({
    history: createMemoryHistory(),
    routes: ['dates', 'jobs'].map((name) => ({ path: `/${name}`, name, component: { template: '<p />' } })), // prettier-ignore
  })
  const page = mount(RecordPage, {
    global: { plugins: [createPinia(), [PiniaColada, {}], router] },
  })
  await flushPromises()
  const button = (name: string) => page.findAll('button').find((each) => each.text().includes(name))
  return { page, asked, button, text: () => page.text().replace(/\s+/g, ' ') }
}
afterEach(() => vi.unstubAllGlobals())

describe('the record', () => {
  it('shows a line whole: when, what, by whom, in what weather, with what', async () => {
    const { text } = await open([line()])
    expect(text()).toMatch(
      /15 Jun.*06:30-08:10.*Events lawn: Crystals \(Ferrous sulfate, spray grade\)/,
    )
    expect(text()).toMatch(
      /Ines Calloway; 57 °F, wind 4 mph, 80 % humid, dry for 6 h, made up \(simulated weather\); with Urea 4 oz; lot KX-204; nobody in for 12 h/,
    )
    expect(text()).toMatch(/4\.41 lb ?planned 4\.41 lb/)
  })

  it('keeps a corrected line beside the one that corrects it', async () => {
    const right = line({ id: 'b', correctsId: line().entry.id, reason: 'Weighed again.' })
    const { page, text } = await open([right, line({}, true)])
    expect(page.findAll('li.corrected')).toHaveLength(1)
    expect(text()).toMatch(/Corrects line 3f2b7f0e: Weighed again\./)
    expect(text()).toMatch(/Line 3f2b7f0e, corrected by a later one; kept as it was/)
  })

  it('is searched by words and days, once the hand rests', async () => {
    const { page, asked } = await open([line()], 120)
    await page.find('input').setValue('kx ines')
    await page.findAll('input')[1]?.setValue('2026-06-01')
    await eventually(() => expect(asked.at(-1)?.searchParams.get('text')).toBe('kx ines'))
    expect(asked.at(-1)?.searchParams.get('from')).toBe('2026-06-01')
    const older = page.findAll('button').find((each) => each.text() === 'Older')
    await older?.trigger('click')
    await flushPromises()
    expect(asked.at(-1)?.searchParams.get('offset')).toBe('50')
  })

  it('is saved as CSV, all pages of it, and sums what it cost', async () => {
    const save = vi.spyOn(files, 'saveText').mockImplementation(() => undefined)
    const { button, text, asked } = await open([line(), line({ id: 'c', productId: null })])
    await button('CSV')?.trigger('click')
    await flushPromises()
    const [name, type, csv] = save.mock.calls[0] ?? []
    expect([name, type]).toEqual(['spudder-record.csv', 'text/csv'])
    expect(csv?.split('\r\n')).toHaveLength(3)
    expect(asked.at(-1)?.searchParams.get('limit')).toBe('500')
    await button('Cost by stand')?.trigger('click')
    await flushPromises()
    expect(text()).toMatch(/Events lawn: \$4 ?and 1 use without a price/)
  })

  it('teaches where it comes from when it is empty', async () => {
    expect((await open([])).text()).toMatch(/No line here yet.*record it there in two taps/)
  })
})

describe('files of the record', () => {
  it('hold what the line holds', () => {
    expect(toRecordRow(line())).toMatchObject({
      day: '2026-06-15',
      usedKg: 2,
      partners: 'Urea 4 oz',
      temperatureC: 14,
      weatherSource: 'simulated weather',
      recordedBy: 'Marla Quist',
      groundM2: 6200,
    })
    expect(lineWords(line({ worker: '', weather: null, endedAt: null }), 'metric')).toMatchObject({
      who: 'Marla Quist',
      weather: '',
      clock: '06:30',
      used: '2 kg',
    })
  })

  it('are laid out for paper, the oldest first, corrected lines struck through', () => {
    const document = recordDocument({
      placeName: 'Vennlow',
      about: 'All days.',
      lines: [line({ happenedOn: '2026-06-20' }), line({}, true)],
      costs: { stands: [{ stand: 'Events lawn', money: 4, unpriced: 1 }], currency: 'EUR' },
      system: 'metric',
      printedOn: '2026-06-30',
      photos: [{ words: 'Events lawn, with line 1', image: 'data:image/jpeg;base64,AA' }],
    })
    const text = JSON.stringify(document.content)
    expect(text.indexOf('15 Jun 2026')).toBeLessThan(text.indexOf('20 Jun 2026'))
    expect(text).toContain('"decoration":"lineThrough"')
    expect(text).toContain('Events lawn: €4, and 1 use without a price')
    expect(text).toContain('"image":"data:image/jpeg;base64,AA"')
    expect(document.pageSize).toBe('A4')
  })
})
