import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  contextNames,
  contexts,
  type Context,
  type Route,
  type StandSize,
} from '../../stand/plant/index.ts'
import { kindIn } from '../../stand/plant/tests/index.ts'
import {
  aimsFor,
  candidateOfProduct,
  candidateOfSource,
  catalogueCandidates,
  courseOf,
  orderChangers,
  rankCandidates,
  type AimId,
  type Candidate,
} from './index.ts'

const sizes: Readonly<Record<StandSize['kind'], StandSize>> = {
  area: { kind: 'area', areaM2: 1000 },
  trunks: { kind: 'trunks', count: 10, diameterM: 0.2 },
  pots: { kind: 'pots', count: 100, potL: 5 },
  solution: { kind: 'solution', volumeL: 1000 },
}
interface Asked {
  readonly pH: number
  readonly doubt?: number
  readonly context?: Context
  readonly aimId?: AimId
  readonly more?: readonly Candidate[]
}
const inputFor = (route: Route, asked: Asked) => {
  const { pH, doubt = 0.2, context = 'turf', aimId, more = [] } = asked
  return {
    ...kindIn(context),
    route,
    aimId: aimId ?? aimsFor(context, route)[0] ?? 'season',
    medium: { pH, doubt },
    size: sizes[contexts[context].sizeKinds[0]],
    candidates: [...catalogueCandidates(), ...more],
  }
}
const rank = (route: Route, asked: Asked) => rankCandidates(inputFor(route, asked))
const ids = (ranked: ReturnType<typeof rank>) => ranked.map(({ candidate }) => candidate.id)
const salts = ['ferrous-sulfate', 'ferrous-sulfate-monohydrate', 'ferrous-ammonium-sulfate']

describe('into soil of pH 7.8', () => {
  const ranked = rank('soil', { pH: 7.8 })

  it('EDDHA leads and the sulfates are last', () => {
    expect(ids(ranked)[0]).toBe('fe-eddha')
    expect(ids(ranked).slice(-3).toSorted()).toEqual(salts.toSorted())
  })

  it('only EDDHA, HBED and their like work, and the sulfates cost what nothing is worth', () => {
    const working = ranked.filter(({ fitness }) => fitness === 'works')
    expect(ids(working)).toEqual(expect.arrayContaining(['fe-eddha', 'fe-hbed']))
    for (const { candidate } of working) expect(candidate.source.leaf.isTooBig).toBe(true)
    expect(ranked.at(-1)?.costPerWorkingKg).toBeUndefined()
    expect(ranked.at(-1)?.reasons.join(' ')).toMatch(/what is paid for it is lost/)
  })

  it('says of HEDTA that practice finds it lasts longer than calculated', () => {
    const hedta = ranked.find(({ candidate }) => candidate.id === 'fe-hedta')
    expect(hedta?.reasons.join(' ')).toMatch(/in practice it lasts longer/)
    expect(ranked[0]?.reasons.join(' ')).not.toMatch(/in practice/)
  })

  it('says which pH would put another first, and at which price', () => {
    const words = orderChangers(inputFor('soil', { pH: 7.8 }), ranked).map((each) => each.words)
    expect(words.join(' ')).toMatch(/At pH 7\.\d and below, Fe-DTPA would lead/)
    const [leader] = ranked
    const dearer = ranked.filter(
      ({ candidate }) => candidate === leader?.candidate || candidate.id === 'fe-hbed',
    )
    const price = orderChangers(inputFor('soil', { pH: 7.8 }), dearer).at(-1)?.words
    expect(price).toMatch(/Fe-HBED would lead if a kilogram of it cost less than/)
    const twins = [leader, leader].filter((each) => each !== undefined)
    expect(orderChangers(inputFor('soil', { pH: 7.8 }), twins).at(-1)?.words).toMatch(/as much/)
  })
})

describe('onto the leaf', () => {
  const ranked = rank('leaf', { pH: 7.8 })

  it('the plain sulfate leads by money, and EDDHA is the wrong route at any pH', () => {
    expect(ids(ranked)[0]).toBe('ferrous-sulfate')
    const eddha = ranked.find(({ candidate }) => candidate.id === 'fe-eddha')
    expect(eddha).toMatchObject({ fitness: 'fails', shortcomings: ['wrong-route'], rates: [] })
    expect(ids(rank('leaf', { pH: 5 }))).toEqual(ids(ranked))
  })

  it('nothing is changed by the pH of the soil', () => {
    const changers = orderChangers(inputFor('leaf', { pH: 7.8 }), ranked)
    expect(changers.every(({ id }) => id === 'price')).toBe(true)
  })
})

describe('into soil of pH 5.8', () => {
  it('goes by money: a sulfate leads, and EDDHA comes after every cheap one that works', () => {
    const ranked = rank('soil', { pH: 5.8 })
    expect(salts).toContain(ids(ranked)[0])
    const working = ids(ranked.filter(({ fitness }) => fitness === 'works'))
    expect(working.indexOf('fe-eddha')).toBeGreaterThan(working.indexOf('fe-edta'))
    expect(working.indexOf('fe-eddha')).toBeGreaterThan(working.indexOf('ferrous-sulfate'))
  })
})

describe('into a solution', () => {
  it('of pH 6.7 the cheapest chelate that holds; the salts precipitate', () => {
    const ranked = rank('solution', { pH: 6.7, context: 'aquaponic' })
    expect(ranked[0]?.fitness).toBe('works')
    expect(ranked[0]?.candidate.source.kind).toBe('chelate')
    expect(ranked.find(({ candidate }) => candidate.id === 'ferrous-sulfate')?.fitness).toBe(
      'fails',
    )
  })
})

describe('what it costs', () => {
  // 50 lb (22.68 kg) of spray grade for 30: 30 / (22.68 × 0.20) = 6.61 for a kilogram of iron.
  const bag = candidateOfProduct({
    id: 'bag',
    name: 'Spray-grade sulfate',
    sourceId: 'ferrous-sulfate',
    label: {
      totals: { Fe: 20 },
      iron: 20,
      sourceIds: ['ferrous-sulfate'],
      ingredientIds: [],
      unknownNames: [],
    },
    pack: { price: 30, kg: 50 * 0.45359237 },
  })

  it('is calculated from the price of the bag', () => {
    const [first] = rankCandidates({ ...inputFor('leaf', { pH: 7 }), candidates: [bag] })
    const share = courseOf(bag, 'leaf', { pH: 7, doubt: 0 }).mean(first?.lastsDays ?? 0).usual
    const perKgIron = (first?.costPerWorkingKg?.usual ?? 0) * share
    expect(Math.abs(perKgIron - 6.614)).toBeLessThan(0.01)
  })

  it('for the stand is amount times price, by application and season', () => {
    const input = inputFor('leaf', { pH: 7, aimId: 'season' })
    const [first] = rankCandidates({ ...input, candidates: [bag] })
    const price = bag.pricePerKg.usual
    const bill = first?.bill
    expect(first?.applications).toBeGreaterThan(2)
    expect(bill?.perApplication.usual).toBeCloseTo((bill?.amount.productKg ?? 0) * price, 9)
    expect(bill?.season.usual).toBeCloseTo(
      (bill?.perApplication.usual ?? 0) * (first?.applications ?? 0),
      9,
    )
  })
})

it('iron that a solution holds already is not paid for again', () => {
  const input = inputFor('solution', { pH: 6.5, context: 'aquaponic' })
  const spent = (presentIronMgPerL: number) =>
    rankCandidates({ ...input, presentIronMgPerL })[0]?.bill?.perApplication.usual ?? -1
  // To 2 mg/L from 0.5 is three quarters of the way from none.
  expect(spent(0.5) / spent(0)).toBeCloseTo(0.75, 9)
  expect(spent(3)).toBe(0)
})

describe('aims', () => {
  it('make a slow drench weak for quick colour, and right for a tree', () => {
    const fitness = (aimId: AimId) =>
      rank('soil', { pH: 7.6, context: 'tree', aimId }).find(
        ({ candidate }) => candidate.id === 'fe-eddha',
      )
    expect(fitness('quick-colour')).toMatchObject({ fitness: 'weak', shortcomings: ['too-slow'] })
    expect(fitness('tree-recovery')).toMatchObject({ fitness: 'works', shortcomings: [] })
  })

  it('are offered by the kind of stand and the route, the usual one first', () => {
    expect(aimsFor('turf', 'leaf')[0]).toBe('quick-colour')
    expect(aimsFor('tree', 'soil')[0]).toBe('tree-recovery')
    expect(aimsFor('turf', 'soil')).not.toContain('tree-recovery')
    expect(aimsFor('hydroponic', 'solution')).not.toContain('feed-soil')
  })
})

describe('what comes along', () => {
  it('nitrogen that greens by itself, and micronutrients that build up, are said', () => {
    const blend = candidateOfProduct({
      id: 'blend',
      name: 'Green blend',
      sourceId: 'ferrous-sulfate',
      label: {
        totals: { N: 20, Fe: 5, Mn: 2 },
        iron: 5,
        sourceIds: ['ferrous-sulfate'],
        ingredientIds: [],
        unknownNames: [],
      },
    })
    const [ranked] = rankCandidates({ ...inputFor('leaf', { pH: 7 }), candidates: [blend] })
    const words = ranked?.reasons.join(' ')
    expect(words).toMatch(/Repeats build up Mn/)
    expect(ranked?.bill?.buildUp[0]?.kgPerM2).toBeGreaterThan(0)
    expect(ranked?.bill?.nitrogenKgPerM2).toBeGreaterThan(0)
  })

  it('a blend of several chelators is judged over every split that its label allows', () => {
    const blend = candidateOfProduct({
      id: 'blend',
      name: 'Three chelates',
      sourceId: 'fe-edta',
      label: {
        totals: { Fe: 9 },
        iron: 9,
        chelated: 9,
        sourceIds: ['fe-eddha', 'fe-edta', 'iron-citrate'],
        ingredientIds: [],
        unknownNames: [],
      },
    })
    const [ranked] = rankCandidates({ ...inputFor('soil', { pH: 7.6 }), candidates: [blend] })
    expect(ranked?.start.low).toBeLessThan(0.01)
    // Room for EDDHA in 54.2 % of its iron, and no more.
    expect(ranked?.start.high).toBeGreaterThan(0.5)
    expect(ranked?.start.high).toBeLessThan(0.6)
    expect(ranked?.fitness).not.toBe('works')
  })
})

describe('a label that cannot be', () => {
  const product = (
    iron: number,
    ids: readonly ('fe-eddha' | 'ferrous-sulfate' | 'ferrous-ammonium-sulfate')[],
  ) =>
    candidateOfProduct({
      id: 'product',
      name: 'Product',
      sourceId: ids[0] ?? 'fe-eddha',
      label: { totals: { Fe: iron }, iron, sourceIds: ids, ingredientIds: [], unknownNames: [] },
    })
  const only = (candidate: Candidate, route: Route) =>
    rankCandidates({ ...inputFor(route, { pH: 8 }), candidates: [candidate] })[0]

  it('is said to be none, and counts for nothing, on the leaf too', () => {
    for (const route of ['soil', 'leaf'] as const) {
      const ranked = only(product(9, ['fe-eddha']), route)
      expect(ranked).toMatchObject({ fitness: 'fails', start: { high: 0 } })
      expect(ranked?.reasons[0]).toMatch(/label cannot be as it stands/)
    }
  })

  it('is not that of salts, which are lost at this pH for another reason', () => {
    const ranked = only(product(12, ['ferrous-sulfate', 'ferrous-ammonium-sulfate']), 'soil')
    expect(ranked?.shortcomings).toEqual([])
    expect(ranked?.fitness).toBe('fails')
  })
})

describe('every ranking', () => {
  const grades = { works: 0, weak: 1, fails: 2 } as const
  const anyAsked = fc
    .record({
      context: fc.constantFrom(...contextNames),
      pH: fc.double({ min: 3.5, max: 9.5, noNaN: true }),
      doubt: fc.double({ min: 0, max: 1, noNaN: true }),
    })
    .chain((asked) =>
      fc.constantFrom(...contexts[asked.context].routes).chain((route) =>
        fc.constantFrom(...aimsFor(asked.context, route)).map((aimId) => ({
          route: route as Route,
          asked: { ...asked, aimId },
        })),
      ),
    )

  it('names each candidate once, what works first and of it the cheapest', () => {
    fc.assert(
      fc.property(anyAsked, ({ route, asked }) => {
        const ranked = rank(route, asked)
        expect(ids(ranked).toSorted()).toEqual(
          catalogueCandidates()
            .map(({ id }) => id)
            .toSorted(),
        )
        const order = ranked.map(({ fitness }) => grades[fitness])
        expect(order).toEqual(order.toSorted())
        const costs = ranked
          .filter(({ fitness }) => fitness === 'works')
          .map((each) => each.costPerWorkingKg?.usual ?? Infinity)
        costs.slice(1).forEach((cost, index) => {
          expect(cost).toBeGreaterThanOrEqual((costs[index] ?? 0) * (1 - 1e-9))
        })
        for (const each of ranked) {
          expect(each.start.low).toBeLessThanOrEqual(each.start.high)
          expect(each.reasons.length).toBeGreaterThan(2)
          const cost = each.costPerWorkingKg
          if (cost) expect(cost.low).toBeLessThanOrEqual(cost.high * (1 + 1e-6))
        }
      }),
    )
  })

  it('leaves out what is no source of iron in a season', () => {
    expect(ids(rank('soil', { pH: 5 }))).not.toContain('iron-oxide')
    expect(candidateOfSource('iron-oxide').source.kind).toBe('slow')
  })
})
