import { candidateOfProduct, catalogueCandidates } from '@spudder/core/material/choice'
import { describe, expect, it } from 'vitest'
import { perGround } from '../../shared/units/per-ground.ts'
import { neverOffered, offersFor, type OfferFacts } from './offers.ts'

const facts: OfferFacts = {
  nutrient: 'Fe',
  context: 'turf',
  growth: 'lawn turf',
  route: 'soil',
  aimId: 'season',
  medium: { pH: 7.8, doubt: 0.2 },
  size: { kind: 'area', areaM2: 1444 },
  shelf: [],
  presentIronMgPerL: undefined,
  isPHKnown: true,
  plantPH: { low: 6, high: 7 },
}
const tub = candidateOfProduct({
  id: 'tub',
  name: 'Red tub',
  sourceId: 'fe-eddha',
  label: {
    totals: { Fe: 6 },
    iron: 6,
    orthoOrtho: 4.8,
    sourceIds: ['fe-eddha'],
    ingredientIds: [],
    unknownNames: [],
  },
  pack: { price: 58, kg: 2.268 },
})

describe('what is offered', () => {
  it('is the shelf and the catalogue in one order, each under its own id', () => {
    const offers = offersFor({ ...facts, shelf: [tub] })
    expect(offers[0]).toMatchObject({ id: 'tub', origin: 'shelf', sourceId: 'fe-eddha' })
    expect(offers[1]).toMatchObject({ id: 'fe-eddha', origin: 'catalogue' })
    expect(offers).toHaveLength(1 + catalogueCandidates().length)
  })

  it('says stain, first change and organic growing', () => {
    const [first] = offersFor({ ...facts, shelf: [tub] })
    expect(first?.facts).toEqual([
      'first change in 5-9 days',
      'stains red',
      'seldom allowed in organic growing',
    ])
  })

  it('has a bill for the stand, by application and season', () => {
    const [first] = offersFor({ ...facts, shelf: [tub] })
    // 2 oz/1000 ft² over 1444 m² is 0.8813 kg, at 58 / 2.268 a kilogram.
    expect(first?.perApplication?.usual).toBeCloseTo(0.8813 * (58 / 2.268), 1)
    expect(first?.season?.usual).toBeCloseTo(
      (first?.perApplication?.usual ?? 0) * (first?.applications ?? 0),
      6,
    )
  })

  it('counts nitrogen of an application and micronutrients of a season by the ground', () => {
    const blend = candidateOfProduct({
      id: 'blend',
      name: 'Blend',
      sourceId: 'fe-eddha',
      label: { ...tub.label, totals: { Fe: 3, N: 5, Mn: 2 }, iron: 3, orthoOrtho: 2.4 },
    })
    const offer = offersFor({ ...facts, shelf: [blend] }).find(({ id }) => id === 'blend')
    expect(offer?.facts).toContain('5 % nitrogen')
    // 2 oz/1000 ft² is 6.103 kg/ha of product.
    expect((offer?.nitrogenKgPerM2 ?? 0) * 1e4).toBeCloseTo(6.103 * 0.05, 3)
    expect(offer?.buildUp.map(({ nutrient }) => nutrient)).toEqual(['Mn'])
    expect(perGround(offer?.nitrogenKgPerM2 ?? 0, 'metric')).toBe('0.31 kg/ha')
    expect(perGround(offer?.nitrogenKgPerM2 ?? 0, 'us')).toMatch(/^0\.006[23] lb\/1000 ft²$/)
  })

  it('of magnesium has its own sources, with what they cost at work', () => {
    const offers = offersFor({ ...facts, nutrient: 'Mg', route: 'leaf' })
    expect(offers[0]).toMatchObject({ id: 'epsom-salt', nutrientWord: 'magnesium' })
    expect(offers[0]?.candidate).toBeUndefined()
    expect(offers[0]?.reasons[0]).toMatch(/About 90 % of its magnesium is of use on the leaf/)
    // Dolomite is spread, not sprayed.
    expect(offers.find(({ id }) => id === 'dolomite')).toMatchObject({
      fitness: 'fails',
      rates: [],
    })
  })

  it('never is oxide or mined grains', () => {
    expect(neverOffered().map(({ id }) => id)).toEqual(['iron-oxide', 'iron-granules'])
    const ids = offersFor({ ...facts, medium: { pH: 5, doubt: 0.1 } }).map(({ id }) => id)
    expect(ids).not.toContain('iron-oxide')
  })
})
