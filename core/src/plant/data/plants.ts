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

type Row = readonly [
  id: string,
  name: string,
  contexts: readonly Context[],
  leafForm: LeafForm,
  pHRange: readonly [low: number, high: number],
  ironEfficiency: IronEfficiency,
]

// prettier-ignore
const rows: readonly Row[] = [
  ['creeping-bentgrass', 'Creeping bentgrass', ['turf'], 'blade', [6, 7], 'medium'],
  ['fescue-zoysia', 'Fescue and zoysia, mixed', ['turf'], 'blade', [6, 7], 'medium'],
  ['bermudagrass', 'Bermudagrass', ['turf'], 'blade', [6, 7], 'medium'],
  ['centipedegrass', 'Centipedegrass', ['turf'], 'blade', [5, 6], 'inefficient'],
  ['pin-oak', 'Pin oak', ['tree'], 'lobed', [5, 6.5], 'inefficient'],
  ['red-maple', 'Red maple', ['tree'], 'palmate', [5, 6.5], 'inefficient'],
  ['grapevine', 'Grapevine', ['tree'], 'palmate', [6, 7.2], 'medium'],
  ['citrus', 'Citrus', ['tree', 'container'], 'ovate', [6, 7], 'inefficient'],
  ['gardenia', 'Gardenia', ['shrub', 'container'], 'ovate', [5, 6], 'inefficient'],
  ['azalea', 'Azalea and rhododendron', ['shrub', 'container'], 'ovate', [4.5, 5.5], 'inefficient'],
  ['highbush-blueberry', 'Highbush blueberry', ['shrub'], 'ovate', [4.5, 5.2], 'inefficient'],
  ['petunia', 'Petunia and calibrachoa', ['container'], 'ovate', [5.5, 6.2], 'inefficient'],
  ['grain-sorghum', 'Grain sorghum', ['row-crop'], 'blade', [5.8, 7.3], 'inefficient'],
  ['soybean', 'Soybean', ['row-crop'], 'ovate', [6, 7.3], 'medium'],
  ['maize', 'Maize', ['row-crop'], 'blade', [5.8, 7.4], 'medium'],
  ['lettuce', 'Lettuce', ['hydroponic', 'aquaponic'], 'cabbage', [5.5, 6.8], 'medium'],
  ['basil', 'Basil', ['hydroponic', 'aquaponic', 'container'], 'ovate', [5.5, 6.5], 'medium'],
]

/** The plants known so far; one record a plant. */
export const plants: readonly Plant[] = rows.map(
  ([id, name, contexts, leafForm, [low, high], ironEfficiency]) => ({
    id,
    name,
    contexts,
    leafForm,
    pHRange: { low, high },
    ironEfficiency,
    source: 'common practice: target pH by plant',
    mark: 'C',
  }),
)
