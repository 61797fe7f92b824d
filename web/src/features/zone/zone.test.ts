import { recorded } from '../../tests/recorded.ts'
import type { ZoneDto } from '@spudder/contract/zone'
import { flushPromises } from '@vue/test-utils'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { mountOnStand } from '../../tests/mount-on-stand.ts'
import { choicesOf, firstChoice, piecesOnGrid, problemOf } from './zone-draft.ts'
import ZonesPanel from './ZonesPanel.vue'

const zone = (change: Partial<ZoneDto> = {}): ZoneDto => ({
  id: 'brow',
  standId: 'green',
  name: 'Brow',
  outline: [[0, 0], [200, 0], [200, 100], [0, 100]], // prettier-ignore
  origin: null,
  score: 4,
  scoredOn: '2026-06-01',
  isTakenAway: false,
  ...recorded,
  ...change,
})
const bottom = zone({ id: 'bottom', name: 'Bottom', score: 1 })
const origin = { longitude: -1.9, latitude: 51.2 }

beforeEach(() => localStorage.clear())
afterEach(() => vi.unstubAllGlobals())

describe('what pays in a zone', () => {
  it('comes out alike in acres and hectares', () => {
    const us = firstChoice('us')
    // By definition: the pound in kilograms, the acre in hectares.
    const [poundKg, acreHa] = [0.45359237, 0.40468564224]
    const [american] = choicesOf([zone()], us, 'us').get('brow') ?? []
    const metric = {
      pricePerT: String(Number(us.pricePerT) / (2 * poundKg)),
      varieties: us.varieties.map((each) => ({
        ...each,
        yieldTPerHa: String((Number(each.yieldTPerHa) * (2 * poundKg)) / acreHa),
        seedPerHa: String(Number(each.seedPerHa) / acreHa),
      })),
      chelates: us.chelates.map((each) => ({
        ...each,
        kgPerHa: String((Number(each.kgPerHa) * poundKg) / acreHa),
        pricePerKg: String(Number(each.pricePerKg) / poundKg),
      })),
    }
    const [european] = choicesOf([zone()], metric, 'metric').get('brow') ?? []
    expect(european?.marginPerHa.usual).toBeCloseTo(american?.marginPerHa.usual ?? NaN, 6)
  })

  it('is not calculated while something typed cannot be, and says what', () => {
    const draft = firstChoice('metric')
    expect(problemOf(draft, 'metric')).toBeUndefined()
    const odd = { ...draft, pricePerT: 'dear' }
    expect(problemOf(odd, 'metric')).toBe('Crop: give what a ton of it brings.')
    expect(choicesOf([zone()], odd, 'metric').size).toBe(0)
    const [first, ...rest] = draft.varieties
    const tolerant = { ...draft, varieties: [{ ...first, tolerancePercent: '140' }, ...rest] }
    expect(problemOf(tolerant as typeof draft, 'us')).toContain('tolerance from 0 to 100 %')
  })

  it('leaves out zones that nobody scored', () => {
    expect(choicesOf([zone({ score: null })], firstChoice('us'), 'us').size).toBe(0)
  })
})

describe('pieces of a map', () => {
  it('keep their places to each other on one grid', () => {
    const square = [[0, 0], [10, 0], [10, 10]] as const // prettier-ignore
    const piece = (longitude: number) => ({
      name: 'p',
      score: 4,
      areaM2: 50,
      outline: square,
      southWest: { longitude, latitude: 51.2 },
    })
    const [west, east] = piecesOnGrid([piece(-1.9), piece(-1.899)], null)
    expect(west?.outline[0]).toEqual([0, 0])
    expect(west).toMatchObject({ score: 4 })
    // A thousandth of a degree of longitude at 51.2 degrees north: 111,195 m × cos 51.2° ÷ 1,000.
    expect(Math.abs((east?.outline[0]?.[0] ?? 0) - 69.7)).toBeLessThan(0.3)
    expect(piecesOnGrid([piece(-1.899)], origin)[0]?.outline[0]?.[0]).toBeGreaterThan(60)
  })
})

describe('the zones of a stand', () => {
  const open = async (zones: readonly ZoneDto[]) => {
    const mounted = await mountOnStand(
      ZonesPanel,
      { context: 'row-crop', plantId: 'soybean' },
      { '/stands/green/zones': zones, '/zones/': zone() },
    )
    const text = () => mounted.panel.text().replace(/\s+/g, ' ')
    const click = async (words: string) => {
      const button = mounted.panel.findAll('button').find((each) => each.text().startsWith(words))
      await button?.trigger('click')
      await flushPromises()
    }
    return { ...mounted, text, click }
  }

  it('stand with the worst first, each with what pays there and how sure that is', async () => {
    const { panel, text } = await open([bottom, zone()])
    expect(panel.findAll('tbody tr').map((row) => row.find('th').text())).toEqual(['Brow, 4', 'Bottom, 1']) // prettier-ignore
    expect(text()).toMatch(/tolerant variety, EDDHA in the furrow/)
    expect(text()).toMatch(/Bottom, 1 ?stronger variety, none/)
    expect(text()).toContain('Froehlich & Fehr 1981')
  })

  it('are scored from 1 to 5, and nothing else', async () => {
    const { panel, sent } = await open([zone()])
    const field = panel.find('input[aria-label^="Chlorosis score of Brow"]')
    const give = async (score: string) => {
      await field.setValue(score)
      await field.trigger('blur')
    }
    await give('9')
    expect(panel.find('.warn').text()).toContain('Brow: give a score from 1 (green) to 5 (dying).')
    expect(sent).toEqual([])
    await give('3')
    await flushPromises()
    expect(sent).toMatchObject([{ method: 'PATCH', path: '/zones/brow', body: { score: 3 } }])
  })

  it('come from a map with where they lie, and a map that is none is told', async () => {
    const { panel, sent } = await open([])
    const give = async (text: string) => {
      const input = panel.find('input[type="file"]')
      Object.defineProperty(input.element, 'files', {
        value: [new File([text], 'zones.geojson')],
        configurable: true,
      })
      await input.trigger('change')
      for (let round = 0; round < 4; round++) await flushPromises()
    }
    await give('no map')
    expect(panel.find('.warn').text()).toContain('a GeoJSON file; this is no JSON')
    const ring = [[-1.9, 51.2], [-1.897, 51.2], [-1.897, 51.201], [-1.9, 51.201], [-1.9, 51.2]] // prettier-ignore
    const geometry = { type: 'Polygon', coordinates: [ring] }
    await give(JSON.stringify({ type: 'Feature', properties: { name: 'North end' }, geometry }))
    expect(sent).toMatchObject([{ body: { name: 'North end', origin } }])
  })

  it('go out as a map once it is known where they lie', async () => {
    const saved: Blob[] = []
    vi.spyOn(URL, 'createObjectURL').mockImplementation((blob) => {
      saved.push(blob as Blob)
      return 'blob:map'
    })
    vi.spyOn(URL, 'revokeObjectURL').mockReturnValue()
    const unknown = await open([zone()])
    await unknown.click('Save GeoJSON')
    expect(unknown.panel.find('.warn').text()).toContain('lower left corner')
    const { click } = await open([zone({ origin })])
    await click('Save GeoJSON')
    const map = JSON.parse((await saved[0]?.text()) ?? '') as { features: { properties: object }[] }
    expect(map.features[0]?.properties).toMatchObject({
      name: 'Brow',
      variety: 'tolerant variety',
      product: 'EDDHA in the furrow',
    })
  })

  it('are taken away one by one', async () => {
    const { click, sent } = await open([zone()])
    await click('Remove')
    expect(sent).toMatchObject([{ path: '/zones/brow', body: { isTakenAway: true } }])
  })

  it('teach how to begin where there are none', async () => {
    expect((await open([])).text()).toContain('Draw the parts that come pale')
  })
})
