import type { LigandId } from '../../chemistry/index.ts'
import type { FigureRange, Sourced } from '../../../base/reference/index.ts'

/** What holds the iron: an open salt, a chelate, a loose complex of nature, or a slow solid. */
export type SourceKind = 'salt' | 'chelate' | 'complex' | 'slow'

export interface IronSource extends Sourced {
  readonly id: string
  readonly name: string
  readonly kind: SourceKind
  /** The chelator whose equilibria decide how it fares. */
  readonly ligandId?: LigandId
  /** Iron in the product by mass [1]; usual is what is taken where no label was read. */
  readonly ironShare: FigureRange
  /** Iron in the good commercial grade, and in the pure compound [1]: what a label can hold. */
  readonly richest: { readonly commercial: number; readonly pure: number }
  /** Retail price of a kilogram of product, in the money of the place. */
  readonly pricePerKg: FigureRange & Sourced
  /** Bulk density [kg/L]. */
  readonly densityKgPerL: { readonly value: number } & Sourced
  /** Other nutrients that come along by mass [1]. */
  readonly brings?: Readonly<Partial<Record<'N' | 'S', number>>>
  readonly stains: 'rust' | 'red' | 'little'
  /** Whether certifiers of organic growing tend to allow it; theirs is the word. */
  readonly organic: 'often' | 'seldom' | 'ask'
  /** Names on labels, in lower case, as parts of words to look for. */
  readonly labelNames: readonly string[]
  readonly remark: string
}

const retail = { source: 'retail prices, about; the own bill replaces them', mark: 'J' } as const
const practice = { source: 'common practice', mark: 'C' } as const
/** 2 tbsp of chelate granules weigh about 1 oz: 28.35 g / 29.57 mL. */
const spooned = { value: 0.9586, source: '2 tbsp ≈ 1 oz, common practice', mark: 'D' } as const
const weighed = { value: 1, source: 'crystals, about; weigh a spoon', mark: 'C' } as const
const liquid = {
  value: 1.2,
  source: 'liquid concentrates, about; see the label',
  mark: 'C',
} as const

const price = (low: number, usual: number, high: number) => ({ low, usual, high, ...retail })

/** Generic forms of iron; no brands. */
export const ironSources = [
  {
    id: 'ferrous-sulfate',
    name: 'Ferrous sulfate, spray grade',
    kind: 'salt',
    ironShare: { low: 0.19, usual: 0.2, high: 0.2009 },
    richest: { commercial: 0.2, pure: 0.2009 },
    pricePerKg: price(1, 1.5, 2.5),
    densityKgPerL: weighed,
    brings: { S: 0.1153 },
    stains: 'rust',
    organic: 'often',
    labelNames: [
      'ferrous sulfate heptahydrate',
      'ferrous sulfate',
      'iron sulfate',
      'ferrous sulphate',
    ],
    remark:
      'Cheapest. Good on the leaf; in soil over pH 7 it is rust within days to weeks. Spray grade dissolves; the granular grade blocks screens.',
    source: 'heptahydrate 55.845/278.01; label 19-20 %',
    mark: 'D',
  },
  {
    id: 'ferrous-sulfate-monohydrate',
    name: 'Ferrous sulfate, dry granules',
    kind: 'salt',
    ironShare: { low: 0.3, usual: 0.305, high: 0.3287 },
    richest: { commercial: 0.31, pure: 0.3287 },
    pricePerKg: price(1.2, 1.8, 3),
    densityKgPerL: { value: 1.2, source: 'granules, about; weigh a scoop', mark: 'C' },
    brings: { S: 0.1887 },
    stains: 'rust',
    organic: 'often',
    labelNames: ['ferrous sulfate monohydrate', 'iron sulfate monohydrate'],
    remark: 'For spreading on acid soil. Grains left on paving rust into it: sweep them back.',
    source: 'monohydrate 55.845/169.92; label 30-31 %',
    mark: 'D',
  },
  {
    id: 'ferrous-ammonium-sulfate',
    name: 'Ferrous ammonium sulfate',
    kind: 'salt',
    ironShare: { low: 0.14, usual: 0.14, high: 0.1424 },
    richest: { commercial: 0.14, pure: 0.1424 },
    pricePerKg: price(3, 4.5, 7),
    densityKgPerL: weighed,
    brings: { N: 0.0714, S: 0.1635 },
    stains: 'rust',
    organic: 'seldom',
    labelNames: ['ferrous ammonium sulfate', 'ammonium iron sulfate'],
    remark:
      'Sulfate that brings nitrogen: count it, and do not give iron the credit for its green.',
    source: 'hexahydrate 55.845/392.14',
    mark: 'D',
  },
  {
    id: 'fe-edta',
    name: 'Fe-EDTA',
    kind: 'chelate',
    ligandId: 'edta',
    ironShare: { low: 0.05, usual: 0.13, high: 0.14 },
    richest: { commercial: 0.13, pure: 0.1522 },
    pricePerKg: price(8, 12, 18),
    densityKgPerL: spooned,
    stains: 'rust',
    organic: 'seldom',
    labelNames: ['edta', 'ethylenediaminetetraacetic'],
    remark: 'For the leaf, or for soil that is acid.',
    source: 'common practice: 13 % solid, 4-6 % liquid',
    mark: 'C',
  },
  {
    id: 'fe-hedta',
    name: 'Fe-HEDTA',
    kind: 'chelate',
    ligandId: 'hedta',
    ironShare: { low: 0.045, usual: 0.05, high: 0.09 },
    richest: { commercial: 0.09, pure: 0.1687 },
    pricePerKg: price(4, 6, 10),
    densityKgPerL: liquid,
    stains: 'rust',
    organic: 'seldom',
    labelNames: ['hedta', 'heedta', 'hydroxyethylethylenediaminetriacetic'],
    remark: 'By practice between EDTA and DTPA; mostly a liquid.',
    source: 'common practice: 5-9 %',
    mark: 'C',
  },
  {
    id: 'fe-dtpa',
    name: 'Fe-DTPA',
    kind: 'chelate',
    ligandId: 'dtpa',
    ironShare: { low: 0.06, usual: 0.1, high: 0.11 },
    richest: { commercial: 0.11, pure: 0.1193 },
    pricePerKg: price(12, 18, 28),
    densityKgPerL: spooned,
    stains: 'rust',
    organic: 'seldom',
    labelNames: ['dtpa', 'diethylenetriaminepentaacetic'],
    remark: 'For the leaf, or for soil and solution to about neutral.',
    source: 'common practice: 6-11 %',
    mark: 'C',
  },
  {
    id: 'fe-eddha',
    name: 'Fe-EDDHA',
    kind: 'chelate',
    ligandId: 'eddha',
    ironShare: { low: 0.06, usual: 0.06, high: 0.06 },
    richest: { commercial: 0.06, pure: 0.1284 },
    pricePerKg: price(18, 28, 45),
    densityKgPerL: spooned,
    stains: 'red',
    organic: 'seldom',
    labelNames: ['eddha', 'ethylenediamine-n,n', 'ethylenediaminedi'],
    remark:
      'For soil and solution at any farm pH. Blood-red: stains. Hardly enters a leaf. At high pH only the ortho-ortho part counts; the label states it.',
    source: 'common practice: 6 %',
    mark: 'C',
  },
  {
    id: 'fe-hbed',
    name: 'Fe-HBED',
    kind: 'chelate',
    ligandId: 'hbed',
    ironShare: { low: 0.06, usual: 0.06, high: 0.09 },
    richest: { commercial: 0.09, pure: 0.1206 },
    pricePerKg: price(35, 55, 90),
    densityKgPerL: spooned,
    stains: 'red',
    organic: 'seldom',
    labelNames: ['hbed'],
    remark: 'As EDDHA, without the question of isomers, and longer.',
    source: 'common practice: 6-9 %',
    mark: 'C',
  },
  {
    id: 'iron-citrate',
    name: 'Iron citrate',
    kind: 'chelate',
    ligandId: 'citrate',
    ironShare: { low: 0.05, usual: 0.2, high: 0.22 },
    richest: { commercial: 0.22, pure: 0.228 },
    pricePerKg: price(8, 13, 20),
    densityKgPerL: spooned,
    stains: 'rust',
    organic: 'often',
    labelNames: ['citrate', 'citric acid'],
    remark: 'By law a chelate; in soil no better than the salt. Good on the leaf.',
    source: 'common practice: 18-22 %, 5 % as a liquid',
    mark: 'C',
  },
  {
    id: 'iron-glucoheptonate',
    name: 'Iron glucoheptonate',
    kind: 'complex',
    ironShare: { low: 0.05, usual: 0.05, high: 0.12 },
    richest: { commercial: 0.12, pure: 0.12 },
    pricePerKg: price(4, 7, 12),
    densityKgPerL: liquid,
    stains: 'rust',
    organic: 'ask',
    labelNames: ['glucoheptonate', 'gluconate'],
    remark: 'A sugar acid around the iron: for the leaf.',
    source: 'common practice: 5-12 %',
    mark: 'C',
  },
  {
    id: 'iron-lignosulfonate',
    name: 'Iron lignosulfonate',
    kind: 'complex',
    ironShare: { low: 0.05, usual: 0.08, high: 0.11 },
    richest: { commercial: 0.11, pure: 0.11 },
    pricePerKg: price(3, 6, 10),
    densityKgPerL: liquid,
    brings: { S: 0.03 },
    stains: 'little',
    organic: 'ask',
    labelNames: ['lignosulfonate', 'lignosulphonate', 'lignin sulfonate'],
    remark: 'For the leaf or washed in; did well on turf.',
    source: 'common practice: 5-11 %',
    mark: 'C',
  },
  {
    id: 'iron-humate',
    name: 'Humate, amino-acid or sugar complex',
    kind: 'complex',
    ironShare: { low: 0.05, usual: 0.1, high: 0.46 },
    richest: { commercial: 0.46, pure: 0.46 },
    pricePerKg: price(3, 8, 20),
    densityKgPerL: { value: 0.8, source: 'granules, about; weigh a scoop', mark: 'C' },
    stains: 'little',
    organic: 'ask',
    labelNames: [
      'humate',
      'humic',
      'fulvic',
      'amino acid',
      'glycinate',
      'polysaccharide',
      'saccharide',
    ],
    remark: 'The name says little about how it holds iron: ask for evidence.',
    source: 'common practice: 5-46 %',
    mark: 'C',
  },
  {
    id: 'iron-oxide',
    name: 'Iron oxide',
    kind: 'slow',
    ironShare: { low: 0.3, usual: 0.699, high: 0.6994 },
    richest: { commercial: 0.699, pure: 0.6994 },
    pricePerKg: price(1, 2, 4),
    densityKgPerL: { value: 1.5, source: 'powder, about', mark: 'C' },
    stains: 'rust',
    organic: 'often',
    labelNames: ['iron oxide', 'ferric oxide', 'iron sucrate', 'red iron'],
    remark: 'Not of use to plants in a season, whatever the percentage.',
    ...practice,
  },
  {
    id: 'iron-granules',
    name: 'Mined or by-product granules',
    kind: 'slow',
    ironShare: { low: 0.1, usual: 0.2, high: 0.4 },
    richest: { commercial: 0.4, pure: 0.4 },
    pricePerKg: price(0.6, 1.5, 3),
    densityKgPerL: { value: 1.3, source: 'granules, about', mark: 'C' },
    stains: 'rust',
    organic: 'ask',
    labelNames: ['iron ore', 'by-product', 'mine tailings', 'mined iron'],
    remark: 'Slow. Ask for the heavy-metal analysis before any goes where food grows.',
    ...practice,
  },
] as const satisfies readonly IronSource[]

export type IronSourceId = (typeof ironSources)[number]['id']
export const ironSourceIds = ironSources.map(({ id }) => id)
