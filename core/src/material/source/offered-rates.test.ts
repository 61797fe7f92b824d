import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { kindIn } from '../../stand/plant/tests/index.ts'
import { dimensionOf, parseUnit, quantityOf, valueIn } from '../../base/quantity/index.ts'
import { isNone } from '../../base/reference/index.ts'
import { contexts, standKinds, type StandSize } from '../../stand/plant/index.ts'
import { amountFor, rateBases } from '../rate/index.ts'
import {
  allRates as rates,
  checkChosenRate,
  findRate,
  findSource,
  ironSourceIds,
  offeredRates,
  ratesFor,
  responseFor,
  sourcesWithRate,
} from './index.ts'

const sizes: Readonly<Record<StandSize['kind'], StandSize>> = {
  area: { kind: 'area', areaM2: 1000 },
  trunks: { kind: 'trunks', count: 10, diameterM: 0.1 },
  pots: { kind: 'pots', count: 100, potL: 3 },
  solution: { kind: 'solution', volumeL: 1000 },
}
const everyUse = rates.flatMap((rate) =>
  rate.contexts.flatMap((context) =>
    sourcesWithRate(rate.id).map((sourceId) => ({ rate, context, sourceId })),
  ),
)
const amountOf = ({ rate, context, sourceId }: (typeof everyUse)[number], value: number) =>
  amountFor({
    rate,
    rateValue: value,
    size: sizes[contexts[context].sizeKinds[0]],
    measures: { plantCount: 40 },
    densityKgPerL: 0.8,
    contentShare: findSource(sourceId).contentShare.usual,
    ...(rate.carrier ? { carrierValue: rate.carrier.usual } : {}),
  })

describe('the rate table', () => {
  it.each(rates.map((rate) => [rate.id, rate] as const))('%s is in order', (id, rate) => {
    expect(findRate(id)).toBe(rate)
    const { low, usual, high } = rate.rate
    expect(0 < low && low <= usual && usual <= high).toBe(true)
    const spooned = dimensionOf(parseUnit(rate.unit)).replace(/^volume/, 'mass')
    expect(spooned).toBe(rateBases[rate.basis].dimension)
    if (rate.carrier) {
      expect(rate.carrier.low).toBeLessThanOrEqual(rate.carrier.usual)
      expect(rate.carrier.usual).toBeLessThanOrEqual(rate.carrier.high)
    }
    if (rate.intervalDays) expect(rate.intervalDays.low).toBeLessThan(rate.intervalDays.high)
  })

  it('gives an amount for every context and source that it names, and knows the response', () => {
    for (const use of everyUse) {
      const { productKg, nutrientKg } = amountOf(use, use.rate.rate.usual)
      expect(productKg).toBeGreaterThan(0)
      expect(nutrientKg).toBeLessThan(productKg)
      expect(contexts[use.context].routes).toContain(use.rate.route)
      const response = responseFor(use.rate.route, use.sourceId, use.context)
      expect(response.firstChange.high).toBeLessThan(response.full.high)
    }
  })

  it('offers a rate for some source by every way in of every kind of stand', () => {
    for (const kind of standKinds) {
      for (const route of contexts[kind.context].routes) {
        const offered = ironSourceIds.flatMap((id) => ratesFor(kind, route, id))
        expect(offered.length, `${kind.context} ${kind.growth} ${route}`).toBeGreaterThan(0)
      }
    }
  })

  it('puts no sulfate into a loop with fish, and no EDDHA onto leaves', () => {
    expect(ratesFor(kindIn('aquaponic'), 'solution', 'ferrous-sulfate')).toEqual([])
    for (const context of ['turf', 'tree', 'container', 'row-crop'] as const) {
      expect(ratesFor(kindIn(context), 'leaf', 'fe-eddha')).toEqual([])
    }
    expect(offeredRates(kindIn('aquaponic'), 'solution', 'ferrous-sulfate')).toEqual({
      none: expect.stringMatching(/rust/) as unknown,
    })
    expect(isNone(offeredRates(kindIn('turf'), 'leaf', 'fe-dtpa'))).toBe(false)
    expect(() =>
      checkChosenRate(kindIn('aquaponic'), 'solution', 'ferrous-sulfate', 'solution-aquaponic'),
    ).toThrow(/a rate that suits/)
  })

  it('keeps leaf sprays of chelates within what stays on the leaf (common practice: 40 gal/acre)', () => {
    const { carrier } = findRate('leaf-chelate-iron-per-area')
    expect(valueIn(quantityOf(carrier?.high ?? 0, carrier?.unit ?? ''), 'gal/acre')).toBe(40)
  })
})

describe('amounts', () => {
  const anyUse = fc.constantFrom(...everyUse)
  const factor = fc.double({ min: 0.2, max: 5, noNaN: true })

  it('grow in proportion to the rate', () => {
    fc.assert(
      fc.property(anyUse, factor, (use, times) => {
        const once = amountOf(use, use.rate.rate.usual)
        const more = amountOf(use, use.rate.rate.usual * times)
        expect(Math.abs(more.productKg / once.productKg / times - 1)).toBeLessThan(1e-9)
      }),
    )
  })

  it('are nutrient by the share on the label', () => {
    fc.assert(
      fc.property(anyUse, (use) => {
        const { productKg, nutrientKg } = amountOf(use, use.rate.rate.usual)
        const share = findSource(use.sourceId).contentShare.usual
        expect(Math.abs(nutrientKg / productKg / share - 1)).toBeLessThan(1e-9)
      }),
    )
  })
})
