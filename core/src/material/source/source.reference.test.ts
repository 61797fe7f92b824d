import { describe, expect, it } from 'vitest'
import {
  amendments,
  findIronSource,
  findSource,
  ingredients,
  ironSources,
  otherSources,
  sourceIds,
} from './index.ts'

/** Atomic masses of IUPAC 2021, abridged. */
const masses = {
  H: 1.008,
  B: 10.81,
  C: 12.011,
  N: 14.007,
  O: 15.999,
  Na: 22.99,
  Mg: 24.305,
  P: 30.974,
  S: 32.06,
  Cl: 35.45,
  K: 39.098,
  Mn: 54.938,
  Fe: 55.845,
  Cu: 63.546,
  Zn: 65.38,
} as const
type Element = keyof typeof masses
type Formula = Readonly<Partial<Record<Element, number>>>

const massOf = (formula: Formula): number =>
  Object.entries(formula).reduce((sum, [name, count]) => sum + masses[name as Element] * count, 0)
const shareOf = (element: Element, formula: Formula): number =>
  ((formula[element] ?? 0) * masses[element]) / massOf(formula)

const ammoniumSulfate: Formula = { N: 2, H: 8, S: 1, O: 4 }
const magnesiumSulfate: Formula = { Mg: 1, S: 1, O: 4 }
const epsom: Formula = { Mg: 1, S: 1, O: 11, H: 14 }
const manganeseSulfate: Formula = { Mn: 1, S: 1, O: 5, H: 2 }
const zincSulfate: Formula = { Zn: 1, S: 1, O: 5, H: 2 }
const copperSulfate: Formula = { Cu: 1, S: 1, O: 9, H: 10 }
const ingredient = (id: string) => ingredients.find((each) => each.id === id)?.contents ?? {}

describe('contents by formula', () => {
  it.each([
    ['ammonium-sulfate', 'N', ammoniumSulfate],
    ['ammonium-sulfate', 'S', ammoniumSulfate],
    ['ammonium-nitrate', 'N', { N: 2, H: 4, O: 3 }],
    ['magnesium-sulfate', 'Mg', magnesiumSulfate],
    ['magnesium-sulfate', 'S', magnesiumSulfate],
    ['epsom-salt', 'Mg', epsom],
    ['epsom-salt', 'S', epsom],
    ['manganese-sulfate', 'Mn', manganeseSulfate],
    ['manganese-sulfate', 'S', manganeseSulfate],
    ['zinc-sulfate', 'Zn', zincSulfate],
    ['zinc-sulfate', 'S', zincSulfate],
    ['copper-sulfate', 'Cu', copperSulfate],
    ['copper-sulfate', 'S', copperSulfate],
    ['boric-acid', 'B', { B: 1, O: 3, H: 3 }],
    ['potassium-nitrate', 'N', { K: 1, N: 1, O: 3 }],
  ] as const)('%s holds %s', (id, element, formula) => {
    expect(Math.abs((ingredient(id)[element] ?? 0) - shareOf(element, formula))).toBeLessThan(5e-4)
  })

  it.each([
    ['potassium-nitrate', { K: 1, N: 1, O: 3 }],
    ['potassium-sulfate', { K: 2, S: 1, O: 4 }],
    ['potassium-chloride', { K: 1, Cl: 1 }],
    ['potassium-phosphate', { K: 1, H: 2, P: 1, O: 4 }],
  ] as const)('%s holds potash, as labels count it', (id, formula) => {
    const asOxide = shareOf('K', formula) * (massOf({ K: 2, O: 1 }) / (2 * masses.K))
    expect(Math.abs((ingredient(id).K2O ?? 0) - asOxide)).toBeLessThan(5e-4)
  })

  it('pure forms of iron hold what their formula says', () => {
    const pure = (id: string) => findIronSource(id).richest.pure
    const sodiumIron = (organic: Formula): number => shareOf('Fe', { ...organic, Na: 1, Fe: 1 })
    const within = (value: number, expected: number) =>
      expect(Math.abs(value - expected)).toBeLessThan(1e-3)
    within(pure('ferrous-sulfate'), shareOf('Fe', { Fe: 1, S: 1, O: 11, H: 14 }))
    within(pure('ferrous-sulfate-monohydrate'), shareOf('Fe', { Fe: 1, S: 1, O: 5, H: 2 }))
    within(pure('ferrous-ammonium-sulfate'), shareOf('Fe', { Fe: 1, N: 2, H: 20, S: 2, O: 14 }))
    within(pure('fe-edta'), sodiumIron({ C: 10, H: 12, N: 2, O: 8 }))
    within(pure('fe-eddha'), sodiumIron({ C: 18, H: 16, N: 2, O: 6 }))
    within(pure('fe-hbed'), sodiumIron({ C: 20, H: 20, N: 2, O: 6 }))
    within(pure('iron-citrate'), shareOf('Fe', { Fe: 1, C: 6, H: 5, O: 7 }))
    within(pure('iron-oxide'), shareOf('Fe', { Fe: 2, O: 3 }))
  })
})

describe('the catalogue', () => {
  it('has every share in order, and none richer than the pure compound', () => {
    for (const { contentShare: ironShare, richest, pricePerKg } of ironSources) {
      expect(ironShare.low).toBeLessThanOrEqual(ironShare.usual)
      expect(ironShare.usual).toBeLessThanOrEqual(ironShare.high)
      expect(ironShare.high).toBeLessThanOrEqual(richest.pure + 1e-3)
      expect(richest.commercial).toBeLessThanOrEqual(richest.pure)
      expect(pricePerKg.low).toBeLessThanOrEqual(pricePerKg.usual)
      expect(pricePerKg.usual).toBeLessThanOrEqual(pricePerKg.high)
    }
  })

  // Molar masses of IUPAC 2021: 28.014/132.14, 28.014/60.06, 53.96/666.4.
  it.each([
    ['ammonium-sulfate', 0.212, 0.2427],
    ['urea', 0.4665, undefined],
    ['aluminium-sulfate', 0.081, 0.1443],
  ] as const)('%s holds what its formula says', (id, content, sulfur) => {
    const { contentShare, brings } = findSource(id)
    expect(Math.abs(contentShare.usual / content - 1)).toBeLessThan(0.02)
    if (sulfur !== undefined) expect(Math.abs(brings.S / sulfur - 1)).toBeLessThan(0.02)
  })

  it('names amendments by what they are bought for', () => {
    expect(findSource('sulfur-granules')).toMatchObject({ kind: 'amendment', nutrient: 'S' })
    for (const { pricePerKg, contentShare } of amendments) {
      expect(pricePerKg.low).toBeLessThanOrEqual(pricePerKg.high)
      expect(contentShare.low).toBeLessThanOrEqual(contentShare.usual)
      expect(contentShare.usual).toBeLessThanOrEqual(contentShare.high)
    }
  })

  it('knows each of its sources by its id, and refuses others', () => {
    for (const id of sourceIds) expect(findSource(id).id).toBe(id)
    expect(findSource('manganese-sulfate').nutrient).toBe('Mn')
    expect(findSource('fe-edta').nutrient).toBe('Fe')
    expect(new Set(sourceIds).size).toBe(
      ironSources.length + otherSources.length + amendments.length,
    )
    expect(() => findSource('snake-oil')).toThrow(/a source of the catalogue/)
    expect(() => findIronSource('epsom-salt')).toThrow(
      expect.objectContaining({ code: 'unknown-name' }),
    )
  })

  it('names no source by a name that is part of another kind of source', () => {
    const all = ironSources.flatMap(({ id, labelNames }) =>
      labelNames.map((name) => ({ id, name })),
    )
    for (const one of all) {
      const longer = all.filter((each) => each.id !== one.id && each.name === one.name)
      expect(longer, one.name).toEqual([])
    }
  })
})
