import { choiceOf } from '../../tests/choices.ts'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { buttonOf, give } from '../../tests/find-in-panel.ts'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { recorded } from '../../tests/recorded.ts'
import { today } from '../../shared/units/today.ts'
import BenchPanel from './BenchPanel.vue'
import ColourVial from './ColourVial.vue'
import DropKits from './DropKits.vue'
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

const reading = (kind: string, value: number, more: object = {}) =>
  ({
    id: `${kind} ${value}`,
    standId: 'green',
    kind,
    value,
    method: 'laboratory',
    came: { how: 'typed' },
    takenOn: '2026-06-01',
    preparation: null,
    place: null,
    doubt: null,
    instrument: '',
    note: '',
    ...recorded,
    ...more,
  }) as never
describe('drop kits', () => {
  const counted = async (hardness: string, calcium: string) => {
    const mounted = await mountOnStand(DropKits, { context: 'aquaponic', plantId: 'lettuce' })
    await give(mounted.panel, 'Total hardness (GH): drops', hardness)
    await give(mounted.panel, 'Calcium: drops', calcium)
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
    expect(buttonOf(panel, /Save readings/).attributes('disabled')).toBeDefined()
  })

  it('ask once which kit, and remember it for the place', async () => {
    const { panel, sent } = await mountOnStand(DropKits, { settings: { kits: ['calcium-10'] } })
    // Alkalinity, hardness, calcium: the third.
    const kit = choiceOf(panel, 'Your kit', 2)
    expect(kit.value).toBe('calcium-10')
    await kit.choose('calcium-20')
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
    await buttonOf(panel, /start 5 min/).trigger('click')
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
    await buttonOf(panel, /^Keep 20/).trigger('click')
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
    const read = () => buttonOf(panel, 'Read the sample')
    expect(read().attributes('disabled')).toBeDefined()
    await buttonOf(panel, 'Buffer 7').trigger('click')
    await flushPromises()
    millivolts = 140
    await buttonOf(panel, 'Buffer 4').trigger('click')
    await flushPromises()
    expect(panel.find('.slope').text()).toMatch(/79.1 %.*fresh buffers/s)
    expect(read().attributes('disabled')).toBeDefined()

    millivolts = 172
    await buttonOf(panel, 'Buffer 4').trigger('click')
    await flushPromises()
    millivolts = -46
    await read().trigger('click')
    await flushPromises()
    expect(panel.find('.figure-value').text()).toMatch(/pH 7.80/)
    await buttonOf(panel, 'Save pH').trigger('click')
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
    await give(panel, 'What was measured', 'water')
    await give(panel, 'Test', 'ecSolution')
    await give(panel, 'Value, dS/m', '1800')
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(sent).toEqual([])
    expect(panel.find('[role=alert]').text()).toMatch(/Was it read in µS\/cm\?/)
    await buttonOf(panel, 'Yes, take 1.8').trigger('click')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({ kind: 'ecSolution', value: 1.8 })
  })

  it('that cannot be is refused beside the field', async () => {
    const { panel, sent } = await mountOnStand(ReadingForm)
    await give(panel, 'Test', 'pH')
    await give(panel, 'Value', '15')
    await panel.find('form').trigger('submit')
    expect(panel.find('[role=alert]').text()).toMatch(/from 2.5 to 11/)
    expect(sent).toEqual([])
  })

  it('far from the last one is kept once it is said to be so', async () => {
    const story = { readings: [reading('soilIron', 30, { takenOn: today() })] }
    const { panel, sent } = await mountOnStand(ReadingForm, { story })
    await give(panel, 'Value, mg/kg', '2.1')
    await panel.find('form').trigger('submit')
    expect(panel.find('[role=alert]').text()).toMatch(/last one was 30 mg\/kg/)
    await buttonOf(panel, /save it$/).trigger('click')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({ kind: 'soilIron', value: 2.1 })
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
    const history = await mountOnStand(PHHistory, { story })
    expect(history.panel.findAll('circle')).toHaveLength(1)
    expect(history.panel.find('.band').attributes('d')).toMatch(/^M/)
  })

  it('is worked at with one tool at a time', async () => {
    const own = await mountOnStand(BenchPanel, { story })
    expect(own.panel.text()).not.toContain('pH pen')
    expect(own.panel.find('input[value=by-hand]').element).toMatchObject({ checked: true })
    const { panel } = await mountOnStand(BenchPanel, { story, settings: { practice: ['pHPen'] } })
    expect(panel.text()).toContain('Two buffers')
    await panel.find('input[value=drops]').setValue(true)
    expect(panel.text()).not.toContain('Two buffers')
    expect(panel.text()).toContain('Total hardness (GH)')
  })
})
