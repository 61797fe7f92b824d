import type { Sourced } from '../../reference/index.ts'
import type { Context } from './contexts.ts'

/** How well a plant gets iron out of a reluctant soil. */
export type IronEfficiency = 'efficient' | 'medium' | 'inefficient'

/** The outline that the painter draws. */
export type LeafForm = 'blade' | 'lobed' | 'palmate' | 'ovate' | 'cabbage'

export interface Plant extends Sourced {
  readonly id: string
  readonly name: string
  readonly contexts: readonly Context[]
  readonly leafForm: LeafForm
  /** Soil, medium or solution pH in which it keeps its colour. */
  readonly pHRange: { readonly low: number; readonly high: number }
  readonly ironEfficiency: IronEfficiency
}

const trade = { source: 'common practice: target pH by plant', mark: 'C' } as const

/** The plants known so far; one record a plant. */
export const plants: readonly Plant[] = [
  {
    id: 'creeping-bentgrass',
    name: 'Creeping bentgrass',
    contexts: ['turf'],
    leafForm: 'blade',
    pHRange: { low: 6, high: 7 },
    ironEfficiency: 'medium',
    ...trade,
  },
  {
    id: 'fescue-zoysia',
    name: 'Fescue and zoysia, mixed',
    contexts: ['turf'],
    leafForm: 'blade',
    pHRange: { low: 6, high: 7 },
    ironEfficiency: 'medium',
    ...trade,
  },
  {
    id: 'bermudagrass',
    name: 'Bermudagrass',
    contexts: ['turf'],
    leafForm: 'blade',
    pHRange: { low: 6, high: 7 },
    ironEfficiency: 'medium',
    ...trade,
  },
  {
    id: 'centipedegrass',
    name: 'Centipedegrass',
    contexts: ['turf'],
    leafForm: 'blade',
    pHRange: { low: 5, high: 6 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'pin-oak',
    name: 'Pin oak',
    contexts: ['tree'],
    leafForm: 'lobed',
    pHRange: { low: 5, high: 6.5 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'red-maple',
    name: 'Red maple',
    contexts: ['tree'],
    leafForm: 'palmate',
    pHRange: { low: 5, high: 6.5 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'grapevine',
    name: 'Grapevine',
    contexts: ['tree'],
    leafForm: 'palmate',
    pHRange: { low: 6, high: 7.2 },
    ironEfficiency: 'medium',
    ...trade,
  },
  {
    id: 'citrus',
    name: 'Citrus',
    contexts: ['tree', 'container'],
    leafForm: 'ovate',
    pHRange: { low: 6, high: 7 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'gardenia',
    name: 'Gardenia',
    contexts: ['shrub', 'container'],
    leafForm: 'ovate',
    pHRange: { low: 5, high: 6 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'azalea',
    name: 'Azalea and rhododendron',
    contexts: ['shrub', 'container'],
    leafForm: 'ovate',
    pHRange: { low: 4.5, high: 5.5 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'highbush-blueberry',
    name: 'Highbush blueberry',
    contexts: ['shrub'],
    leafForm: 'ovate',
    pHRange: { low: 4.5, high: 5.2 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'petunia',
    name: 'Petunia and calibrachoa',
    contexts: ['container'],
    leafForm: 'ovate',
    pHRange: { low: 5.5, high: 6.2 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'grain-sorghum',
    name: 'Grain sorghum',
    contexts: ['row-crop'],
    leafForm: 'blade',
    pHRange: { low: 5.8, high: 7.3 },
    ironEfficiency: 'inefficient',
    ...trade,
  },
  {
    id: 'soybean',
    name: 'Soybean',
    contexts: ['row-crop'],
    leafForm: 'ovate',
    pHRange: { low: 6, high: 7.3 },
    ironEfficiency: 'medium',
    ...trade,
  },
  {
    id: 'maize',
    name: 'Maize',
    contexts: ['row-crop'],
    leafForm: 'blade',
    pHRange: { low: 5.8, high: 7.4 },
    ironEfficiency: 'medium',
    ...trade,
  },
  {
    id: 'lettuce',
    name: 'Lettuce',
    contexts: ['hydroponic', 'aquaponic'],
    leafForm: 'cabbage',
    pHRange: { low: 5.5, high: 6.8 },
    ironEfficiency: 'medium',
    ...trade,
  },
  {
    id: 'basil',
    name: 'Basil',
    contexts: ['hydroponic', 'aquaponic', 'container'],
    leafForm: 'ovate',
    pHRange: { low: 5.5, high: 6.5 },
    ironEfficiency: 'medium',
    ...trade,
  },
]
