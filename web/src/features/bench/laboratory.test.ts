import type { PlaceSettingsDto } from '@spudder/contract/place'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { eventually } from '../../tests/eventually.ts'
import { buttonOf, give } from '../../tests/find-in-panel.ts'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { recorded } from '../../tests/recorded.ts'
import { today } from '../../shared/units/today.ts'
import LaboratoryImport from './LaboratoryImport.vue'
import LaboratoryOrders from './LaboratoryOrders.vue'

beforeEach(() => localStorage.clear())
afterEach(() => {
  vi.unstubAllGlobals()
  vi.useRealTimers()
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
    await buttonOf(panel, /Save all 2/).trigger('click')
    await flushPromises()
    expect(sent[0]).toMatchObject({ path: '/places/place/laboratory-imports' })
    expect(panel.find('[role=status]').text()).toMatch(/2 readings of may.csv were stored/)
  })

  it('names a broken cell by line and column, and stores nothing until it is mended', async () => {
    const { panel } = await openFile('Date,Sample,pH\n2026-05-02,Green,7\n2026-05-03,Green,15\n')
    expect(panel.find('[role=alert]').text()).toMatch(/Line 3, pH: pH: 15.*can only be/s)
    expect(buttonOf(panel, /Save all/).attributes('disabled')).toBeDefined()
  })

  it('asks for the stand of a sample that is called otherwise', async () => {
    const { panel } = await openFile('Date,Sample,pH\n2026-05-02,Lot 7,7\n')
    expect(panel.find('[role=alert]').text()).toMatch(/which stand "Lot 7" is of/)
    await give(panel, 'Lot 7 is of', 'green')
    await eventually(() =>
      expect(buttonOf(panel, /Save all 1/).attributes('disabled')).toBeUndefined(),
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
    expect(panel.find('[role=alert]').text()).toMatch(/a table with headings such as/)
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

  const practising: { settings: PlaceSettingsDto } = { settings: { practice: ['laboratory'] } }

  it('go to one’s own laboratory where the simulated one was not switched on', async () => {
    const { panel } = await mountOnStand(LaboratoryOrders, {}, { '/laboratory-orders': [] })
    expect(panel.text()).toContain('Send your samples as your laboratory wants them')
    expect(panel.find('form').exists()).toBe(false)
  })

  it('are waited for, and opened once they are back', async () => {
    const waiting = await mountOnStand(LaboratoryOrders, practising, orders(false))
    expect(waiting.panel.text()).toMatch(/back 9 Jun/)
    const back = await mountOnStand(LaboratoryOrders, practising, orders(true))
    await buttonOf(back.panel, 'Open the results').trigger('click')
    await flushPromises()
    const [emitted] = back.panel.findComponent(LaboratoryOrders).emitted('results') ?? []
    expect(emitted).toEqual(['Downs', 'r.csv', 'Date,Sample,pH'])
  })

  it('are sent with their tests and places', async () => {
    const { panel, sent } = await mountOnStand(LaboratoryOrders, practising, orders(false))
    await panel.find('form').trigger('submit')
    await flushPromises()
    expect(sent[0]?.body).toMatchObject({
      packets: ['soil'],
      places: ['sick', 'healthy'],
      orderedOn: today(),
    })
  })
})
