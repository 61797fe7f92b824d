import type { LigandId } from '../../chemistry/index.ts'
import type { Route } from '../../plant/index.ts'
import type { Figure, FigureRange, Sourced } from '../../reference/index.ts'

/** Nutrients beside iron whose want looks like chlorosis and has sources of its own. */
export const otherNutrients = ['Mn', 'Zn', 'Mg'] as const
export type OtherNutrient = (typeof otherNutrients)[number]
export const otherNutrientWords: Readonly<Record<OtherNutrient, string>> = {
  Mn: 'manganese',
  Zn: 'zinc',
  Mg: 'magnesium',
}

/** How the nutrient of a source fares in soil. */
export type SoilFate =
  /** Turned into oxide, the faster the higher the pH. */
  | 'oxidised'
  /** Held by clay and lime, the more the higher the pH. */
  | 'fixed'
  /** Stays exchangeable at any pH; sand lets it wash out. */
  | 'exchangeable'
  /** Rides on a chelator, which soil iron and calcium take over. */
  | 'chelated'

/** A usual rate, in words and as a range. */
export interface OtherRate extends Sourced {
  readonly route: Route
  /** Product on the ground or leaf [kg/ha]; in a solution [g per 1000 L]. */
  readonly product: FigureRange
  readonly unit: 'kg/ha' | 'g/1000 L'
  readonly words: string
}

export interface OtherSource extends Sourced {
  readonly id: string
  readonly nutrient: OtherNutrient
  readonly name: string
  readonly ligandId?: LigandId
  /** Nutrient in the product by mass [1]. */
  readonly content: number
  readonly pricePerKg: Figure
  readonly fate: SoilFate
  readonly rates: readonly OtherRate[]
  readonly remark: string
}

const practice = { source: 'common practice; the label comes first', mark: 'C' } as const
const acrossFrom = {
  source: 'read across from nearby rates; the label comes first',
  mark: 'J',
} as const
const formula = { source: 'formula masses of IUPAC', mark: 'D' } as const
const price = (value: number): Figure => ({
  value,
  unit: 'money/kg',
  source: 'retail prices, about; the own bill replaces them',
  mark: 'J',
})

const onLeaf = (low: number, usual: number, high: number, words: string): OtherRate => ({
  route: 'leaf',
  product: { low, usual, high },
  unit: 'kg/ha',
  words,
  ...practice,
})
const inSoil = (low: number, usual: number, high: number, words: string): OtherRate => ({
  route: 'soil',
  product: { low, usual, high },
  unit: 'kg/ha',
  words,
  ...practice,
})
const inSolution = (low: number, usual: number, high: number, words: string): OtherRate => ({
  route: 'solution',
  product: { low, usual, high },
  unit: 'g/1000 L',
  words,
  ...acrossFrom,
})

/** Generic sources of manganese, zinc and magnesium. */
export const otherSources = [
  {
    id: 'manganese-sulfate',
    nutrient: 'Mn',
    name: 'Manganese sulfate',
    content: 0.31,
    pricePerKg: price(2.5),
    fate: 'oxidised',
    rates: [
      onLeaf(2, 4, 6, '0.5-1 % spray, again when new leaves pale'),
      inSoil(20, 35, 60, 'banded with an acid fertiliser; broadcast on lime it is lost'),
      inSolution(1, 2, 3, '0.3-0.9 mg/L manganese'),
    ],
    remark: 'On the leaf the cheapest and best. Roots need it beside them while it lasts.',
    source: 'monohydrate 54.938/169.02, label 31-32 %',
    mark: 'D',
  },
  {
    id: 'mn-edta',
    nutrient: 'Mn',
    name: 'Mn-EDTA',
    ligandId: 'edta',
    content: 0.13,
    pricePerKg: price(13),
    fate: 'chelated',
    rates: [onLeaf(0.5, 1, 2, 'by the label'), inSolution(3, 5, 7, '0.4-0.9 mg/L manganese')],
    remark:
      'For the leaf and for solution. In soil it trades its manganese for iron within days, and can make a want of manganese worse.',
    ...practice,
  },
  {
    id: 'zinc-sulfate',
    nutrient: 'Zn',
    name: 'Zinc sulfate',
    content: 0.355,
    pricePerKg: price(3),
    fate: 'fixed',
    rates: [
      onLeaf(1, 2, 4, '0.25-0.5 % spray; test a branch first, it can burn'),
      inSoil(10, 25, 40, 'banded at planting; one dose lasts years on most ground'),
      inSolution(0.3, 0.6, 1, '0.1-0.35 mg/L zinc'),
    ],
    remark: 'Soil keeps it for years, at high pH too fast for the roots.',
    source: 'monohydrate 65.38/179.45, label 35-36 %',
    mark: 'D',
  },
  {
    id: 'zn-edta',
    nutrient: 'Zn',
    name: 'Zn-EDTA',
    ligandId: 'edta',
    content: 0.14,
    pricePerKg: price(13),
    fate: 'chelated',
    rates: [
      onLeaf(0.5, 1, 2, 'by the label'),
      inSoil(5, 10, 20, 'banded at planting'),
      inSolution(1, 2, 3, '0.1-0.4 mg/L zinc'),
    ],
    remark: 'Carries zinc to roots where iron and calcium leave it its ligand.',
    ...practice,
  },
  {
    id: 'epsom-salt',
    nutrient: 'Mg',
    name: 'Magnesium sulfate, Epsom salt',
    content: 0.09861,
    pricePerKg: price(1.6),
    fate: 'exchangeable',
    rates: [
      onLeaf(8, 15, 25, '2 % spray, twice or thrice, ten days apart'),
      inSoil(50, 120, 250, 'watered in'),
      inSolution(100, 200, 300, '10-30 mg/L magnesium; measure first'),
    ],
    remark: 'Quick by every way. It does not change pH.',
    ...formula,
  },
  {
    id: 'kieserite',
    nutrient: 'Mg',
    name: 'Kieserite granules',
    content: 0.155,
    pricePerKg: price(0.9),
    fate: 'exchangeable',
    rates: [inSoil(60, 150, 300, 'spread and watered in')],
    remark: 'The lasting form on the ground, slower than Epsom salt.',
    source: 'monohydrate 24.305/138.38, label 15-16 %',
    mark: 'C',
  },
  {
    id: 'dolomite',
    nutrient: 'Mg',
    name: 'Dolomitic lime',
    content: 0.12,
    pricePerKg: price(0.2),
    fate: 'exchangeable',
    rates: [inSoil(1000, 2000, 4000, 'only where the pH should rise')],
    remark:
      'Raises pH: where iron is tied up it makes that worse. Only on ground that is too acid.',
    ...practice,
  },
] as const satisfies readonly OtherSource[]

export type OtherSourceId = (typeof otherSources)[number]['id']
