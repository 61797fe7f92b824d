import type { Context, Route } from '../../../stand/plant/index.ts'
import type { SourceId } from '../../../material/source/index.ts'

/** What a figure of a remedy counts by. */
export type By =
  | 'kg nutrient/ha'
  | 'kg product/ha'
  | 'g/plant'
  | 'g/cm'
  | '%'
  | 'g/100 L'
  | 'mg nutrient/L'
  | 'mg product/L'

/** A situation with the remedy that a specialist would sign, to be read line by line. */
export interface WorkedRemedy {
  readonly told: string
  readonly context: Context
  readonly plantId: string
  readonly nutrient: 'Fe' | 'Mn' | 'Zn' | 'Mg'
  readonly route: Route
  readonly pH: number
  /** What may lead: the first of those that work has to be one of them. */
  readonly leads: readonly SourceId[]
  /** What is taken where the leader is not; absent: the leader. */
  readonly take?: SourceId
  /** At the usual rate: the least and the most that is right. */
  readonly rate: readonly [least: number, most: number, by: By]
  /** L/ha on ground, L a plant on trees and in pots, of the pot volume into pots [%]; none where it goes out dry. */
  readonly water: readonly [least: number, most: number] | 'none'
  /** Days to the next, or once a season. */
  readonly again: readonly [least: number, most: number] | 'once a season'
}

type Row = readonly [
  told: string,
  where: readonly [Context, string],
  how: readonly [WorkedRemedy['nutrient'], Route, pH: number],
  leads: string,
  rate: WorkedRemedy['rate'],
  water: WorkedRemedy['water'],
  again: WorkedRemedy['again'],
]

const eddhas = 'fe-eddha fe-eddhma fe-eddhsa fe-hjb fe-hbed'
const sulfates = 'ferrous-sulfate ferrous-sulfate-monohydrate ferrous-ammonium-sulfate'
const turfSalt = [0.56, 1.68, 'kg nutrient/ha'] as const
const turfChelate = [0.34, 1.12, 'kg nutrient/ha'] as const
const sward = [150, 375] as const
const glisten = [2000, 4100] as const
const fortnights = [14, 28] as const
const wateredIn = [3, 12.3, 'kg product/ha'] as const
const onTurf = [1000, 4100] as const

/**
 * Worked remedies. Ranges stand in other units than the app's table, converted by hand from what labels,
 * bulletins and practice say (from memory; the handbook of this project has them with their certainty).
 */
// prettier-ignore
const rows: readonly Row[] = [
  // Turf, on the leaf
  ['Bent green, pH 7.8, colour for a match', ['turf', 'creeping-bentgrass'], ['Fe', 'leaf', 7.8], sulfates, turfSalt, sward, fortnights],
  ['Annual bluegrass green at pH 6.9', ['turf', 'annual-bluegrass'], ['Fe', 'leaf', 6.9], sulfates, turfSalt, sward, fortnights],
  ['Bermuda sports turf at pH 8.1', ['turf', 'bermudagrass'], ['Fe', 'leaf', 8.1], sulfates, turfSalt, sward, fortnights],
  ['Centipede lawn at pH 7.4', ['turf', 'centipedegrass'], ['Fe', 'leaf', 7.4], sulfates, turfSalt, sward, fortnights],
  ['St. Augustine lawn at pH 8.0', ['turf', 'st-augustinegrass'], ['Fe', 'leaf', 8], sulfates, turfSalt, sward, fortnights],
  ['Tall fescue with DTPA in place of sulfate', ['turf', 'tall-fescue'], ['Fe', 'leaf', 7.5], `${sulfates} > fe-dtpa`, turfChelate, sward, [21, 28]],
  ['Bluegrass with EDTA in place of sulfate', ['turf', 'kentucky-bluegrass'], ['Fe', 'leaf', 7.5], `${sulfates} > fe-edta`, turfChelate, sward, [21, 28]],
  ['Zoysia with a glucoheptonate', ['turf', 'zoysiagrass'], ['Fe', 'leaf', 7], `${sulfates} > iron-glucoheptonate`, turfChelate, sward, [21, 28]],
  // Turf, into the soil
  ['Bent green on lime, EDDHA watered in', ['turf', 'creeping-bentgrass'], ['Fe', 'soil', 7.8], eddhas, wateredIn, onTurf, [35, 60]],
  ['Bahia on a shell road verge at pH 7.9', ['turf', 'bahiagrass'], ['Fe', 'soil', 7.9], eddhas, wateredIn, onTurf, [35, 60]],
  ['Buffalograss at pH 8.2', ['turf', 'buffalograss'], ['Fe', 'soil', 8.2], eddhas, wateredIn, onTurf, [35, 60]],
  ['Ryegrass on acid sand, DTPA watered in', ['turf', 'perennial-ryegrass'], ['Fe', 'soil', 5.6], '* > fe-dtpa', [1.1, 5.6, 'kg nutrient/ha'], onTurf, [28, 42]],
  // Shade trees
  ['Pin oak avenue at pH 7.6', ['tree', 'pin-oak'], ['Fe', 'soil', 7.6], eddhas, [5.5, 22.4, 'g/cm'], [15, 50], 'once a season'],
  ['Red maple at pH 7.9', ['tree', 'red-maple'], ['Fe', 'soil', 7.9], eddhas, [5.5, 22.4, 'g/cm'], [15, 50], 'once a season'],
  ['Silver birch at pH 7.3', ['tree', 'silver-birch'], ['Fe', 'soil', 7.3], `* > fe-eddha`, [5.5, 22.4, 'g/cm'], [15, 50], 'once a season'],
  ['White pine at pH 7.5', ['tree', 'white-pine'], ['Fe', 'soil', 7.5], eddhas, [5.5, 22.4, 'g/cm'], [15, 50], 'once a season'],
  ['Queen palm at pH 7.8', ['tree', 'queen-palm'], ['Fe', 'soil', 7.8], eddhas, [5.5, 22.4, 'g/cm'], [15, 50], 'once a season'],
  ['River birch on ground of pH 6, DTPA', ['tree', 'river-birch'], ['Fe', 'soil', 6], '* > fe-dtpa', [5.5, 22.4, 'g/cm'], [15, 50], [28, 56]],
  ['Sweetgum sprayed in early summer', ['tree', 'sweetgum'], ['Fe', 'leaf', 7.6], sulfates, [0.5, 1, '%'], [3.7, 19], fortnights],
  ['Tulip tree sprayed with EDTA', ['tree', 'tulip-tree'], ['Fe', 'leaf', 7.4], '* > fe-edta', [0.5, 1, '%'], [3.7, 19], fortnights],
  // Orchard
  ['Peach at pH 7.9 on lime, bud break', ['tree', 'peach'], ['Fe', 'soil', 7.9], eddhas, [2.4, 8, 'g/cm'], [15, 50], 'once a season'],
  ['Citrus at pH 8.1', ['tree', 'citrus'], ['Fe', 'soil', 8.1], eddhas, [2.4, 8, 'g/cm'], [15, 50], 'once a season'],
  ['Pear on quince at pH 7.8', ['tree', 'quince'], ['Fe', 'soil', 7.8], eddhas, [2.4, 8, 'g/cm'], [15, 50], 'once a season'],
  ['Avocado at pH 7.6', ['tree', 'avocado'], ['Fe', 'soil', 7.6], eddhas, [2.4, 8, 'g/cm'], [15, 50], 'once a season'],
  ['Apricot at pH 8.2', ['tree', 'apricot'], ['Fe', 'soil', 8.2], eddhas, [2.4, 8, 'g/cm'], [15, 50], 'once a season'],
  // Vines
  ['Vines on lime of pH 7.9, bud break', ['tree', 'grapevine'], ['Fe', 'soil', 7.9], eddhas, [5, 15, 'g/plant'], [0.9, 4], 'once a season'],
  ['Vines on active lime of pH 8.2', ['tree', 'grapevine'], ['Fe', 'soil', 8.2], eddhas, [5, 15, 'g/plant'], [0.9, 4], 'once a season'],
  ['Kiwifruit at pH 7.5', ['tree', 'kiwifruit'], ['Fe', 'soil', 7.5], eddhas, [5, 15, 'g/plant'], [0.9, 4], 'once a season'],
  ['Vines sprayed before flowering', ['tree', 'grapevine'], ['Fe', 'leaf', 7.9], '* > fe-dtpa', [0.1, 0.5, '%'], [0.08, 0.31], [10, 21]],
  // Shrubs and berries
  ['Azalea bed at pH 7.2, sprayed to glisten', ['shrub', 'azalea'], ['Fe', 'leaf', 7.2], sulfates, [0.25, 1, '%'], glisten, fortnights],
  ['Gardenia hedge with DTPA', ['shrub', 'gardenia'], ['Fe', 'leaf', 7], '* > fe-dtpa', [0.25, 1, '%'], glisten, fortnights],
  ['Ixora at pH 8, EDDHA watered in', ['shrub', 'ixora'], ['Fe', 'soil', 8], eddhas, wateredIn, onTurf, [35, 60]],
  ['Blueberries at pH 6.6, EDDHA meanwhile', ['shrub', 'highbush-blueberry'], ['Fe', 'soil', 6.6], '* > fe-eddha', wateredIn, onTurf, [35, 60]],
  ['Raspberries at pH 7.6', ['shrub', 'raspberry'], ['Fe', 'soil', 7.6], eddhas, wateredIn, onTurf, [35, 60]],
  ['Camellias at pH 7.4, sprayed', ['shrub', 'camellia'], ['Fe', 'leaf', 7.4], sulfates, [0.25, 1, '%'], glisten, fortnights],
  ['Bougainvillea at pH 7.9', ['shrub', 'bougainvillea'], ['Fe', 'soil', 7.9], eddhas, wateredIn, onTurf, [35, 60]],
  // Row crops
  ['Grain sorghum ten days up, pH 8.1', ['row-crop', 'grain-sorghum'], ['Fe', 'leaf', 8.1], sulfates, [2, 2.5, '%'], [45, 145], [10, 14]],
  ['Peanut in pale patches, pH 7.9', ['row-crop', 'peanut'], ['Fe', 'leaf', 7.9], sulfates, [2, 2.5, '%'], [45, 145], [10, 14]],
  ['Soybean, chelate on the leaf, seldom pays', ['row-crop', 'soybean'], ['Fe', 'leaf', 7.9], '* > fe-dtpa', [0.056, 0.225, 'kg nutrient/ha'], [180, 380], [7, 14]],
  ['Soybean zones at pH 8, in the furrow', ['row-crop', 'soybean'], ['Fe', 'soil', 8], eddhas, [1.1, 3.4, 'kg product/ha'], [45, 145], 'once a season'],
  ['Dry beans at pH 7.8, in the furrow', ['row-crop', 'dry-bean'], ['Fe', 'soil', 7.8], eddhas, [1.1, 3.4, 'kg product/ha'], [45, 145], 'once a season'],
  ['Flax at pH 7.7, chelate on the leaf', ['row-crop', 'flax'], ['Fe', 'leaf', 7.7], '* > fe-edta', [0.056, 0.225, 'kg nutrient/ha'], [180, 380], [7, 14]],
  // Pots
  ['Petunias at pH 6.8, drenched with DTPA', ['container', 'petunia'], ['Fe', 'soil', 6.8], '* > fe-dtpa', [30, 40, 'g/100 L'], [10, 15], [21, 28]],
  ['Calibrachoa at pH 7.2, drenched with EDDHA', ['container', 'petunia'], ['Fe', 'soil', 7.2], '* > fe-eddha', [30, 40, 'g/100 L'], [10, 15], [42, 120]],
  ['Gerbera at pH 6.9, EDDHA', ['container', 'gerbera'], ['Fe', 'soil', 6.9], '* > fe-eddha', [30, 40, 'g/100 L'], [10, 15], [42, 120]],
  ['Pansies sprayed with EDTA', ['container', 'pansy'], ['Fe', 'leaf', 6.6], '* > fe-edta', [0.03, 0.1, '%'], [0.02, 0.1], fortnights],
  ['Bacopa sprayed with DTPA', ['container', 'bacopa'], ['Fe', 'leaf', 6.6], '* > fe-dtpa', [0.03, 0.1, '%'], [0.02, 0.1], fortnights],
  // Solutions
  ['Lettuce channels at pH 6', ['hydroponic', 'lettuce'], ['Fe', 'solution', 6], '* > fe-dtpa', [1, 3, 'mg nutrient/L'], 'none', [7, 21]],
  ['Tomatoes at pH 7.3', ['hydroponic', 'tomato'], ['Fe', 'solution', 7.3], '* > fe-eddha', [1, 3, 'mg nutrient/L'], 'none', [7, 21]],
  ['Raft loop with carp at pH 6.8', ['aquaponic', 'lettuce'], ['Fe', 'solution', 6.8], '* > fe-dtpa', [1.5, 2, 'mg nutrient/L'], 'none', [21, 28]],
  ['Raft loop with tilapia at pH 7.6', ['aquaponic', 'kale'], ['Fe', 'solution', 7.6], '* > fe-eddha', [1.5, 2, 'mg nutrient/L'], 'none', [21, 28]],
  // Manganese, zinc, magnesium
  ['Bermuda short of manganese at pH 7.8', ['turf', 'bermudagrass'], ['Mn', 'leaf', 7.8], 'manganese-sulfate', [0.5, 2, 'kg nutrient/ha'], [200, 400], [10, 21]],
  ['Soybean short of manganese at pH 7.2', ['row-crop', 'soybean'], ['Mn', 'leaf', 7.2], 'manganese-sulfate', [0.5, 2, 'kg nutrient/ha'], [200, 400], [10, 21]],
  ['Citrus short of manganese', ['tree', 'citrus'], ['Mn', 'leaf', 7.6], 'manganese-sulfate mn-edta', [0.1, 0.5, '%'], [3.7, 19], [10, 21]],
  ['Pecan short of zinc', ['tree', 'pecan'], ['Zn', 'leaf', 7], 'zinc-sulfate zn-edta', [0.1, 0.5, '%'], [3.7, 19], [10, 21]],
  ['Maize short of zinc at pH 7.8, on the leaf', ['row-crop', 'maize'], ['Zn', 'leaf', 7.8], 'zinc-sulfate zn-edta', [0.2, 1.4, 'kg nutrient/ha'], [200, 400], [10, 21]],
  ['Maize short of zinc at pH 6.2, banded', ['row-crop', 'maize'], ['Zn', 'soil', 6.2], 'zinc-sulfate', [3, 14, 'kg nutrient/ha'], 'none', 'once a season'],
  ['Roses short of magnesium at pH 7.8: no lime', ['shrub', 'rose'], ['Mg', 'soil', 7.8], 'kieserite epsom-salt', [5, 48, 'kg nutrient/ha'], 'none', [60, 120]],
  ['Tomatoes short of magnesium, Epsom on the leaf', ['container', 'tomato'], ['Mg', 'leaf', 6], 'epsom-salt', [1, 2, '%'], [0.02, 0.1], [7, 21]],
  ['Channels short of magnesium', ['hydroponic', 'tomato'], ['Mg', 'solution', 6], 'epsom-salt', [100, 300, 'mg product/L'], 'none', 'once a season'],
]

export const workedRemedies: readonly WorkedRemedy[] = rows.map(
  ([told, [context, plantId], [nutrient, route, pH], leads, rate, water, again]) => {
    const [first = '', take] = leads.split(' > ')
    return {
      told,
      context,
      plantId,
      nutrient,
      route,
      pH,
      leads: first === '*' ? [] : (first.split(' ') as SourceId[]),
      ...(take === undefined ? {} : { take: take as SourceId }),
      rate,
      water,
      again,
    }
  },
)
