import type { Sourced } from '../../../base/reference/index.ts'
import type { Context } from './contexts.ts'
import type { TissueProfileName } from './tissue.ts'

/** How well a plant gets iron out of a reluctant soil. */
export type IronEfficiency = 'efficient' | 'medium' | 'inefficient'

/** The outline that the painter draws. */
export type LeafForm = 'blade' | 'lobed' | 'palmate' | 'ovate' | 'cabbage' | 'needle' | 'frond'

export interface Plant extends Sourced {
  readonly id: string
  readonly name: string
  readonly contexts: readonly Context[]
  readonly leafForm: LeafForm
  /** Soil, medium or solution pH in which it keeps its colour. */
  readonly pHRange: { readonly low: number; readonly high: number }
  readonly ironEfficiency: IronEfficiency
  /** The group whose leaf sufficiency it is read by. */
  readonly tissue: TissueProfileName
}

type Row = readonly [
  id: string,
  name: string,
  contexts: readonly Context[],
  leafForm: LeafForm,
  pHRange: readonly [low: number, high: number],
  ironEfficiency: IronEfficiency,
  tissue: TissueProfileName,
]

// prettier-ignore
const rows: readonly Row[] = [
  // Turf
  ['creeping-bentgrass', 'Creeping bentgrass', ['turf'], 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['fescue-zoysia', 'Fescue and zoysia, mixed', ['turf'], 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['bermudagrass', 'Bermudagrass', ['turf'], 'blade', [6, 7], 'medium', 'warm-season turf'],
  ['centipedegrass', 'Centipedegrass', ['turf'], 'blade', [5, 6], 'inefficient', 'warm-season turf'],
  ['st-augustinegrass', 'St. Augustinegrass', ['turf'], 'blade', [6, 7.5], 'inefficient', 'warm-season turf'],
  ['zoysiagrass', 'Zoysiagrass', ['turf'], 'blade', [6, 7], 'medium', 'warm-season turf'],
  ['kentucky-bluegrass', 'Kentucky bluegrass', ['turf'], 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['perennial-ryegrass', 'Perennial ryegrass', ['turf'], 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['tall-fescue', 'Tall fescue', ['turf'], 'blade', [5.5, 7.5], 'efficient', 'cool-season turf'],
  ['fine-fescue', 'Fine fescue', ['turf'], 'blade', [5.5, 6.8], 'medium', 'cool-season turf'],
  ['seashore-paspalum', 'Seashore paspalum', ['turf'], 'blade', [5.5, 8], 'efficient', 'warm-season turf'],
  // Trees and vines
  ['pin-oak', 'Pin oak', ['tree'], 'lobed', [5, 6.5], 'inefficient', 'broadleaf tree'],
  ['white-oak', 'White oak', ['tree'], 'lobed', [5, 7], 'inefficient', 'broadleaf tree'],
  ['bur-oak', 'Bur oak', ['tree'], 'lobed', [5.5, 7.8], 'efficient', 'broadleaf tree'],
  ['red-maple', 'Red maple', ['tree'], 'palmate', [5, 6.5], 'inefficient', 'broadleaf tree'],
  ['silver-maple', 'Silver maple', ['tree'], 'palmate', [5.5, 7], 'inefficient', 'broadleaf tree'],
  ['sweetgum', 'Sweetgum', ['tree'], 'palmate', [5, 6.8], 'inefficient', 'broadleaf tree'],
  ['river-birch', 'River birch', ['tree'], 'ovate', [4.5, 6.5], 'inefficient', 'broadleaf tree'],
  ['magnolia', 'Magnolia', ['tree', 'shrub'], 'ovate', [5, 6.5], 'inefficient', 'broadleaf tree'],
  ['eucalyptus', 'Eucalyptus', ['tree'], 'ovate', [5, 7], 'medium', 'broadleaf tree'],
  ['linden', 'Linden', ['tree'], 'ovate', [6, 7.5], 'efficient', 'broadleaf tree'],
  ['white-pine', 'White pine', ['tree'], 'needle', [5, 6.5], 'inefficient', 'conifer'],
  ['spruce', 'Spruce', ['tree'], 'needle', [5, 7], 'medium', 'conifer'],
  ['queen-palm', 'Queen palm', ['tree'], 'frond', [5.5, 6.8], 'inefficient', 'palm'],
  ['grapevine', 'Grapevine', ['tree'], 'palmate', [6, 7.2], 'medium', 'grapevine petiole'],
  ['citrus', 'Citrus', ['tree', 'container'], 'ovate', [6, 7], 'inefficient', 'citrus'],
  ['peach', 'Peach', ['tree'], 'ovate', [6, 7], 'inefficient', 'stone and pome fruit'],
  ['pear', 'Pear', ['tree'], 'ovate', [6, 7.2], 'medium', 'stone and pome fruit'],
  ['apple', 'Apple', ['tree'], 'ovate', [6, 7.2], 'medium', 'stone and pome fruit'],
  ['cherry', 'Cherry', ['tree'], 'ovate', [6, 7.2], 'medium', 'stone and pome fruit'],
  ['pecan', 'Pecan', ['tree'], 'ovate', [6, 7.2], 'medium', 'broadleaf tree'],
  ['avocado', 'Avocado', ['tree', 'container'], 'ovate', [5.5, 7], 'inefficient', 'citrus'],
  ['kiwifruit', 'Kiwifruit', ['tree'], 'ovate', [5.5, 6.8], 'inefficient', 'stone and pome fruit'],
  // Shrubs and beds
  ['gardenia', 'Gardenia', ['shrub', 'container'], 'ovate', [5, 6], 'inefficient', 'broadleaf shrub'],
  ['azalea', 'Azalea and rhododendron', ['shrub', 'container'], 'ovate', [4.5, 5.5], 'inefficient', 'ericaceous shrub'],
  ['camellia', 'Camellia', ['shrub', 'container'], 'ovate', [5, 6], 'inefficient', 'broadleaf shrub'],
  ['hydrangea', 'Hydrangea', ['shrub', 'container'], 'ovate', [5, 6.5], 'inefficient', 'broadleaf shrub'],
  ['highbush-blueberry', 'Highbush blueberry', ['shrub', 'container'], 'ovate', [4.5, 5.2], 'inefficient', 'acid-soil berry'],
  ['raspberry', 'Raspberry', ['shrub'], 'ovate', [5.6, 6.5], 'inefficient', 'strawberry and bramble'],
  ['strawberry', 'Strawberry', ['shrub', 'hydroponic', 'container'], 'ovate', [5.5, 6.5], 'inefficient', 'strawberry and bramble'],
  ['rose', 'Rose', ['shrub', 'container'], 'ovate', [5.8, 6.8], 'medium', 'broadleaf shrub'],
  ['holly', 'Holly', ['shrub'], 'lobed', [5, 6.5], 'medium', 'broadleaf shrub'],
  ['ixora', 'Ixora', ['shrub', 'container'], 'ovate', [5, 6], 'inefficient', 'broadleaf shrub'],
  ['hibiscus', 'Hibiscus', ['shrub', 'container'], 'ovate', [5.8, 6.8], 'medium', 'broadleaf shrub'],
  ['bottlebrush', 'Bottlebrush', ['shrub', 'tree'], 'ovate', [5.5, 7], 'inefficient', 'broadleaf shrub'],
  ['boxwood', 'Boxwood', ['shrub'], 'ovate', [6, 7.5], 'efficient', 'broadleaf shrub'],
  // Row crops
  ['grain-sorghum', 'Grain sorghum', ['row-crop'], 'blade', [5.8, 7.3], 'inefficient', 'maize and sorghum'],
  ['maize', 'Maize', ['row-crop'], 'blade', [5.8, 7.4], 'medium', 'maize and sorghum'],
  ['wheat', 'Wheat', ['row-crop'], 'blade', [6, 7.8], 'efficient', 'small grain'],
  ['oats', 'Oats', ['row-crop'], 'blade', [5.5, 7.3], 'medium', 'small grain'],
  ['rice-upland', 'Rice, upland', ['row-crop'], 'blade', [5, 6.5], 'inefficient', 'small grain'],
  ['soybean', 'Soybean', ['row-crop'], 'ovate', [6, 7.3], 'inefficient', 'legume'],
  ['dry-bean', 'Dry bean', ['row-crop'], 'ovate', [6, 7.2], 'inefficient', 'legume'],
  ['peanut', 'Peanut', ['row-crop'], 'ovate', [5.8, 6.8], 'medium', 'legume'],
  ['chickpea', 'Chickpea', ['row-crop'], 'ovate', [6, 7.8], 'medium', 'legume'],
  ['alfalfa', 'Alfalfa', ['row-crop'], 'ovate', [6.5, 7.8], 'efficient', 'legume'],
  ['sunflower', 'Sunflower', ['row-crop'], 'ovate', [6, 7.8], 'efficient', 'fruiting vegetable'],
  ['potato', 'Potato', ['row-crop'], 'ovate', [5, 6.5], 'medium', 'fruiting vegetable'],
  ['sugar-beet', 'Sugar beet', ['row-crop'], 'cabbage', [6.5, 7.8], 'efficient', 'leafy green'],
  // Containers and glasshouse
  ['petunia', 'Petunia and calibrachoa', ['container'], 'ovate', [5.5, 6.2], 'inefficient', 'bedding plant'],
  ['pansy', 'Pansy and viola', ['container'], 'ovate', [5.5, 6.2], 'inefficient', 'bedding plant'],
  ['snapdragon', 'Snapdragon', ['container'], 'ovate', [5.5, 6.2], 'inefficient', 'bedding plant'],
  ['scaevola', 'Fan flower', ['container'], 'ovate', [5.5, 6.2], 'inefficient', 'bedding plant'],
  ['geranium', 'Zonal geranium', ['container'], 'lobed', [6, 6.6], 'efficient', 'bedding plant'],
  ['marigold', 'Marigold', ['container'], 'ovate', [6, 6.6], 'efficient', 'bedding plant'],
  ['poinsettia', 'Poinsettia', ['container'], 'lobed', [5.6, 6.4], 'medium', 'bedding plant'],
  ['chrysanthemum', 'Chrysanthemum', ['container'], 'lobed', [5.7, 6.4], 'medium', 'bedding plant'],
  // Solution
  ['lettuce', 'Lettuce', ['hydroponic', 'aquaponic'], 'cabbage', [5.5, 6.8], 'medium', 'leafy green'],
  ['pak-choi', 'Pak choi and mustard greens', ['hydroponic', 'aquaponic'], 'cabbage', [5.5, 7], 'medium', 'leafy green'],
  ['kale', 'Kale', ['hydroponic', 'aquaponic'], 'cabbage', [5.5, 7], 'efficient', 'leafy green'],
  ['spinach', 'Spinach', ['hydroponic', 'aquaponic'], 'cabbage', [5.8, 7], 'medium', 'leafy green'],
  ['watercress', 'Watercress', ['aquaponic', 'hydroponic'], 'ovate', [6.2, 7.2], 'medium', 'leafy green'],
  ['basil', 'Basil', ['hydroponic', 'aquaponic', 'container'], 'ovate', [5.5, 6.5], 'medium', 'leafy green'],
  ['mint', 'Mint', ['hydroponic', 'aquaponic', 'container'], 'ovate', [5.8, 7], 'medium', 'leafy green'],
  ['tomato', 'Tomato', ['hydroponic', 'aquaponic', 'container'], 'lobed', [5.5, 6.5], 'medium', 'fruiting vegetable'],
  ['cucumber', 'Cucumber', ['hydroponic', 'aquaponic', 'container'], 'palmate', [5.5, 6.5], 'medium', 'fruiting vegetable'],
  ['pepper', 'Sweet pepper', ['hydroponic', 'aquaponic', 'container'], 'ovate', [5.5, 6.5], 'inefficient', 'fruiting vegetable'],
]

/** The plants known so far; one record a plant. */
export const plants: readonly Plant[] = rows.map(
  ([id, name, contexts, leafForm, [low, high], ironEfficiency, tissue]) => ({
    id,
    name,
    contexts,
    leafForm,
    pHRange: { low, high },
    ironEfficiency,
    tissue,
    source: 'common practice: target pH and susceptibility to iron chlorosis by plant',
    mark: 'C',
  }),
)
