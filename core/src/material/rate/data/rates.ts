import type { SourceId } from '../../source/index.ts'
import type { Context, Route } from '../../../stand/plant/index.ts'
import type { FigureRange, Sourced } from '../../../base/reference/index.ts'
import type { RateBasis } from './bases.ts'

/** How much water goes with it. */
export type Carrier = { readonly unit: string } & FigureRange

/** One row of the rate table. Figures are in the unit of the row, as the trade says them. */
export interface Rate extends Sourced {
  readonly id: string
  readonly label: string
  readonly sourceIds: readonly SourceId[]
  readonly route: Route
  readonly contexts: readonly Context[]
  readonly basis: RateBasis
  readonly unit: string
  readonly rate: FigureRange
  /** Water per area ("gal/acre"), per plant ("gal/tree") or per pot volume ("%"); none for a solution. */
  readonly carrier?: Carrier
  /** Days until it is due again; absent: once a season. */
  readonly intervalDays?: { readonly low: number; readonly high: number }
  /** Most times in a season; absent: as often as the interval lets. */
  readonly timesASeason?: number
  /** How the amount is shared out over days. */
  readonly stepDays?: number
}

const practice = { source: 'common practice', mark: 'C' } as const
const drenches = { source: 'container drench bulletins', mark: 'M' } as const
const turfLabels = { source: 'label directions of turf chelates', mark: 'M' } as const
/** Nobody states these; read across from the rows that stand nearest. */
const readAcross = { source: 'read across from nearby rates', mark: 'J' } as const

/** Forms that go onto a leaf beside the plain sulfate; all dissolve. */
const leafForms = [
  'fe-edta',
  'fe-hedta',
  'fe-dtpa',
  'iron-citrate',
  'iron-glucoheptonate',
  'iron-lignosulfonate',
  'iron-humate',
] as const

/** Rates of practice; the product's label always wins over them. */
export const rates: readonly Rate[] = [
  {
    id: 'leaf-spray-shrubs',
    label: '0.25-1 % spray, leaves wetted but not dripping',
    sourceIds: ['ferrous-sulfate', 'ferrous-ammonium-sulfate', ...leafForms],
    route: 'leaf',
    contexts: ['shrub'],
    basis: 'spray-strength',
    unit: '%',
    rate: { low: 0.25, usual: 0.5, high: 1 },
    carrier: { unit: 'gal/acre', low: 20, usual: 30, high: 40 },
    intervalDays: { low: 14, high: 28 },
    ...readAcross,
  },
  {
    id: 'leaf-sulfate-2-percent',
    label: '2 % spray at 20-30 gal/acre',
    sourceIds: ['ferrous-sulfate', 'ferrous-ammonium-sulfate'],
    route: 'leaf',
    contexts: ['turf', 'shrub', 'row-crop'],
    basis: 'spray-strength',
    unit: '%',
    rate: { low: 1, usual: 2, high: 2 },
    carrier: { unit: 'gal/acre', low: 20, usual: 25, high: 30 },
    intervalDays: { low: 14, high: 28 },
    ...practice,
  },
  {
    id: 'leaf-sulfate-turf-summer',
    label: '2 oz/1000 ft², warm-season turf in summer',
    sourceIds: ['ferrous-sulfate'],
    route: 'leaf',
    contexts: ['turf'],
    basis: 'product-per-area',
    unit: 'oz/1000 ft2',
    rate: { low: 2, usual: 2, high: 2 },
    carrier: { unit: 'gal/1000 ft2', low: 3, usual: 4, high: 5 },
    intervalDays: { low: 14, high: 28 },
    ...practice,
  },
  {
    id: 'leaf-chelate-iron-per-area',
    label: '1-5 lb iron/acre on the leaf',
    sourceIds: leafForms,
    route: 'leaf',
    contexts: ['turf', 'row-crop'],
    basis: 'iron-per-area',
    unit: 'lb/acre',
    rate: { low: 1, usual: 1.5, high: 5 },
    carrier: { unit: 'gal/acre', low: 20, usual: 40, high: 40 },
    intervalDays: { low: 21, high: 28 },
    ...practice,
  },
  {
    id: 'leaf-citrate-backpack',
    label: '1 oz/1000 ft² of 5 % citrate in 1 gal, by backpack',
    sourceIds: ['iron-citrate'],
    route: 'leaf',
    contexts: ['turf'],
    basis: 'product-per-area',
    unit: 'oz/1000 ft2',
    rate: { low: 1, usual: 1, high: 3 },
    carrier: { unit: 'gal/1000 ft2', low: 0.5, usual: 1, high: 1 },
    intervalDays: { low: 14, high: 28 },
    ...practice,
  },
  {
    id: 'leaf-spray-trees',
    label: '0.5-1 % spray, leaves wetted but not dripping',
    sourceIds: ['ferrous-sulfate', ...leafForms],
    route: 'leaf',
    contexts: ['tree'],
    basis: 'spray-strength',
    unit: '%',
    rate: { low: 0.5, usual: 0.5, high: 1 },
    carrier: { unit: 'gal/tree', low: 1, usual: 2, high: 5 },
    intervalDays: { low: 14, high: 28 },
    ...readAcross,
  },
  {
    id: 'leaf-spray-pots',
    label: '0.1-0.5 % spray over the pots',
    sourceIds: ['ferrous-sulfate', ...leafForms],
    route: 'leaf',
    contexts: ['container'],
    basis: 'spray-strength',
    unit: '%',
    rate: { low: 0.1, usual: 0.2, high: 0.5 },
    carrier: { unit: 'fl oz/pot', low: 1, usual: 2, high: 3 },
    intervalDays: { low: 14, high: 28 },
    ...readAcross,
  },
  {
    id: 'soil-eddha-trunk',
    label: '1 oz per inch of trunk, drenched over the roots',
    sourceIds: ['fe-eddha', 'fe-hbed'],
    route: 'soil',
    contexts: ['tree'],
    basis: 'product-per-trunk',
    unit: 'oz/in',
    rate: { low: 0.5, usual: 1, high: 2 },
    carrier: { unit: 'gal/tree', low: 5, usual: 5, high: 5 },
    ...practice,
  },
  {
    id: 'soil-chelate-trunk-neutral',
    label: '1-4 tbsp (0.5-2 oz) per inch of trunk',
    sourceIds: ['fe-edta', 'fe-hedta', 'fe-dtpa', 'iron-citrate', 'iron-lignosulfonate'],
    route: 'soil',
    contexts: ['tree'],
    basis: 'product-per-trunk',
    unit: 'oz/in',
    rate: { low: 0.5, usual: 1, high: 2 },
    carrier: { unit: 'gal/tree', low: 5, usual: 5, high: 5 },
    intervalDays: { low: 28, high: 56 },
    ...practice,
  },
  {
    id: 'soil-eddha-watered-in',
    label: '1-4 oz/1000 ft², watered in',
    sourceIds: ['fe-eddha', 'fe-hbed'],
    route: 'soil',
    contexts: ['turf', 'shrub'],
    basis: 'product-per-area',
    unit: 'oz/1000 ft2',
    rate: { low: 1, usual: 2, high: 4 },
    carrier: { unit: 'gal/1000 ft2', low: 3, usual: 5, high: 10 },
    intervalDays: { low: 35, high: 60 },
    ...turfLabels,
  },
  {
    id: 'soil-iron-watered-in-acid',
    label: '1-5 lb iron/acre, watered in on acid soil',
    sourceIds: [
      'ferrous-sulfate',
      'ferrous-sulfate-monohydrate',
      'ferrous-ammonium-sulfate',
      ...leafForms,
    ],
    route: 'soil',
    contexts: ['turf', 'shrub', 'row-crop'],
    basis: 'iron-per-area',
    unit: 'lb/acre',
    rate: { low: 1, usual: 2, high: 5 },
    carrier: { unit: 'gal/1000 ft2', low: 3, usual: 5, high: 10 },
    intervalDays: { low: 28, high: 42 },
    ...readAcross,
  },
  {
    id: 'soil-eddha-furrow',
    label: '1-3 lb/acre in the furrow at planting',
    sourceIds: ['fe-eddha', 'fe-hbed'],
    route: 'soil',
    contexts: ['row-crop'],
    basis: 'product-per-area',
    unit: 'lb/acre',
    rate: { low: 1, usual: 2, high: 3 },
    carrier: { unit: 'gal/acre', low: 5, usual: 10, high: 15 },
    ...practice,
  },
  {
    id: 'soil-sulfate-trunk',
    label: '1-2 oz per inch of trunk on acid soil',
    sourceIds: ['ferrous-sulfate', 'ferrous-sulfate-monohydrate', 'ferrous-ammonium-sulfate'],
    route: 'soil',
    contexts: ['tree'],
    basis: 'product-per-trunk',
    unit: 'oz/in',
    rate: { low: 1, usual: 1, high: 2 },
    carrier: { unit: 'gal/tree', low: 5, usual: 5, high: 5 },
    intervalDays: { low: 28, high: 56 },
    ...readAcross,
  },
  {
    id: 'soil-container-drench',
    label: '5 oz per 100 gal of drench',
    sourceIds: [
      'fe-eddha',
      'fe-hbed',
      'fe-dtpa',
      'fe-edta',
      'fe-hedta',
      'iron-citrate',
      'ferrous-sulfate',
    ],
    route: 'soil',
    contexts: ['container'],
    basis: 'drench-strength',
    unit: 'oz/100 gal',
    rate: { low: 4, usual: 5, high: 5 },
    carrier: { unit: '%', low: 10, usual: 12, high: 15 },
    ...drenches,
  },
  {
    id: 'solution-aquaponic',
    label: 'to 2 mg/L iron, a third a day for three days',
    sourceIds: ['fe-dtpa', 'fe-eddha', 'fe-hbed', 'fe-edta', 'fe-hedta'],
    route: 'solution',
    contexts: ['aquaponic'],
    basis: 'iron-in-solution',
    unit: 'mg/L',
    rate: { low: 1.5, usual: 2, high: 2 },
    intervalDays: { low: 21, high: 28 },
    stepDays: 3,
    ...practice,
  },
  {
    id: 'solution-hydroponic',
    label: '1-3 mg/L iron',
    sourceIds: ['fe-dtpa', 'fe-eddha', 'fe-hbed', 'fe-edta', 'fe-hedta'],
    route: 'solution',
    contexts: ['hydroponic'],
    basis: 'iron-in-solution',
    unit: 'mg/L',
    rate: { low: 1, usual: 2, high: 3 },
    intervalDays: { low: 7, high: 21 },
    ...practice,
  },
  {
    id: 'leaf-liquid-chelate-turf',
    label: 'up to 16 fl oz/1000 ft² of a liquid of low analysis, 30 days apart at least',
    sourceIds: ['fe-edta', 'fe-hedta', 'fe-dtpa', 'iron-citrate', 'iron-glucoheptonate'],
    route: 'leaf',
    contexts: ['turf'],
    basis: 'product-per-area',
    unit: 'fl oz/1000 ft2',
    rate: { low: 4, usual: 8, high: 16 },
    carrier: { unit: 'gal/1000 ft2', low: 0.5, usual: 0.9, high: 1 },
    intervalDays: { low: 30, high: 42 },
    ...practice,
  },
  {
    id: 'soil-granules-drip-line',
    label: '1-2 cups per shrub along the drip line, scratched in, watered',
    sourceIds: ['iron-humate'],
    route: 'soil',
    contexts: ['shrub'],
    basis: 'product-per-plant',
    unit: 'cup/plant',
    rate: { low: 1, usual: 1, high: 2 },
    timesASeason: 2,
    intervalDays: { low: 60, high: 90 },
    ...practice,
  },
  {
    id: 'soil-powder-scoops',
    label: "the label's scoops per 10 L as a drench: 5-10 g/10 L where it says none",
    sourceIds: ['fe-eddha', 'fe-hbed'],
    route: 'soil',
    contexts: ['container', 'tree'],
    basis: 'drench-strength',
    unit: 'g/10 L',
    rate: { low: 5, usual: 5, high: 10 },
    carrier: { unit: 'L/plant', low: 1, usual: 2, high: 10 },
    ...readAcross,
  },
]
