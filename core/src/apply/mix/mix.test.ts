import fc from 'fast-check'
import type { SourceKind } from '../../material/source/index.ts'
import { describe, expect, it } from 'vitest'
import {
  checkSpray,
  clashesIn,
  findPartner,
  mixingOrder,
  partnerKinds,
  placementConflict,
  planFills,
  planTanks,
  standingBeside,
  stockFor,
  stockMaterials,
  tooStrong,
} from './index.ts'

describe('planFills', () => {
  it('splits 100 L over a 15 L backpack into six full fills and one of 10 L', () => {
    const plan = planFills({ productKg: 2, waterL: 100, tankL: 15 })
    expect(plan.fullFills).toBe(6)
    expect(plan.full).toEqual({ waterL: 15, productKg: 0.3 })
    expect(plan.part?.waterL).toBeCloseTo(10, 9)
  })

  it('has no part fill when the tank goes in evenly', () => {
    expect(planFills({ productKg: 1, waterL: 60, tankL: 20 })).toMatchObject({
      fullFills: 3,
      part: undefined,
    })
  })

  it('always adds up to the job, within 1e-9', () => {
    const amount = fc.double({ min: 0.01, max: 500, noNaN: true })
    fc.assert(
      fc.property(amount, amount, amount, (productKg, waterL, tankL) => {
        fc.pre(waterL / tankL < 1900 && tankL >= 0.1)
        const { fullFills, full, part } = planFills({ productKg, waterL, tankL })
        const water = fullFills * full.waterL + (part?.waterL ?? 0)
        const product = fullFills * full.productKg + (part?.productKg ?? 0)
        expect(Math.abs(water / waterL - 1)).toBeLessThan(1e-8)
        expect(Math.abs(product / productKg - 1)).toBeLessThan(1e-8)
        if (part) expect(part.waterL).toBeLessThan(tankL)
      }),
    )
  })

  it.each([0, -4, Number.NaN])('refuses a tank of %s L', (tankL) => {
    expect(() => planFills({ productKg: 1, waterL: 60, tankL })).toThrow(/tankL: expected/)
  })

  it('refuses a thimble for a field', () => {
    expect(() => planFills({ productKg: 1, waterL: 1e6, tankL: 1 })).toThrow(/at most 2000 fills/)
  })
})

describe('checkSpray', () => {
  // 1 oz over 1000 ft²: 1 gal is 43.6 gal/acre.
  const check = (gallons: number, change: object = {}) =>
    checkSpray({
      context: 'turf',
      route: 'leaf',
      source: { id: 'fe-dtpa', kind: 'chelate', nutrient: 'Fe' },
      productKg: 0.028,
      carrierL: gallons * 3.785411784,
      areaM2: 92.90304,
      ...change,
    })
  const ids = (gallons: number, change?: object) => check(gallons, change).map(({ id }) => id)
  const salt = { source: { id: 'ferrous-sulfate', kind: 'salt', nutrient: 'Fe' } }

  it('tells the same rate in 1 and in 4 gal/1000 ft² apart: the second runs off', () => {
    expect(ids(0.9)).toEqual([])
    const [warning] = check(4)
    expect(warning).toMatchObject({ id: 'runs-off', stops: false })
    expect(warning?.words).toMatch(/4.4 times the 40 gal\/acre.*About 29 % of the iron stays/)
  })

  it('stops 400 gal/acre over leaves as the drench it is', () => {
    expect(check(400 / 43.56)[0]).toMatchObject({ id: 'is-a-drench', stops: true })
    expect(check(400 / 43.56, { route: 'soil' })).toEqual([])
  })

  it('lets 2 % on turf pass, and asks for a patch above, where it is not too strong already', () => {
    expect(ids(0.9, { ...salt, productKg: 0.02 * 3.4 })).toEqual([])
    expect(ids(0.9, { ...salt, productKg: 0.025 * 3.4 })).toEqual(['try-first'])
    expect(ids(0.9, { ...salt, productKg: 0.3, isTooStrong: true })).toEqual([])
    expect(ids(0.9, { context: 'shrub', productKg: 0.02 * 3.4 })).toEqual(['try-first'])
  })

  it('lets bushes take the water that their canopy holds, ten times that of a sward', () => {
    expect(ids(7.5)).toEqual(['is-a-drench'])
    expect(ids(7.5, { context: 'shrub' })).toEqual([])
    expect(ids(15, { context: 'shrub' })).toEqual(['runs-off'])
    expect(ids(25, { context: 'shrub' })).toEqual(['is-a-drench'])
  })

  it('warns of heat and of drops that bounce', () => {
    expect(check(0.9, { maxC: 31 })[0]?.words).toMatch(/cool hours only/)
    expect(check(0.9, { maxC: 34 })[0]?.words).toMatch(/burns leaves/)
    const drop = { id: 'very-coarse', label: 'very coarse', held: 0.7, words: 'many bounce off' }
    expect(ids(0.9, { drop })).toEqual(['drops'])
  })

  it('stops what does not dissolve', () => {
    const eddha = { source: { id: 'fe-eddha', kind: 'chelate', nutrient: 'Fe' }, route: 'soil' }
    expect(check(0.1, { ...eddha, productKg: 0.03 })[0]).toMatchObject({
      id: 'solubility',
      stops: true,
    })
  })
})

describe('mixingOrder', () => {
  const salt = { kind: 'salt', nutrient: 'Fe' } as const
  const chelate = { kind: 'chelate', nutrient: 'Fe' } as const
  const order = (input: Omit<Parameters<typeof mixingOrder>[0], 'carrier'>) =>
    mixingOrder({ carrier: 'water', ...input }).join(' ')

  it('waters a drench in, leaves a spray on, and puts powder into water', () => {
    expect(order({ source: chelate, route: 'soil' })).toMatch(/Water it in at once/)
    expect(order({ source: salt, route: 'leaf' })).toMatch(/acid into water/)
    expect(order({ source: chelate, route: 'leaf' })).toMatch(
      /water first, powder second.*Leave it on/,
    )
  })

  it('puts acid first, dry partners before the iron, liquids and wetters after', () => {
    const partners = ['spreader', 'urea', 'growth-regulator'].map((id) => ({
      form: findPartner(id).form,
      words: findPartner(id).name,
    }))
    const words = order({
      source: salt,
      route: 'leaf',
      acid: { words: '12 mL acid', targetPH: 6 },
      partners,
    })
    const places = [
      '12 mL acid',
      'Add urea',
      'Dissolve the iron',
      'Add growth',
      'Add spreader',
      'Top up',
    ]
    const found = places.map((each) => words.indexOf(each))
    expect(found).toEqual(found.toSorted((a, b) => a - b))
    expect(found.every((at) => at >= 0)).toBe(true)
  })

  it('puts acid into the water that it was worked out for, and to the pH that was asked for', () => {
    const words = order({ source: salt, route: 'leaf', acid: { words: '12 mL acid', targetPH: 6 } })
    expect(words).toMatch(
      /^Fill the tank with all its water but a bucket.*Bring the water to pH 6.0/,
    )
    expect(words).toMatch(/measure it before you go on/)
    expect(words).not.toContain('half')
    expect(order({ source: salt, route: 'leaf' })).toMatch(/^Fill the tank half with water/)
  })

  it('waits before watering in where that was chosen', () => {
    expect(order({ source: chelate, route: 'leaf', waterInAfterH: 1 })).toMatch(
      /1 h, then water it in/,
    )
  })
})

describe('partners', () => {
  it('phosphates never go beside a salt, copper never beside anything, urea usually', () => {
    const standing = (id: string, kind: SourceKind) => standingBeside(findPartner(id), kind)
    expect([standing('phosphates', 'salt'), standing('phosphates', 'chelate')]).toEqual([
      'never',
      'doubtful',
    ])
    expect([standing('copper', 'salt'), standing('copper', 'chelate')]).toEqual(['never', 'never'])
    expect(standing('urea', 'salt')).toBe('usually')
    expect(() => findPartner('gin')).toThrow(/a kind of partner/)
  })

  it('that must be watered in contradict iron on the leaf, and the loss of waiting is said', () => {
    const conflict = placementConflict('leaf', findPartner('root-fungicide'))
    const after1 = conflict?.lostAfter(1)
    expect(after1?.low).toBeCloseTo(0.6, 9)
    expect(after1?.high).toBeCloseTo(0.9, 9)
    expect(conflict?.lostAfter(8).usual).toBeLessThan(after1?.usual ?? 0)
    expect(placementConflict('soil', findPartner('root-fungicide'))).toBeUndefined()
    expect(placementConflict('soil', findPartner('herbicide'))?.words).toMatch(/two days/)
    expect(placementConflict('leaf', findPartner('urea'))).toBeUndefined()
  })

  it('all have a reason and a source', () => {
    for (const { why, source, id } of partnerKinds)
      expect([id, why.length > 10, source.length > 5]).toEqual([id, true, true])
  })
})

describe('stock for an injector (derived)', () => {
  const stock = { wantedMgPerL: 2.5, contentShare: 0.06, ratio: 100, stockL: 20 } as const
  it('20 L for 2.5 mg/L at 1:100 with 6 %: 83.33 g, or 84.17 g where a part goes into 100 parts', () => {
    expect(Math.abs(stockFor({ ...stock, reading: 'of' }).productKg * 1000 - 83.33)).toBeLessThan(
      0.005,
    )
    expect(Math.abs(stockFor({ ...stock, reading: 'into' }).productKg * 1000 - 84.17)).toBeLessThan(
      0.005,
    )
    expect(stockFor({ ...stock, reading: 'of' }).feedL).toBe(2000)
  })

  // Glasshouse feed tables of US extension, from memory: oz of 20 % feed per gallon of stock, 1:100.
  it.each([
    [50, 3.38],
    [100, 6.75],
    [200, 13.5],
  ])('%d ppm of a 20 %% feed is %d oz in a gallon of stock', (ppm, ounces) => {
    const { productKg } = stockFor({
      wantedMgPerL: ppm,
      contentShare: 0.2,
      ratio: 100,
      reading: 'into',
      stockL: 3.785411784,
    })
    expect(Math.abs(productKg / 0.028349523125 / ounces - 1)).toBeLessThan(0.005)
  })

  it('too strong to dissolve is told', () => {
    expect(tooStrong('fe-eddha', 59)).toBeUndefined()
    expect(tooStrong('fe-eddha', 61)).toMatchObject({ mostGPerL: 60 })
    expect(() => stockFor({ ...stock, reading: 'of', ratio: 0 })).toThrow(/ratio: expected/)
  })
})

describe('the two-tank rule', () => {
  const pick = (...ids: string[]) => stockMaterials.filter(({ id }) => ids.includes(id))
  it('keeps calcium and chelate apart from sulfate and phosphate', () => {
    const { a, b, clashes } = planTanks(stockMaterials.filter(({ id }) => id !== 'iron-sulfate'))
    expect(a.map(({ id }) => id)).toEqual(['calcium-nitrate', 'iron-chelate', 'potassium-nitrate'])
    expect(b.some(({ id }) => id === 'monopotassium-phosphate')).toBe(true)
    expect(clashes).toEqual([])
  })

  it('never leaves a clash unsaid', () => {
    fc.assert(
      fc.property(fc.subarray([...stockMaterials]), (materials) => {
        const plan = planTanks(materials)
        expect(plan.a.length + plan.b.length).toBe(materials.length)
        expect(plan.clashes).toEqual([...clashesIn(plan.a), ...clashesIn(plan.b)])
      }),
    )
    expect(clashesIn(pick('calcium-nitrate', 'magnesium-sulfate'))).toEqual([
      'calcium nitrate with magnesium sulfate: gypsum falls out',
    ])
  })
})
