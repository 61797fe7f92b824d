import { randomLcg } from 'd3-random'
import { describe, expect, it } from 'vitest'
import { amountFor } from '../../material/rate/index.ts'
import { findSource, ratesFor, sourceIds } from '../../material/source/index.ts'
import { contexts, standKinds, type StandKind, type StandSize } from '../../stand/plant/index.ts'
import { limitStandings, limitsFor, limitWords, standingWords } from './index.ts'

const sizes: Readonly<Record<StandSize['kind'], StandSize>> = {
  area: { kind: 'area', areaM2: 1000 },
  trunks: { kind: 'trunks', count: 50, diameterM: 0.1 },
  pots: { kind: 'pots', count: 100, potL: 4 },
  solution: { kind: 'solution', volumeL: 1000 },
}
const sizeOf = ({ context }: StandKind) => sizes[contexts[context].sizeKinds[0]]

/** Every offer of a rate: what a grower can choose. */
const offers = standKinds.flatMap((kind) =>
  contexts[kind.context].routes.flatMap((route) =>
    sourceIds.flatMap((sourceId) =>
      ratesFor(kind, route, sourceId).map((rate) => ({ kind, route, sourceId, rate })),
    ),
  ),
)
type Offered = (typeof offers)[number]

/** Work at a rate and its water, both by a share of the span of the table and beyond. */
function workAt({ kind, route, sourceId, rate }: Offered, rateValue: number, carrierValue: number) {
  const size = sizeOf(kind)
  // What is poured by the ounce is a liquid of low analysis.
  const contentShare = rate.unit.startsWith('fl oz/1000')
    ? 0.05
    : findSource(sourceId).contentShare.usual
  const { productKg, carrierL } = amountFor({
    rate,
    rateValue,
    size,
    measures: { plantCount: 50 },
    densityKgPerL: 1.2,
    contentShare,
    ...(rate.carrier ? { carrierValue } : {}),
  })
  return { ...kind, route, sourceId, size, measures: { plantCount: 50 }, productKg, carrierL, contentShare } // prettier-ignore
}

/**
 * The stops of the trade once more, in store units and by hand, apart from the table that the app
 * judges by: kg of nutrient or product on a m², a cm of trunk, a plant, a litre (from memory of
 * labels, bulletins and journals, as the handbook of this project has them).
 */
function isOverByHand(work: ReturnType<typeof workAt>): boolean {
  const { context, growth, route, sourceId, productKg, carrierL, contentShare, size } = work
  const source = findSource(sourceId)
  const isSalt = source.kind === 'salt'
  const isStrong = /eddh|hbed|hjb/.test(sourceId)
  const nutrientKg = productKg * contentShare
  const areaM2 = size.kind === 'area' ? size.areaM2 : Infinity
  const perHa = (nutrientKg / areaM2) * 1e4
  const productPerHa = (productKg / areaM2) * 1e4
  const percent = (productKg / carrierL) * 100
  const trunkCm = size.kind === 'trunks' ? size.diameterM * 100 * size.count : Infinity
  const gPerCm = (productKg * 1000) / trunkCm
  const over = (value: number, stop: number) => value > stop * 1.02
  if (route === 'solution') {
    const mgPerL = (nutrientKg * 1e6) / 1000
    const stops = context === 'aquaponic' ? { Fe: 5, Mn: 1, Zn: 0.3, Mg: 160 } : { Fe: 10, Mn: 2, Zn: 1, Mg: 160 } // prettier-ignore
    return over(mgPerL, stops[source.nutrient as keyof typeof stops])
  }
  if (route === 'leaf' && source.nutrient === 'Fe') {
    if (context === 'container') return over(percent, 0.2)
    if (context === 'tree') return over(percent, 1.5)
    if (context === 'shrub') return over(percent, 1.5) || over(perHa, 12.33)
    if (context === 'row-crop') return isSalt ? over(percent, 4) || over(perHa, 3.36) : over(percent, 1.5) || over(perHa, 0.673) // prettier-ignore
    if (!isSalt) return over(perHa, 4.48)
    return over(percent, 4.5) || over(perHa, growth === 'fine turf' ? 4.93 : 9.86)
  }
  if (route === 'leaf') {
    if (source.nutrient === 'Mg') return over(percent, 4)
    if (context === 'container') return over(percent, 0.4)
    if (context === 'tree' || context === 'shrub') return over(percent, 1)
    return over(percent, 4) || over(perHa, source.nutrient === 'Mn' ? 4.48 : 3.36)
  }
  if (source.nutrient !== 'Fe') {
    if (sourceId === 'dolomite') return over(productPerHa, 8070)
    if (context === 'container') return over(percent, 1.004)
    return over(perHa, { Mn: 38.1, Zn: 29.1, Mg: 123.3 }[source.nutrient as 'Mn' | 'Zn' | 'Mg'])
  }
  if (source.kind === 'slow') return over((productKg * 1000) / 50, 1270)
  if (context === 'container') return over(percent, 0.2022)
  if (context === 'tree') {
    if (!isStrong) return over(gPerCm, 44.6)
    if (growth === 'vine') return over((productKg * 1000) / 50, 45.4)
    return over(gPerCm, growth === 'orchard' ? 23.4 : 67)
  }
  if (isStrong) return over(productPerHa, context === 'row-crop' ? 10.09 : 36.6)
  if (!isSalt) return over(perHa, sourceId === 'iron-humate' ? 56 : 11.21)
  if (context === 'row-crop') return over(perHa, 11.21)
  return over(perHa, growth === 'fine turf' ? 9.86 : 29.14)
}

describe('limits without a label', () => {
  it('hold every offer: none is left without one, and each can be compared with one', () => {
    for (const offer of offers) {
      const name = `${offer.kind.context} ${offer.kind.growth} ${offer.route} ${offer.sourceId}`
      expect(limitsFor(offer.kind, offer.route, offer.sourceId).length, name).toBeGreaterThan(0)
      const work = workAt(offer, offer.rate.rate.usual, offer.rate.carrier?.usual ?? 0)
      expect(limitStandings(work).length, name).toBeGreaterThan(0)
    }
  })

  it('let the usual rate of practice pass in its usual water, and stop the highest nowhere in the most water', () => {
    for (const offer of offers) {
      const { rate } = offer
      const name = `${offer.kind.context} ${offer.kind.growth} ${offer.sourceId} ${rate.id}`
      const usual = limitStandings(workAt(offer, rate.rate.usual, rate.carrier?.usual ?? 0))
      expect(
        usual.filter(({ kind }) => kind !== 'within'),
        name,
      ).toEqual([])
      const most = limitStandings(workAt(offer, rate.rate.high, rate.carrier?.high ?? 0))
      expect(
        most.filter(({ kind }) => kind === 'over stop'),
        name,
      ).toEqual([])
    }
  })

  it('agree with a table made by hand, in 2,000 offers from a fifth to fifty times the rate', () => {
    const random = randomLcg(0.31)
    let stopped = 0
    for (let index = 0; index < 2000; index++) {
      const offer = offers[Math.floor(random() * offers.length)] as Offered
      const { rate } = offer
      const work = workAt(offer, rate.rate.usual * 10 ** (random() * 2.4 - 0.7), (rate.carrier?.usual ?? 0) * 10 ** (random() - 0.5)) // prettier-ignore
      const isStopped = limitStandings(work).some(({ kind }) => kind === 'over stop')
      const name = `${offer.kind.context} ${offer.kind.growth} ${offer.sourceId} ${rate.id} ${work.productKg} kg`
      if (isOverByHand(work)) {
        stopped++
        expect(isStopped, name).toBe(true)
      }
    }
    expect(stopped).toBeGreaterThan(500)
  })

  it('count what a solution holds already', () => {
    const loop = {
      ...({ context: 'aquaponic', growth: 'vegetable', route: 'solution' } as const),
      sourceId: 'fe-dtpa',
      size: sizes.solution,
      carrierL: 0,
      contentShare: 0.1,
      productKg: 0.03,
    } as const
    const kinds = (presentMgPerL: number) =>
      limitStandings({ ...loop, presentMgPerL }).map(({ kind }) => kind)
    expect([kinds(0), kinds(1), kinds(3)]).toEqual([['within'], ['over high'], ['over stop']])
  })

  it('hold vines by the plant, and by the ground where it is known', () => {
    const vines = {
      ...({ context: 'tree', growth: 'vine', route: 'soil' } as const),
      sourceId: 'fe-eddha',
      size: { kind: 'trunks', count: 1000, diameterM: 0.04 },
      carrierL: 2000,
      contentShare: 0.06,
      productKg: 10,
    } as const
    expect(limitStandings(vines).map(({ kind }) => kind)).toEqual(['within'])
    // Ten thousand vines on a hectare: 10 g each is 100 kg/ha.
    const close = limitStandings({ ...vines, measures: { groundM2: 1000 } })
    expect(close.map(({ kind }) => kind)).toEqual(['within', 'over stop'])
  })

  it('say in both systems what is borne, what happens above it, and what to do', () => {
    const [limit] = limitsFor({ context: 'turf', growth: 'fine turf' }, 'soil', 'ferrous-sulfate')
    if (!limit) throw new Error('no limit')
    expect(limitWords(limit, limit.stop)).toBe('8.8 lb/acre (9.86 kg/ha) of iron')
    const standing = { limit, value: 12, stop: limit.stop, kind: 'over stop' } as const
    expect(standingWords(standing, false)).toMatch(
      /12 lb\/acre.* is too much: over 8.8 .* grass blackens\. Lower the rate/,
    )
  })
})
