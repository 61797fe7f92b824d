import type { FigureRange, Sourced } from '../../reference/index.ts'

export interface IronSource extends Sourced {
  readonly id: string
  readonly name: string
  readonly kind: 'salt' | 'chelate'
  /** Iron in the product by mass [1]; usual is what is taken where no label was read. */
  readonly ironShare: FigureRange
  /** Price per kilogram of iron relative to the salt's [1]. */
  readonly relativePrice: { readonly value: number } & Sourced
  /** Bulk density of the dry product [kg/L]. */
  readonly densityKgPerL: { readonly value: number } & Sourced
  readonly remark: string
}

const prices = {
  source: 'trade price relations, to be replaced by the own bill',
  mark: 'C',
} as const
/** 2 tbsp of chelate granules weigh about 1 oz: 28.35 g / 29.57 mL. */
const spooned = { value: 0.9586, source: '2 tbsp ≈ 1 oz, common practice', mark: 'D' } as const

/** Generic forms of iron; no brands. */
export const ironSources = [
  {
    id: 'ferrous-sulfate',
    name: 'Ferrous sulfate, spray grade',
    kind: 'salt',
    ironShare: { low: 0.19, usual: 0.2, high: 0.2009 },
    relativePrice: { value: 1, ...prices },
    densityKgPerL: { value: 1, source: 'crystals, about; weigh a spoon', mark: 'C' },
    remark: 'Cheapest. Good on the leaf; in soil over pH 7 it is rust within days to weeks.',
    source: 'heptahydrate 55.845/278.01; label 19-20 %',
    mark: 'D',
  },
  {
    id: 'fe-edta',
    name: 'Fe-EDTA',
    kind: 'chelate',
    ironShare: { low: 0.05, usual: 0.13, high: 0.14 },
    relativePrice: { value: 5, ...prices },
    densityKgPerL: spooned,
    remark: 'For the leaf, or for soil that is acid.',
    source: 'common practice: 13 % solid, 4-6 % liquid',
    mark: 'C',
  },
  {
    id: 'fe-dtpa',
    name: 'Fe-DTPA',
    kind: 'chelate',
    ironShare: { low: 0.06, usual: 0.1, high: 0.11 },
    relativePrice: { value: 7, ...prices },
    densityKgPerL: spooned,
    remark: 'For the leaf, or for soil and solution to about neutral.',
    source: 'common practice: 6-11 %',
    mark: 'C',
  },
  {
    id: 'fe-eddha',
    name: 'Fe-EDDHA',
    kind: 'chelate',
    ironShare: { low: 0.06, usual: 0.06, high: 0.06 },
    relativePrice: { value: 15, ...prices },
    densityKgPerL: spooned,
    remark: 'For soil and solution at any farm pH. Blood-red: stains. Hardly enters a leaf.',
    source: 'common practice: 6 %',
    mark: 'C',
  },
] as const satisfies readonly IronSource[]

export type IronSourceId = (typeof ironSources)[number]['id']
export const ironSourceIds = ironSources.map(({ id }) => id)
