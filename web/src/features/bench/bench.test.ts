import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { eventually } from '../../tests/eventually.ts'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { today } from '../../shared/units/today.ts'
import BenchPanel from './BenchPanel.vue'
import ColourVial from './ColourVial.vue'
import DropKits from './DropKits.vue'
import LaboratoryImport from './LaboratoryImport.vue'
import LaboratoryOrders from './LaboratoryOrders.vue'
import PHHistory from './PHHistory.vue'
import PHMeter from './PHMeter.vue'
import ReadingForm from './ReadingForm.vue'
import ReadingList from './ReadingList.vue'
import SchoolsTable from './SchoolsTable.vue'

beforeEach(() => localStorage.clear())
afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
})

const recorded = { createdBy: 'Marla Quist', createdAt: '2026-06-15T08:00:00.000Z' }
const reading = (kind: string, value: number, more: object = {}) =>
  ({
    id: `${kind} ${value}`,
    standId: 'green',
    kind,
    value,
    method: 'laboratory',
    takenOn: '2026-06-01',
    preparation: null,
    place: null,
    doubt: null,
    instrument: '',
    note: '',
    ...recorded,
    ...more,
  }) as never
const label = (panel: Awaited<ReturnType<typeof mountOnStand>>['panel'], words: string) => {
  const found = panel.findAll('label').find((each) => each.text() === words)
  return panel.find(`[id="${found?.attributes('for')}"]`)
}
const button = (
  panel: Awaited<ReturnType<typeof mountOnStand>>['panel'],
  words: string | RegExp,
) => {
  const found = panel
    .findAll('button')
    .find((each) => (words instanceof RegExp ? words.test(each.text()) : each.text() === words))
  if (!found) throw new Error(`no button ${words}`)
  return found
}

describe('drop kits', () => {
  const counted = async (hardness: string, calcium: string) => {
    const mounted = await mountOnStand(DropKits, { context: 'aquaponic', plantId: 'lettuce' })
    await label(mounted.panel, 'Total hardness (GH): drops').setValue(hardness)
    await label(mounted.panel, 'Calcium: drops').setValue(calcium)
    return mounted
  }

  it('31 and 17 drops are 60.7 mg/L magnesium with its spread: not short; and are kept', async () => {
    const { panel, sent } = await counted('31', '17')
    expect(panel.find('.magnesium').text()).toMatch(/60.7 ± 4.3 mg\/L.*magnesium is not short/s)
    await panel.find('form').trigger('submit')
    await flushPromises()
    const kept = sent.map(({ body }) => body as { kind: string; value: number })
    expect(kept.map(({ kind }) => kind)).toEqual(['hardness', 'calciumHardness', 'magnesium'])
    expect(kept[2]?.value).toBeCloseTo(60.7, 1)
  })

  it('refuse calcium over the total with the reason, and keep nothing', async () => {
    const { panel } = await counted('17', '31')
    expect(panel.find('[role=alert]').text()).toMatch(/calcium is a part of it: count both again/)
    expect(button(panel, /Keep these/).attributes('disabled')).toBeDefined()
  })

  it('ask once which kit, and remember it for the place', async () => {
    const { panel, sent } = await mountOnStand(DropKits, { settings: { kits: ['calcium-10'] } })
    const kits = panel.findAll('select').map((each) => (each.element as HTMLSelectElement).value)
    expect(kits).toContain('calcium-10')
    await panel.findAll('select')[2]?.setValue('calcium-20')
    await flushPromises()
    expect(sent[0]).toMatchObject({
      method: 'PATCH',
      path: '/places/place/settings',
      body: { kits: ['calcium-20'] },
    })
  })
})

describe('a colour vial', () => {
  it('counts down and says when to read it', async () => {
    vi.useFakeTimers({ toFake: ['Date', 'setInterval'] })
    const { panel } = await mountOnStand(ColourVial)
    await button(panel, /start 5 min/).trigger('click')
    vi.advanceTimersByTime(60_500)
    await panel.vm.$nextTick()
    expect(panel.find('[role=timer]').text()).toBe('4:00')
    vi.advanceTimersByTime(240_000)
    await panel.vm.$nextTick()
    expect(panel.find('[role=alert]').text()).toBe('Read it now.')
  })

  it('keeps the colour chosen, with half a step either way for its doubt', async () => {
    const { panel, sent } = await mountOnStand(ColourVial)
    await panel.findAll('input[type=radio]')[3]?.setValue(true)
    expect(panel.text()).toContain('The timer was not started.')
    await button(panel, /^Keep 20/).trigger('click')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({ kind: 'nitrate', value: 20, method: 'vial', doubt: 7.5 })
  })
})

describe('the pH pen', () => {
  it('reads nothing before two buffers, and refuses a worn electrode', async () => {
    let millivolts = 0
    const answers = {
      get '/meter'() {
        return { device: 'simulated pH pen', millivolts, temperatureC: 20 }
      },
    }
    const { panel, sent } = await mountOnStand(PHMeter, {}, answers)
    const read = () => button(panel, 'Read the sample')
    expect(read().attributes('disabled')).toBeDefined()
    await button(panel, 'Buffer 7').trigger('click')
    await flushPromises()
    millivolts = 140
    await button(panel, 'Buffer 4').trigger('click')
    await flushPromises()
    expect(panel.find('.slope').text()).toMatch(/79.1 %.*fresh buffers/s)
    expect(read().attributes('disabled')).toBeDefined()

    millivolts = 172
    await button(panel, 'Buffer 4').trigger('click')
    await flushPromises()
    millivolts = -46
    await read().trigger('click')
    await flushPromises()
    expect(panel.find('.figure-value').text()).toMatch(/pH 7.80/)
    await button(panel, 'Keep this pH').trigger('click')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({
      kind: 'pH',
      value: 7.8,
      instrument: expect.stringMatching(/slope 97.2 %, calibrated/),
    })
  })
})

describe('a number at hand', () => {
  it('out of the ordinary is asked about, and taken in the unit it was read in', async () => {
    const { panel, sent } = await mountOnStand(ReadingForm)
    await label(panel, 'What was measured').setValue('water')
    await label(panel, 'Test').setValue('ecSolution')
    await label(panel, 'Value, dS/m').setValue('1800')
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(sent).toEqual([])
    expect(panel.find('[role=alert]').text()).toMatch(/Was it read in µS\/cm\?/)
    await button(panel, 'Yes, take 1.8').trigger('click')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({ kind: 'ecSolution', value: 1.8 })
  })

  it('that cannot be is refused beside the field', async () => {
    const { panel, sent } = await mountOnStand(ReadingForm)
    await label(panel, 'Test').setValue('pH')
    await label(panel, 'Value').setValue('15')
    await panel.find('form').trigger('submit')
    expect(panel.find('[role=alert]').text()).toMatch(/from 2.5 to 11/)
    expect(sent).toEqual([])
  })

  it('far from the last one is kept once it is said to be so', async () => {
    const story = { readings: [reading('soilIron', 30, { takenOn: today() })] }
    const { panel, sent } = await mountOnStand(ReadingForm, { story })
    await label(panel, 'Value, mg/kg').setValue('2.1')
    await panel.find('form').trigger('submit')
    expect(panel.find('[role=alert]').text()).toMatch(/last one was 30 mg\/kg/)
    await button(panel, /keep it$/).trigger('click')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({ kind: 'soilIron', value: 2.1 })
  })
})

describe('a laboratory file', () => {
  const stands = {
    '/estate': { total: 1, rows: [{ stand: { id: 'green', name: 'Green' } }] },
    '/laboratory-imports': { readingCount: 2, fileName: 'may.csv' },
  }
  const openFile = async (csv: string, settings = {}) => {
    const mounted = await mountOnStand(LaboratoryImport, { settings }, stands)
    const panel = mounted.panel.findComponent(LaboratoryImport)
    ;(panel.vm as unknown as { open: (name: string, text: string) => void }).open('may.csv', csv)
    await eventually(() => expect(mounted.panel.text()).toMatch(/(\d+) of \1 rows read/))
    return mounted
  }

  it('is guessed, shown before it is stored, and stored whole', async () => {
    const { panel, sent } = await openFile('Date,Sample,pH,Fe DTPA (ppm)\n2026-05-02,Green,7.8,3\n')
    expect(panel.find('.preview').text()).toMatch(/DTPA iron 3 mg\/kg/)
    await button(panel, /Store all 2/).trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({ path: '/places/place/laboratory-imports' })
    expect(panel.find('[role=status]').text()).toMatch(/2 readings of may.csv were stored/)
  })

  it('names a broken cell by line and column, and stores nothing until it is mended', async () => {
    const { panel } = await openFile('Date,Sample,pH\n2026-05-02,Green,7\n2026-05-03,Green,15\n')
    expect(panel.find('[role=alert]').text()).toMatch(/Line 3, pH: pH: 15.*can only be/s)
    expect(button(panel, /Store all/).attributes('disabled')).toBeDefined()
  })

  it('asks for the stand of a sample that is called otherwise', async () => {
    const { panel } = await openFile('Date,Sample,pH\n2026-05-02,Lot 7,7\n')
    expect(panel.find('[role=alert]').text()).toMatch(/which stand "Lot 7" is of/)
    await label(panel, 'Lot 7 is of').setValue('green')
    await eventually(() =>
      expect(button(panel, /Store all 1/).attributes('disabled')).toBeUndefined(),
    )
  })

  it('is read as its laboratory was read before', async () => {
    const map = {
      laboratory: 'Downs',
      dayColumn: 'Taken',
      dayOrder: 'dmy' as const,
      sampleColumn: 'Lot',
      placeColumn: '',
      columns: [{ column: 'Wert', kind: 'pH' as const, unit: '' }],
      stands: { A: 'green' },
    }
    const { panel } = await openFile('Taken,Lot,Wert\n02.05.2026,A,7.1\n', { laboratories: [map] })
    expect(panel.find('.preview').text()).toMatch(/pH\s*7.1/)
  })

  it('that is no table is refused with what one looks like', async () => {
    const { panel } = await mountOnStand(LaboratoryImport, {}, stands)
    const file = panel.findComponent(LaboratoryImport)
    ;(file.vm as unknown as { open: (name: string, text: string) => void }).open('a.txt', 'hello')
    await flushPromises()
    expect(panel.find('[role=alert]').text()).toMatch(/a table with a line of headings/)
  })
})

describe('samples for the laboratory', () => {
  const orders = (isReady: boolean) => ({
    '/laboratory-orders/order/results': { fileName: 'r.csv', csv: 'Date,Sample,pH' },
    '/laboratory-orders': [
      {
        id: 'order',
        standId: 'green',
        laboratory: 'Downs',
        orderedOn: '2026-06-01',
        readyOn: '2026-06-09',
        packets: ['soil'],
        places: ['sick'],
        isReady,
        ...recorded,
      },
    ],
  })

  it('are waited for, and opened once they are back', async () => {
    const waiting = await mountOnStand(LaboratoryOrders, {}, orders(false))
    expect(waiting.panel.text()).toMatch(/back 9 Jun/)
    const back = await mountOnStand(LaboratoryOrders, {}, orders(true))
    await button(back.panel, 'Open the results').trigger('click')
    await flushPromises()
    const [emitted] = back.panel.findComponent(LaboratoryOrders).emitted('results') ?? []
    expect(emitted).toEqual(['Downs', 'r.csv', 'Date,Sample,pH'])
  })

  it('are sent with their tests and places', async () => {
    const { panel, sent } = await mountOnStand(LaboratoryOrders, {}, orders(false))
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({
      packets: ['soil'],
      places: ['sick', 'healthy'],
      orderedOn: today(),
    })
  })
})

describe('what was measured', () => {
  const story = {
    readings: [
      reading('pH', 7.6),
      reading('soilIron', 4.7, { takenOn: '2026-06-02' }),
      reading('soilManganese', 6, { takenOn: '2026-06-02' }),
    ],
  }

  it('is read by three schools side by side, and one is chosen for the verdict', async () => {
    const { panel, sent } = await mountOnStand(SchoolsTable, { story })
    expect(panel.findAll('strong').map((each) => each.text())).toEqual([
      'enough',
      'marginal',
      'low',
    ])
    await panel.findAll('input[type=radio]')[2]?.trigger('change')
    await flushPromises()
    expect(sent[0]?.body).toEqual({ ironSchool: 'high-target' })
  })

  it('is listed with its doubt, and pH is drawn through time', async () => {
    const { panel } = await mountOnStand(ReadingList, { story })
    expect(panel.text()).toMatch(/DTPA iron\s*4.7 ± 0.51 mg\/kg/)
    vi.stubGlobal('ResizeObserver', class {
      observe() { /* not laid out here */ }
      unobserve() { /* not laid out here */ }
      disconnect() { /* not laid out here */ }
    }) // prettier-ignore
    const history = await mountOnStand(PHHistory, { story })
    expect(history.panel.findAll('circle')).toHaveLength(1)
    expect(history.panel.find('.band').attributes('d')).toMatch(/^M/)
  })

  it('is worked at with one tool at a time', async () => {
    vi.stubGlobal('ResizeObserver', class {
      observe() { /* not laid out here */ }
      unobserve() { /* not laid out here */ }
      disconnect() { /* not laid out here */ }
    }) // prettier-ignore
    const { panel } = await mountOnStand(BenchPanel, { story })
    expect(panel.text()).toContain('Two buffers')
    await panel.find('input[value=drops]').setValue(true)
    expect(panel.text()).not.toContain('Two buffers')
    expect(panel.text()).toContain('Total hardness (GH)')
  })
})
