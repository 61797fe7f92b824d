import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { measureGround } from '../../stand/ground/index.ts'
import { buildSheet, type SheetInput } from './index.ts'

const green: SheetInput = {
  system: 'us',
  today: '2026-05-01',
  placeName: 'Vennlow Estate',
  stand: { name: 'Bowling green', context: 'turf', size: { kind: 'area', areaM2: 1000 } },
  job: { title: 'Ferrous sulfate, spray grade', dueOn: '2026-05-03', share: 1 },
  work: {
    route: 'leaf',
    sourceId: 'ferrous-sulfate',
    productKg: 0.7,
    waterL: 35,
    tankL: 15,
    partners: [],
  },
  looks: [{ title: 'Look for the first change', dueOn: '2026-05-06' }],
}
const withWork = (
  work: Partial<SheetInput['work']>,
  rest: Partial<SheetInput> = {},
): SheetInput => ({
  ...green,
  ...rest,
  work: { ...green.work, ...work },
})

describe('a sheet', () => {
  it('says what goes into each fill, and ticks every one off', () => {
    const { full, part, boxes, where, when } = buildSheet(green)
    expect([where, when]).toEqual(['Vennlow Estate, Bowling green, 10,764 ft²', '3 May'])
    expect([full?.water, full?.product]).toEqual(['3.96 gal', '10.6 oz'])
    expect([part?.water, part?.product]).toEqual(['1.32 gal', '3.53 oz'])
    expect(boxes.map(({ isPart }) => isPart)).toEqual([false, false, true])
    expect(boxes.map(({ endsAt }) => endsAt)).toEqual([
      'after 4,613 ft²',
      'after 9,226 ft²',
      'after 10,764 ft²',
    ])
  })

  it('says where a fill ends on ground that was drawn, in trees and in pots', () => {
    const { outline } = measureGround({ kind: 'sides', lengthM: 40, widthM: 25 })
    const drawn = { ...green, stand: { ...green.stand, outline } }
    expect(buildSheet(drawn).boxes[0]?.endsAt).toBe('56 ft along')
    const trees: SheetInput = {
      ...withWork({ waterL: 60, tankL: 20 }),
      stand: {
        name: 'Avenue',
        context: 'tree',
        size: { kind: 'trunks', count: 24, diameterM: 0.3 },
      },
    }
    expect(buildSheet(trees).boxes.map(({ endsAt }) => endsAt)).toEqual([
      'after tree 8 of 24',
      'after tree 16 of 24',
      'after the last tree',
    ])
    const pots: SheetInput = {
      ...trees,
      stand: { name: 'House', context: 'container', size: { kind: 'pots', count: 100, potL: 3 } },
    }
    expect(buildSheet(pots).boxes[0]?.endsAt).toBe('in pot 34 of 100')
  })

  it('a 2-inch trunk at 1 oz per inch: 2 oz = 4 tbsp in a 5 gal bucket (common practice)', () => {
    const tree: SheetInput = {
      ...withWork({
        route: 'soil',
        sourceId: 'fe-eddha',
        productKg: 0.056699,
        waterL: 18.927,
        tankL: 18.927,
        densityKgPerL: 0.9586,
      }),
      stand: {
        name: 'Young oak',
        context: 'tree',
        size: { kind: 'trunks', count: 1, diameterM: 0.0508 },
      },
    }
    expect(buildSheet(tree).full).toMatchObject({
      product: '2 oz',
      spoons: '4 level tbsp',
      water: '5 gal',
    })
  })

  it('brings the water down first, by so much acid a fill', () => {
    const conditioning = { alkalinityMgPerLCaCO3: 250, pH: 8.2, acidId: 'citric', targetPH: 5.5 }
    const { full, order, cautions } = buildSheet(withWork({ conditioning }))
    // 430 g/m³ (derived) in 15 L are 6.45 g.
    expect(full?.acid).toBe('6.4 g citric acid, powder')
    expect(order.join(' ')).toMatch(/pH 5.5: 6.4 g citric acid/)
    expect(cautions.join(' ')).toMatch(/never water into acid/)
  })

  it('says what the sprayer puts out and when the plan counts on something else', () => {
    const setup = { kind: 'backpack', tankL: 15 } as const
    const lines = (rateLPerM2?: number) =>
      buildSheet({
        ...green,
        sprayer: {
          name: 'Blue backpack',
          setup,
          ...(rateLPerM2 === undefined
            ? {}
            : { calibration: { measuredOn: '2026-04-20', rateLPerM2, how: 'walk' } }),
        },
      }).sprayer.join(' | ')
    expect(lines()).toMatch(/Not calibrated. The plan counts on 0.859 gal\/1000 ft²/)
    expect(lines(0.035)).toBe('Blue backpack | puts out 0.859 gal/1000 ft², measured 20 Apr')
    expect(lines(0.05)).toMatch(/change speed or pressure/)
  })

  it('has nozzle, pressure and pace of a boom in the units of the place', () => {
    const setup = {
      kind: 'boom',
      tankL: 400,
      nozzleKind: 'flat-fan',
      nozzleSize: '03',
      nozzleCount: 12,
      spacingM: 0.5,
      pressureBar: 3,
      speedKmPerH: 6,
    } as const
    const boom = (system: 'us' | 'metric') =>
      buildSheet({ ...green, system, sprayer: { name: 'Boom', setup } }).sprayer.join(' | ')
    expect(boom('metric')).toMatch(/size 03 \(blue\), 50 cm apart \| 3 bar, 6 km\/h: 30 m in 18 s/)
    expect(boom('us')).toMatch(/20 in apart \| 44 psi, 3.7 mph: 100 ft in 18 s/)
  })

  it('carries the cautions of the job and when to look again', () => {
    const { cautions, after, order } = buildSheet(
      withWork(
        { partners: [{ kindId: 'growth-regulator', name: 'Regulator', dose: '5 mL/100 m2' }] },
        {
          product: { name: 'Sulfate', lot: 'A-17', hazards: 'Harmful when swallowed.' },
          sprayer: { name: 'Jar', setup: { kind: 'hose-end', tankL: 1 } },
        },
      ),
    )
    const words = cautions.join(' ')
    expect(words).toMatch(
      /label is the law.*pesticide is in the tank.*backflow.*On its label: Harmful/,
    )
    expect(order.join(' ')).toMatch(/Add Regulator, 5 mL\/100 m2; let it mix/)
    expect(after.at(-1)).toBe('6 May: look for the first change.')
  })

  it('of granules has no fills, and of a loop watches the fish', () => {
    expect(buildSheet(withWork({ waterL: 0 })).boxes).toEqual([])
    const loop = buildSheet(withWork({ route: 'solution', sourceId: 'fe-dtpa', waterL: 0 }))
    expect(loop.order[2]).toMatch(/farthest from any fish/)
    expect(loop.after[0]).toMatch(/fish/)
  })

  it('has no boxes to tick where there would be a hundred', () => {
    expect(buildSheet(withWork({ waterL: 5000, tankL: 15 })).boxes).toEqual([])
  })

  it('adds up to its job whatever the tank, and ends every fill further on than the last', () => {
    const number = (min: number, max: number) => fc.double({ min, max, noNaN: true })
    const { outline } = measureGround({ kind: 'circle', diameterM: 36 })
    fc.assert(
      fc.property(number(10, 200), number(8, 60), number(0.05, 5), (waterL, tankL, productKg) => {
        const input = withWork({ waterL, tankL, productKg }, { stand: { ...green.stand, outline } })
        const { boxes, full, part } = buildSheet({ ...input, system: 'metric' })
        const fullCount = boxes.filter(({ isPart }) => !isPart).length
        const litres = (words = '0') =>
          Number(words.replace(/[^\d.]/g, '')) / (words.endsWith('mL') ? 1000 : 1)
        const sum = fullCount * litres(full?.water) + litres(part?.water)
        // Three figures are printed of each.
        expect(Math.abs(sum / waterL - 1)).toBeLessThan(0.006)
        const along = boxes.map(({ endsAt }) => Number.parseInt(endsAt ?? '', 10))
        expect(along).toEqual(along.toSorted((a, b) => a - b))
        expect(Math.abs((along.at(-1) ?? 0) - 36)).toBeLessThanOrEqual(1)
      }),
      { numRuns: 60 },
    )
  })
})
