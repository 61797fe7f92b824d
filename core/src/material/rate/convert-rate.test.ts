import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import {
  convertRate,
  isOverMaximum,
  labelRateText,
  labelStanding,
  rateBases,
  readRate,
  sameRate,
  type RateFacts,
} from './index.ts'

/** A stand of which everything is known. */
const facts: RateFacts = {
  amounts: {
    area: 929.0304,
    trunk: 0.508,
    plant: 10,
    row: 120,
    medium: 300,
    carrier: 40,
    solution: 400,
  },
  contentShare: 0.06,
  densityKgPerL: 0.9586,
}
const units = {
  area: ['oz/1000 ft2', 'fl oz/1000 ft2', 'kg/ha', 'L/ha', 'lb/acre', 'g/m2'],
  trunk: ['oz/in', 'tbsp/in', 'g/cm'],
  plant: ['g/plant', 'cup/plant', 'tsp/pot', 'oz/tree'],
  row: ['g/m', 'tbsp/ft'],
  medium: ['g/L', 'tsp/gal'],
  carrier: ['g/10 L', 'oz/100 gal', 'tbsp/gal'],
  solution: ['mg/L', 'mL/L'],
} as const
const everyWay = Object.entries(rateBases).flatMap(([basis, { by }]) =>
  units[by].map((unit) => ({ basis: basis as keyof typeof rateBases, unit })),
)
const anyWay = fc.constantFrom(...everyWay, { basis: 'spray-strength', unit: '%' } as const)

describe('convertRate', () => {
  it('takes any rate to any other and back within 1e-9', () => {
    fc.assert(
      fc.property(
        anyWay,
        anyWay,
        fc.double({ min: 1e-3, max: 1e4, noNaN: true }),
        (from, to, value) => {
          const back = convertRate(convertRate({ ...from, value }, to, facts), from, facts)
          expect(Math.abs(back.value / value - 1)).toBeLessThan(1e-9)
        },
      ),
      { numRuns: 2000 },
    )
  })

  it('gives the same by way of a third', () => {
    fc.assert(
      fc.property(anyWay, anyWay, anyWay, (from, by, to) => {
        const said = { ...from, value: 3 }
        const straight = convertRate(said, to, facts).value
        expect(
          Math.abs(convertRate(convertRate(said, by, facts), to, facts).value / straight - 1),
        ).toBeLessThan(1e-9)
      }),
    )
  })

  it.each([
    ['oz/1000 ft2', 'oz/in', 'product-per-trunk', { area: 90 }, /how many and how thick/],
    ['oz/1000 ft2', '%', 'spray-strength', { area: 90 }, /the water it goes out in/],
    ['oz/1000 ft2', 'mg/L', 'product-in-solution', { area: 90 }, /how much is in the loop/],
    ['fl oz/1000 ft2', 'kg/ha', 'product-per-area', { area: 90 }, /weight of a level spoon/],
    ['oz/1000 ft2', 'lb/acre', 'iron-per-area', { area: 90 }, /percentage of the nutrient/],
  ] as const)(
    'refuses %s as %s, and says what has to be known',
    (unit, other, basis, amounts, reason) => {
      const from = { basis: 'product-per-area', unit, value: 1 } as const
      expect(() => convertRate(from, { basis, unit: other }, { amounts })).toThrow(reason)
    },
  )

  it('refuses a unit that says another thing', () => {
    const area = { basis: 'product-per-area', unit: 'oz/in', value: 1 } as const
    expect(() => convertRate(area, area, facts)).toThrow(/per m2 for product per area/)
  })
})

describe('readRate', () => {
  const row = { basis: 'product-per-area', unit: 'kg/ha' } as const
  it.each([
    ['6.10304 kg/ha', 6.10304],
    ['2 oz/1000 ft2', 6.10304],
    ['2 oz product per 1000 ft2', 6.10304],
    ['0.3661824 kg Fe/ha', 6.10304],
    ['0.3661824 kg iron per ha', 6.10304],
    // 40 L over 929.03 m²: 1 % is 10 g in each of them.
    ['1 %', 0.4 / 0.09290304],
    ['1 g/10 L', 0.004 / 0.09290304],
    ['2 g/plant', 0.02 / 0.09290304],
    ['1 g/cm', 0.0508 / 0.09290304],
  ])('reads %s as %d kg/ha', (text, value) => {
    expect(Math.abs(readRate(text, row, facts) / value - 1)).toBeLessThan(1e-6)
  })

  it('takes "per M" for a thousand square feet, also where a row is measured, and m for a metre', () => {
    const turf = { basis: 'product-per-area', unit: 'oz/1000 ft2' } as const
    const known = { amounts: { area: 1000, row: 200 } }
    expect(readRate('2 oz/M', turf, known)).toBeCloseTo(2, 9)
    expect(readRate('3 lb per M', turf, known)).toBeCloseTo(48, 6)
    // 2 oz on every metre of row.
    expect(readRate('2 oz/m', turf, known)).toBeGreaterThan(30)
  })

  it('takes scoops, once one of them was weighed', () => {
    const drench = { basis: 'drench-strength', unit: 'g/10 L' } as const
    expect(readRate('2 scoops per 10 L', drench, { ...facts, scoopKg: 0.004 })).toBeCloseTo(8, 9)
    expect(readRate('1/2 scoop/plant', row, { ...facts, scoopKg: 0.004 })).toBeCloseTo(
      0.02 / 0.09290304,
      6,
    )
    expect(() => readRate('2 scoops/10 L', drench, facts)).toThrow(/weight of a level scoop/)
  })

  it('takes a weight per volume as the row means it', () => {
    const pots = { basis: 'product-per-medium', unit: 'g/L' } as const
    const loop = { basis: 'iron-in-solution', unit: 'mg/L' } as const
    expect(readRate('2 g/L', pots, facts)).toBeCloseTo(2, 9)
    expect(readRate('2 mg/L', loop, facts)).toBeCloseTo(2, 9)
  })

  it.each([
    ['2 oz', /a rate such as 1 kg\/ha/],
    ['two', /a number with a unit/],
    ['1 lb Fe/in', /nobody counts nutrient that way/],
  ])('refuses %s', (text, reason) => expect(() => readRate(text, row, facts)).toThrow(reason))

  it('does not add product where a strength is wanted', () => {
    const loop = { basis: 'iron-in-solution', unit: 'mg/L' } as const
    expect(() => readRate('5 g product/100 L', loop, facts)).toThrow(/iron wanted in the solution/)
  })
})

describe('the same rate in other words', () => {
  it('says what the facts allow, and what the rest wants to know', () => {
    const lawn = { amounts: { area: 92.90304 }, contentShare: 0.2 }
    const { said, unsaid } = sameRate(0.056699, lawn, 'us')
    expect(said.map(({ unit, value }) => `${value.toFixed(2)} ${unit}`)).toEqual([
      '2.00 oz/1000 ft2',
      '5.44 lb/acre',
      '1.09 lb/acre',
    ])
    expect(unsaid.map(({ basis }) => basis)).toEqual(['product-per-plant', 'product-per-row'])
  })
})

describe('labelStanding', () => {
  const lawn: RateFacts = { amounts: { area: 929.0304 }, densityKgPerL: 1.2 }
  const most = 0.283495231 // 1 oz/1000 ft² over 10,000 ft²

  it('is a hard limit: a thousandth over is over', () => {
    const maximum = { value: 1, unit: 'oz/1000 ft2' }
    expect(labelStanding(maximum, most, lawn)).toMatchObject({ kind: 'within' })
    expect(labelStanding(maximum, most * 1.001, lawn)).toMatchObject({ kind: 'over' })
    expect(labelStanding(undefined, 1e6, lawn)).toEqual({ kind: 'none' })
  })

  it('compares by whatever the label counts', () => {
    const poured = labelStanding({ value: 16, unit: 'fl oz/1000 ft2' }, 6, lawn)
    // 160 fl oz of 1.2 kg/L weigh 5.678 kg.
    expect(poured).toMatchObject({ kind: 'over' })
    expect(labelStanding({ value: 2, unit: '%' }, 1, { amounts: { carrier: 50 } })).toMatchObject({
      kind: 'within',
      mostKg: 1,
    })
    expect(
      labelStanding({ value: 2, unit: 'g/plant' }, 1, { amounts: { plant: 100 } }),
    ).toMatchObject({ kind: 'over', wouldBe: 10 })
  })

  it('is unknown, not fine, where the two count by different things', () => {
    const trunk = labelStanding({ value: 1, unit: 'oz/in' }, 0.1, lawn)
    expect(trunk).toMatchObject({ kind: 'unknown' })
    expect(labelStanding({ value: 1, unit: 'oz' }, 0.1, lawn)).toMatchObject({ kind: 'unknown' })
  })

  it('lets nothing above it through, by whatever way the rate was said', () => {
    fc.assert(
      fc.property(
        anyWay,
        anyWay,
        fc.double({ min: 1e-3, max: 1e3, noNaN: true }),
        (label, way, value) => {
          const maximum = { value: 1, unit: label.unit }
          const rate = convertRate(
            { ...way, value },
            { basis: 'product-per-area', unit: 'kg/m2' },
            facts,
          )
          const productKg = rate.value * 929.0304
          const standing = labelStanding(maximum, productKg, facts)
          if (standing.kind === 'within')
            expect(productKg).toBeLessThanOrEqual(standing.mostKg * 1.000001)
          if (standing.kind === 'over') expect(productKg).toBeGreaterThan(standing.mostKg)
        },
      ),
    )
  })
})

describe('the rate that a label tells to use', () => {
  it.each([
    [3, 'oz/1000 ft2', 4, 'oz/1000 ft2', false],
    [4, 'oz/1000 ft2', 4, 'oz/1000 ft2', false],
    [5, 'oz/1000 ft2', 4, 'oz/1000 ft2', true],
    // 4 oz/1000 ft² are 12.2 kg/ha.
    [12, 'kg/ha', 4, 'oz/1000 ft2', false],
    [13, 'kg/ha', 4, 'oz/1000 ft2', true],
    // What is poured and what is weighed cannot be compared without its density.
    [40, 'L/ha', 4, 'oz/1000 ft2', false],
  ])('%d %s beside a maximum of %d %s: over it %s', (value, unit, most, mostUnit, isOver) => {
    expect(isOverMaximum({ value, unit }, { value: most, unit: mostUnit })).toBe(isOver)
  })
  it('is said of the product, so that it is read so in a row that counts iron', () => {
    const text = labelRateText({ value: 3, unit: 'oz/1000 ft2' })
    const inIron = readRate(text, { basis: 'iron-per-area', unit: 'lb/acre' }, { ...facts, contentShare: 0.2 }) // prettier-ignore
    // 3 oz of product on 1000 ft² are 8.17 lb/acre of it.
    expect(inIron).toBeCloseTo(8.1675 * 0.2, 3)
    expect(labelRateText({ value: 2, unit: '%' })).toBe('2 %')
  })
})
