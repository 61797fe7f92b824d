import type { Sourced } from '../../../base/reference/index.ts'
import type { Context } from './contexts.ts'
import type { Growth } from './growths.ts'
import { usualHabits, type Habit } from './habits.ts'
import type { TissueProfileName } from './tissue.ts'

/** How well a plant gets iron out of a reluctant soil. */
export type IronEfficiency = 'efficient' | 'medium' | 'inefficient'

/** The outline that the painter draws. */
export type LeafForm = 'blade' | 'lobed' | 'palmate' | 'ovate' | 'cabbage' | 'needle' | 'frond'

export interface Plant extends Sourced {
  readonly id: string
  readonly name: string
  readonly contexts: readonly Context[]
  readonly growth: Growth
  readonly leafForm: LeafForm
  /** Soil, medium or solution pH in which it keeps its colour. */
  readonly pHRange: { readonly low: number; readonly high: number }
  readonly ironEfficiency: IronEfficiency
  /** The group whose leaf sufficiency it is read by. */
  readonly tissue: TissueProfileName
  /** Whether and when it rests. */
  readonly habit: Habit
}

type Row = readonly [
  id: string,
  name: string,
  contexts: readonly Context[],
  growth: Growth,
  leafForm: LeafForm,
  pHRange: readonly [low: number, high: number],
  ironEfficiency: IronEfficiency,
  tissue: TissueProfileName,
  habit?: Habit,
]

// prettier-ignore
const rows: readonly Row[] = [
  // Turf
  ['creeping-bentgrass', 'Creeping bentgrass', ['turf'], 'fine turf', 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['fescue-zoysia', 'Fescue and zoysia, mixed', ['turf'], 'lawn turf', 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['bermudagrass', 'Bermudagrass', ['turf'], 'lawn turf', 'blade', [6, 7], 'medium', 'warm-season turf', 'warm-season turf'],
  ['centipedegrass', 'Centipedegrass', ['turf'], 'lawn turf', 'blade', [5, 6], 'inefficient', 'warm-season turf', 'warm-season turf'],
  ['st-augustinegrass', 'St. Augustinegrass', ['turf'], 'lawn turf', 'blade', [6, 7.5], 'inefficient', 'warm-season turf', 'warm-season turf'],
  ['zoysiagrass', 'Zoysiagrass', ['turf'], 'lawn turf', 'blade', [6, 7], 'medium', 'warm-season turf', 'warm-season turf'],
  ['kentucky-bluegrass', 'Kentucky bluegrass', ['turf'], 'lawn turf', 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['perennial-ryegrass', 'Perennial ryegrass', ['turf'], 'lawn turf', 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['tall-fescue', 'Tall fescue', ['turf'], 'lawn turf', 'blade', [5.5, 7.5], 'efficient', 'cool-season turf'],
  ['fine-fescue', 'Fine fescue', ['turf'], 'lawn turf', 'blade', [5.5, 6.8], 'medium', 'cool-season turf'],
  ['seashore-paspalum', 'Seashore paspalum', ['turf'], 'lawn turf', 'blade', [5.5, 8], 'efficient', 'warm-season turf', 'warm-season turf'],
  ['annual-bluegrass', 'Annual bluegrass', ['turf'], 'fine turf', 'blade', [5.5,6.5], 'medium', 'cool-season turf'],
  ['browntop-bent', 'Browntop bent', ['turf'], 'fine turf', 'blade', [5,6.5], 'medium', 'cool-season turf'],
  ['buffalograss', 'Buffalograss', ['turf'], 'lawn turf', 'blade', [6,8], 'efficient', 'warm-season turf', 'warm-season turf'],
  ['bahiagrass', 'Bahiagrass', ['turf'], 'lawn turf', 'blade', [5,6.5], 'inefficient', 'warm-season turf', 'warm-season turf'],
  // Trees and vines
  ['pin-oak', 'Pin oak', ['tree'], 'shade tree', 'lobed', [5, 6.5], 'inefficient', 'broadleaf tree'],
  ['white-oak', 'White oak', ['tree'], 'shade tree', 'lobed', [5, 7], 'inefficient', 'broadleaf tree'],
  ['bur-oak', 'Bur oak', ['tree'], 'shade tree', 'lobed', [5.5, 7.8], 'efficient', 'broadleaf tree'],
  ['red-maple', 'Red maple', ['tree'], 'shade tree', 'palmate', [5, 6.5], 'inefficient', 'broadleaf tree'],
  ['silver-maple', 'Silver maple', ['tree'], 'shade tree', 'palmate', [5.5, 7], 'inefficient', 'broadleaf tree'],
  ['sweetgum', 'Sweetgum', ['tree'], 'shade tree', 'palmate', [5, 6.8], 'inefficient', 'broadleaf tree'],
  ['river-birch', 'River birch', ['tree'], 'shade tree', 'ovate', [4.5, 6.5], 'inefficient', 'broadleaf tree'],
  ['magnolia', 'Magnolia', ['tree', 'shrub'], 'shade tree', 'ovate', [5, 6.5], 'inefficient', 'broadleaf tree', 'evergreen'],
  ['eucalyptus', 'Eucalyptus', ['tree'], 'shade tree', 'ovate', [5, 7], 'medium', 'broadleaf tree', 'evergreen'],
  ['linden', 'Linden', ['tree'], 'shade tree', 'ovate', [6, 7.5], 'efficient', 'broadleaf tree'],
  ['white-pine', 'White pine', ['tree'], 'conifer', 'needle', [5, 6.5], 'inefficient', 'conifer'],
  ['spruce', 'Spruce', ['tree'], 'conifer', 'needle', [5, 7], 'medium', 'conifer'],
  ['queen-palm', 'Queen palm', ['tree'], 'palm', 'frond', [5.5, 6.8], 'inefficient', 'palm'],
  ['grapevine', 'Grapevine', ['tree'], 'vine', 'palmate', [6, 7.2], 'medium', 'grapevine petiole'],
  ['citrus', 'Citrus', ['tree', 'container'], 'orchard', 'ovate', [6, 7], 'inefficient', 'citrus', 'evergreen'],
  ['peach', 'Peach', ['tree'], 'orchard', 'ovate', [6, 7], 'inefficient', 'stone and pome fruit'],
  ['pear', 'Pear', ['tree'], 'orchard', 'ovate', [6, 7.2], 'medium', 'stone and pome fruit'],
  ['apple', 'Apple', ['tree'], 'orchard', 'ovate', [6, 7.2], 'medium', 'stone and pome fruit'],
  ['cherry', 'Cherry', ['tree'], 'orchard', 'ovate', [6, 7.2], 'medium', 'stone and pome fruit'],
  ['pecan', 'Pecan', ['tree'], 'orchard', 'ovate', [6, 7.2], 'medium', 'pecan'],
  ['avocado', 'Avocado', ['tree', 'container'], 'orchard', 'ovate', [5.5, 7], 'inefficient', 'avocado', 'evergreen'],
  ['kiwifruit', 'Kiwifruit', ['tree'], 'vine', 'ovate', [5.5, 6.8], 'inefficient', 'kiwifruit'],
  ['plum', 'Plum', ['tree'], 'orchard', 'ovate', [6,7.2], 'medium', 'stone and pome fruit'],
  ['apricot', 'Apricot', ['tree'], 'orchard', 'ovate', [6,7.5], 'medium', 'stone and pome fruit'],
  ['almond', 'Almond', ['tree'], 'orchard', 'ovate', [6,7.5], 'medium', 'stone and pome fruit'],
  ['walnut', 'Walnut', ['tree'], 'orchard', 'ovate', [6,7.5], 'medium', 'broadleaf tree'],
  ['quince', 'Quince', ['tree'], 'orchard', 'ovate', [5.8,7], 'inefficient', 'stone and pome fruit'],
  ['olive', 'Olive', ['tree'], 'orchard', 'ovate', [6,8.2], 'efficient', 'broadleaf tree', 'evergreen'],
  ['pistachio', 'Pistachio', ['tree'], 'orchard', 'ovate', [6.5,8], 'efficient', 'broadleaf tree'],
  ['mulberry', 'Mulberry', ['tree'], 'shade tree', 'lobed', [6,7.5], 'medium', 'broadleaf tree'],
  ['dogwood', 'Flowering dogwood', ['tree'], 'shade tree', 'ovate', [5,6.8], 'medium', 'broadleaf tree'],
  ['bald-cypress', 'Bald cypress', ['tree'], 'conifer', 'needle', [4.8,6.8], 'inefficient', 'conifer', 'deciduous'],
  ['tulip-tree', 'Tulip tree', ['tree'], 'shade tree', 'lobed', [5,7], 'medium', 'broadleaf tree'],
  ['silver-birch', 'Silver birch', ['tree'], 'shade tree', 'ovate', [4.8,6.8], 'inefficient', 'broadleaf tree'],
  ['royal-palm', 'Royal palm', ['tree'], 'palm', 'frond', [5.8,7.2], 'medium', 'palm'],
  // Shrubs and beds
  ['gardenia', 'Gardenia', ['shrub', 'container'], 'shrub', 'ovate', [5, 6], 'inefficient', 'broadleaf shrub'],
  ['azalea', 'Azalea and rhododendron', ['shrub', 'container'], 'shrub', 'ovate', [4.5, 5.5], 'inefficient', 'ericaceous shrub'],
  ['camellia', 'Camellia', ['shrub', 'container'], 'shrub', 'ovate', [5, 6], 'inefficient', 'broadleaf shrub'],
  ['hydrangea', 'Hydrangea', ['shrub', 'container'], 'shrub', 'ovate', [5, 6.5], 'inefficient', 'broadleaf shrub', 'deciduous'],
  ['highbush-blueberry', 'Highbush blueberry', ['shrub', 'container'], 'berry', 'ovate', [4.5, 5.2], 'inefficient', 'acid-soil berry'],
  ['raspberry', 'Raspberry', ['shrub'], 'berry', 'ovate', [5.6, 6.5], 'inefficient', 'strawberry and bramble'],
  ['strawberry', 'Strawberry', ['shrub', 'hydroponic', 'container'], 'berry', 'ovate', [5.5, 6.5], 'inefficient', 'strawberry and bramble', 'evergreen'],
  ['rose', 'Rose', ['shrub', 'container'], 'shrub', 'ovate', [5.8, 6.8], 'medium', 'broadleaf shrub', 'deciduous'],
  ['holly', 'Holly', ['shrub'], 'shrub', 'lobed', [5, 6.5], 'medium', 'broadleaf shrub'],
  ['ixora', 'Ixora', ['shrub', 'container'], 'shrub', 'ovate', [5, 6], 'inefficient', 'broadleaf shrub'],
  ['hibiscus', 'Hibiscus', ['shrub', 'container'], 'shrub', 'ovate', [5.8, 6.8], 'medium', 'broadleaf shrub'],
  ['bottlebrush', 'Bottlebrush', ['shrub', 'tree'], 'shrub', 'ovate', [5.5, 7], 'inefficient', 'broadleaf shrub'],
  ['boxwood', 'Boxwood', ['shrub'], 'shrub', 'ovate', [6, 7.5], 'efficient', 'broadleaf shrub'],
  ['pieris', 'Pieris', ['shrub', 'container'], 'shrub', 'ovate', [4.5,5.8], 'inefficient', 'ericaceous shrub'],
  ['heather', 'Heather', ['shrub', 'container'], 'shrub', 'needle', [4.5,5.8], 'inefficient', 'ericaceous shrub'],
  ['bougainvillea', 'Bougainvillea', ['shrub', 'container'], 'shrub', 'ovate', [5.5,6.5], 'inefficient', 'broadleaf shrub'],
  ['spirea', 'Spirea', ['shrub'], 'shrub', 'ovate', [5.5,7], 'medium', 'broadleaf shrub', 'deciduous'],
  ['photinia', 'Photinia', ['shrub'], 'shrub', 'ovate', [5.5,7], 'inefficient', 'broadleaf shrub'],
  // Row crops
  ['grain-sorghum', 'Grain sorghum', ['row-crop'], 'cereal', 'blade', [5.8, 7.3], 'inefficient', 'maize and sorghum'],
  ['maize', 'Maize', ['row-crop'], 'cereal', 'blade', [5.8, 7.4], 'medium', 'maize and sorghum'],
  ['wheat', 'Wheat', ['row-crop'], 'cereal', 'blade', [6, 7.8], 'efficient', 'small grain'],
  ['oats', 'Oats', ['row-crop'], 'cereal', 'blade', [5.5, 7.3], 'medium', 'small grain'],
  ['rice-upland', 'Rice, upland', ['row-crop'], 'cereal', 'blade', [5, 6.5], 'inefficient', 'small grain'],
  ['soybean', 'Soybean', ['row-crop'], 'legume', 'ovate', [6, 7.3], 'inefficient', 'legume'],
  ['dry-bean', 'Dry bean', ['row-crop'], 'legume', 'ovate', [6, 7.2], 'inefficient', 'legume'],
  ['peanut', 'Peanut', ['row-crop'], 'legume', 'ovate', [5.8, 6.8], 'inefficient', 'legume'],
  ['chickpea', 'Chickpea', ['row-crop'], 'legume', 'ovate', [6, 7.8], 'medium', 'legume'],
  ['alfalfa', 'Alfalfa', ['row-crop'], 'legume', 'ovate', [6.5, 7.8], 'efficient', 'legume'],
  ['sunflower', 'Sunflower', ['row-crop'], 'field crop', 'ovate', [6, 7.8], 'efficient', 'sunflower'],
  ['potato', 'Potato', ['row-crop'], 'field crop', 'ovate', [5, 6.5], 'medium', 'potato'],
  ['sugar-beet', 'Sugar beet', ['row-crop'], 'field crop', 'cabbage', [6.5, 7.8], 'efficient', 'sugar beet'],
  ['flax', 'Flax', ['row-crop'], 'field crop', 'blade', [5.8,7], 'inefficient', 'legume'],
  ['cotton', 'Cotton', ['row-crop'], 'field crop', 'palmate', [5.8,8], 'medium', 'fruiting vegetable'],
  ['lentil', 'Lentil', ['row-crop'], 'legume', 'ovate', [6,7.8], 'medium', 'legume'],
  ['pea', 'Field pea', ['row-crop'], 'legume', 'ovate', [6,7.5], 'medium', 'legume'],
  ['sudangrass', 'Sudangrass', ['row-crop'], 'cereal', 'blade', [5.8,7.3], 'inefficient', 'maize and sorghum'],
  ['canola', 'Canola', ['row-crop'], 'field crop', 'cabbage', [5.8,7.8], 'efficient', 'leafy green'],
  // Containers and glasshouse
  ['petunia', 'Petunia and calibrachoa', ['container'], 'pot plant', 'ovate', [5.5, 6.2], 'inefficient', 'bedding plant'],
  ['pansy', 'Pansy and viola', ['container'], 'pot plant', 'ovate', [5.5, 6.2], 'inefficient', 'bedding plant'],
  ['snapdragon', 'Snapdragon', ['container'], 'pot plant', 'ovate', [5.5, 6.2], 'inefficient', 'bedding plant'],
  ['scaevola', 'Fan flower', ['container'], 'pot plant', 'ovate', [5.5, 6.2], 'inefficient', 'bedding plant'],
  ['geranium', 'Zonal geranium', ['container'], 'pot plant', 'lobed', [6, 6.6], 'efficient', 'bedding plant'],
  ['marigold', 'Marigold', ['container'], 'pot plant', 'ovate', [6, 6.6], 'efficient', 'bedding plant'],
  ['poinsettia', 'Poinsettia', ['container'], 'pot plant', 'lobed', [5.6, 6.4], 'medium', 'bedding plant'],
  ['chrysanthemum', 'Chrysanthemum', ['container'], 'pot plant', 'lobed', [5.7, 6.4], 'medium', 'bedding plant'],
  ['bacopa', 'Bacopa', ['container'], 'pot plant', 'ovate', [5.5,6.2], 'inefficient', 'bedding plant'],
  ['nemesia', 'Nemesia', ['container'], 'pot plant', 'ovate', [5.5,6.2], 'inefficient', 'bedding plant'],
  ['diascia', 'Diascia', ['container'], 'pot plant', 'ovate', [5.5,6.2], 'inefficient', 'bedding plant'],
  ['impatiens', 'Impatiens', ['container'], 'pot plant', 'ovate', [5.8,6.4], 'medium', 'bedding plant'],
  ['new-guinea-impatiens', 'New Guinea impatiens', ['container'], 'pot plant', 'ovate', [6,6.6], 'efficient', 'bedding plant'],
  ['pentas', 'Pentas', ['container'], 'pot plant', 'ovate', [6.2,6.8], 'efficient', 'bedding plant'],
  ['lisianthus', 'Lisianthus', ['container'], 'pot plant', 'ovate', [6.2,6.8], 'efficient', 'bedding plant'],
  ['gerbera', 'Gerbera', ['container'], 'pot plant', 'lobed', [5.5,6.2], 'inefficient', 'bedding plant'],
  ['hemp', 'Hemp', ['container', 'hydroponic'], 'field crop', 'palmate', [5.6,6.5], 'medium', 'fruiting vegetable'],
  // Solution
  ['lettuce', 'Lettuce', ['hydroponic', 'aquaponic'], 'vegetable', 'cabbage', [5.5, 6.8], 'medium', 'leafy green'],
  ['pak-choi', 'Pak choi and mustard greens', ['hydroponic', 'aquaponic'], 'vegetable', 'cabbage', [5.5, 7], 'medium', 'leafy green'],
  ['kale', 'Kale', ['hydroponic', 'aquaponic'], 'vegetable', 'cabbage', [5.5, 7], 'efficient', 'leafy green'],
  ['spinach', 'Spinach', ['hydroponic', 'aquaponic'], 'vegetable', 'cabbage', [5.8, 7], 'medium', 'leafy green'],
  ['watercress', 'Watercress', ['aquaponic', 'hydroponic'], 'vegetable', 'ovate', [6.2, 7.2], 'medium', 'leafy green'],
  ['basil', 'Basil', ['hydroponic', 'aquaponic', 'container'], 'vegetable', 'ovate', [5.5, 6.5], 'medium', 'leafy green'],
  ['mint', 'Mint', ['hydroponic', 'aquaponic', 'container'], 'vegetable', 'ovate', [5.8, 7], 'medium', 'leafy green'],
  ['tomato', 'Tomato', ['hydroponic', 'aquaponic', 'container'], 'vegetable', 'lobed', [5.5, 6.5], 'medium', 'fruiting vegetable'],
  ['cucumber', 'Cucumber', ['hydroponic', 'aquaponic', 'container'], 'vegetable', 'palmate', [5.5, 6.5], 'medium', 'fruiting vegetable'],
  ['pepper', 'Sweet pepper', ['hydroponic', 'aquaponic', 'container'], 'vegetable', 'ovate', [5.5, 6.5], 'inefficient', 'fruiting vegetable'],
  // Whatever the list does not know: its own pH range is asked for.
  ['other-cool-grass', 'Another cool-season grass', ['turf'], 'lawn turf', 'blade', [6, 7], 'medium', 'cool-season turf'],
  ['other-warm-grass', 'Another warm-season grass', ['turf'], 'lawn turf', 'blade', [6, 7], 'medium', 'warm-season turf', 'warm-season turf'],
  ['other-shade-tree', 'Another shade tree', ['tree'], 'shade tree', 'ovate', [5.5, 7], 'medium', 'broadleaf tree'],
  ['other-conifer', 'Another conifer', ['tree'], 'conifer', 'needle', [5, 7], 'medium', 'conifer'],
  ['other-fruit-tree', 'Another fruit or nut tree', ['tree'], 'orchard', 'ovate', [6, 7.2], 'medium', 'stone and pome fruit'],
  ['other-vine', 'Another vine', ['tree'], 'vine', 'ovate', [6, 7.2], 'medium', 'grapevine petiole'],
  ['other-shrub', 'Another shrub', ['shrub', 'container'], 'shrub', 'ovate', [5.5, 7], 'medium', 'broadleaf shrub'],
  ['other-berry', 'Another berry', ['shrub', 'container'], 'berry', 'ovate', [5.5, 6.5], 'medium', 'strawberry and bramble'],
  ['other-cereal', 'Another cereal', ['row-crop'], 'cereal', 'blade', [6, 7.5], 'medium', 'small grain'],
  ['other-legume', 'Another legume', ['row-crop'], 'legume', 'ovate', [6, 7.3], 'medium', 'legume'],
  ['other-field-crop', 'Another field crop', ['row-crop'], 'field crop', 'ovate', [6, 7.5], 'medium', 'leafy green'],
  ['other-pot-plant', 'Another pot plant', ['container'], 'pot plant', 'ovate', [5.6, 6.4], 'medium', 'bedding plant'],
  ['other-leafy', 'Another leafy vegetable or herb', ['hydroponic', 'aquaponic', 'container', 'row-crop'], 'vegetable', 'cabbage', [5.5, 6.8], 'medium', 'leafy green'],
  ['other-fruiting', 'Another fruiting vegetable', ['hydroponic', 'aquaponic', 'container', 'row-crop'], 'vegetable', 'ovate', [5.5, 6.5], 'medium', 'fruiting vegetable'],
]

/** The plants known so far; one record a plant. */
export const plants: readonly Plant[] = rows.map(
  ([id, name, contexts, growth, leafForm, [low, high], ironEfficiency, tissue, habit]) => ({
    id,
    name,
    contexts,
    growth,
    leafForm,
    pHRange: { low, high },
    ironEfficiency,
    tissue,
    habit: habit ?? usualHabits[growth],
    source: 'target pH and susceptibility to iron chlorosis by plant, as practice has them',
    mark: 'C',
  }),
)
