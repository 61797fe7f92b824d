import type { LigandId } from '../../chemistry/index.ts'
import type { Figure, FigureRange, Sourced } from '../../../base/reference/index.ts'

/** Nutrients beside iron whose want looks like chlorosis and has sources of its own. */
export type OtherNutrient = 'Mn' | 'Zn' | 'Mg'
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

export interface OtherSource extends Sourced {
  readonly id: string
  readonly nutrient: OtherNutrient
  readonly name: string
  readonly ligandId?: LigandId
  /** Nutrient in the product by mass [1]. */
  readonly contentShare: FigureRange
  readonly pricePerKg: Figure
  readonly fate: SoilFate
  /** Other nutrients that come along by mass [1]. */
  readonly brings?: Readonly<Partial<Record<'N' | 'S', number>>>
  readonly remark: string
}

const practice = { source: 'common practice; the label comes first', mark: 'C' } as const
const formula = { source: 'formula masses of IUPAC', mark: 'D' } as const
const price = (value: number): Figure => ({
  value,
  unit: 'money/kg',
  source: 'retail prices, about; the own bill replaces them',
  mark: 'J',
})

/** Generic sources of manganese, zinc and magnesium. */
export const otherSources = [
  {
    id: 'manganese-sulfate',
    nutrient: 'Mn',
    name: 'Manganese sulfate',
    contentShare: { low: 0.3, usual: 0.31, high: 0.32 },
    pricePerKg: price(2.5),
    fate: 'oxidised',
    brings: { S: 0.19 },
    remark: 'On the leaf the cheapest and best. Roots need it beside them while it lasts.',
    source: 'monohydrate 54.938/169.02, label 31-32 %',
    mark: 'D',
  },
  {
    id: 'mn-edta',
    nutrient: 'Mn',
    name: 'Mn-EDTA',
    ligandId: 'edta',
    contentShare: { low: 0.05, usual: 0.13, high: 0.13 },
    pricePerKg: price(13),
    fate: 'chelated',
    remark:
      'For the leaf and for solution. In soil it trades its manganese for iron within days, and can make a want of manganese worse.',
    ...practice,
  },
  {
    id: 'zinc-sulfate',
    nutrient: 'Zn',
    name: 'Zinc sulfate',
    contentShare: { low: 0.35, usual: 0.355, high: 0.36 },
    pricePerKg: price(3),
    fate: 'fixed',
    brings: { S: 0.178 },
    remark: 'Soil keeps it for years, at high pH too fast for the roots.',
    source: 'monohydrate 65.38/179.45, label 35-36 %',
    mark: 'D',
  },
  {
    id: 'zn-edta',
    nutrient: 'Zn',
    name: 'Zn-EDTA',
    ligandId: 'edta',
    contentShare: { low: 0.06, usual: 0.14, high: 0.15 },
    pricePerKg: price(13),
    fate: 'chelated',
    remark: 'Carries zinc to roots where iron and calcium leave it its ligand.',
    ...practice,
  },
  {
    id: 'epsom-salt',
    nutrient: 'Mg',
    name: 'Magnesium sulfate, Epsom salt',
    contentShare: { low: 0.096, usual: 0.0986, high: 0.0986 },
    pricePerKg: price(1.6),
    fate: 'exchangeable',
    brings: { S: 0.1301 },
    remark: 'Quick by every way. It does not change pH.',
    ...formula,
  },
  {
    id: 'kieserite',
    nutrient: 'Mg',
    name: 'Kieserite granules',
    contentShare: { low: 0.15, usual: 0.155, high: 0.16 },
    pricePerKg: price(0.9),
    fate: 'exchangeable',
    brings: { S: 0.2 },
    remark: 'The lasting form on the ground, slower than Epsom salt.',
    source: 'monohydrate 24.305/138.38, label 15-16 %',
    mark: 'C',
  },
  {
    id: 'dolomite',
    nutrient: 'Mg',
    name: 'Dolomitic lime',
    contentShare: { low: 0.06, usual: 0.12, high: 0.13 },
    pricePerKg: price(0.2),
    fate: 'exchangeable',
    remark:
      'Raises pH: where iron is tied up it makes that worse. Only on ground that is too acid.',
    ...practice,
  },
] as const satisfies readonly OtherSource[]

export type OtherSourceId = (typeof otherSources)[number]['id']
