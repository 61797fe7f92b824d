import type { Cause } from './cause.ts'
import { followsTheGround, ironLeaf, soundRoots, tiedUpByPH, youngLeavesFirst } from './weights.ts'

const marschner = 'Marschner, Mineral Nutrition of Higher Plants (mobility, leaf pattern)'

const ironLeafReasons = {
  tier: 'Iron does not move out of old leaves, so the youngest go short first.',
  pattern: 'Short of iron, even the smallest veins stay green while the leaf between them yellows.',
} as const

/** Mechanisms by which a plant goes short of iron. */
export const ironCauses: readonly Cause[] = [
  {
    id: 'iron-tied-up-by-pH',
    name: 'Iron tied up by high pH',
    mechanism: 'The soil holds iron enough, but at this pH it is rust that roots cannot take up.',
    remedy: 'iron',
    commonness: { otherwise: 20 },
    weights: {
      tier: youngLeavesFirst,
      pattern: ironLeaf,
      roots: soundRoots,
      whereOnGround: followsTheGround,
      fizz: { none: 3, slight: 3, strong: 2, otherwise: 1 },
      feed: { normal: 4, high: 2, low: 1.5, none: 1, otherwise: 1 },
      onset: { weeks: 4, 'since-planting': 3, 'every-spring': 2, days: 0.7, otherwise: 1 },
      pH: tiedUpByPH,
    },
    because: {
      ...ironLeafReasons,
      pH: 'From about pH 7.2 iron comes out of solution faster than most roots can bring it back.',
      roots: 'Sound roots point to the supply, not to the uptake.',
    },
    advice:
      'A leaf spray for colour now or a chelate that survives this pH in the soil; then bring pH down where lime allows.',
    source: marschner,
    mark: 'M',
  },
  {
    id: 'iron-tied-up-by-bicarbonate',
    name: 'Iron tied up by bicarbonate or free lime',
    mechanism: 'Wet, cool, limy ground fills with bicarbonate, which stops iron inside the plant.',
    remedy: 'iron',
    contexts: ['turf', 'tree', 'shrub', 'row-crop', 'container'],
    commonness: { otherwise: 8 },
    weights: {
      tier: youngLeavesFirst,
      pattern: ironLeaf,
      roots: soundRoots,
      whereOnGround: {
        'low-spots': 6,
        patches: 4,
        'near-concrete': 3,
        everywhere: 1.5,
        otherwise: 0.3,
      },
      wetness: { wet: 5, standing: 4, moist: 1.5, dry: 0.4, otherwise: 1 },
      fizz: { none: 0.3, slight: 2.5, strong: 6, otherwise: 1 },
      onset: { 'every-spring': 6, weeks: 2, 'since-planting': 2, days: 0.7, otherwise: 1 },
      pH: { ...tiedUpByPH, 'slightly-acid': 0.05 },
    },
    events: { 'cold-spell': 3, 'heavy-rain': 3 },
    because: {
      ...ironLeafReasons,
      fizz: 'Fizz is free lime, the source of the bicarbonate.',
      wetness: 'Wet airless ground holds the carbon dioxide that turns lime into bicarbonate.',
      onset: 'Comes with cool wet springs and passes as the soil warms and dries.',
    },
    advice:
      'Let the soil drain and warm before spending; where it stays, EDDHA in the soil. Acid is wasted on free lime.',
    source: marschner,
    mark: 'M',
  },
  {
    id: 'iron-truly-low',
    name: 'Iron truly low',
    mechanism: 'Sand, peat or a spent solution holds too little iron at any pH.',
    remedy: 'iron',
    commonness: { hydroponic: 22, aquaponic: 25, container: 8, otherwise: 5 },
    weights: {
      tier: youngLeavesFirst,
      pattern: ironLeaf,
      roots: soundRoots,
      whereOnGround: { everywhere: 4, patches: 2, otherwise: 0.4 },
      feed: { none: 4, low: 4, normal: 1.5, high: 0.7, otherwise: 1 },
      fizz: { none: 4, slight: 0.7, strong: 0.3, otherwise: 1 },
      pH: {
        acid: 3,
        'slightly-acid': 4,
        neutral: 2.5,
        alkaline: 0.6,
        'strongly-alkaline': 0.3,
        otherwise: 1,
      },
    },
    events: { 'heavy-rain': 2 },
    because: {
      ...ironLeafReasons,
      pH: 'At this pH iron would be available if there were any.',
      feed: 'Little feed brings little iron.',
    },
    advice: 'Bring iron with the feed; a cheap chelate works at this pH.',
    source: marschner,
    mark: 'M',
  },
  {
    id: 'iron-crowded-out',
    name: 'Iron crowded out by phosphorus, manganese, zinc or copper',
    mechanism: 'Another nutrient in plenty keeps iron out of the plant.',
    remedy: 'iron',
    commonness: { otherwise: 3 },
    weights: {
      tier: youngLeavesFirst,
      pattern: ironLeaf,
      roots: soundRoots,
      feed: { high: 5, normal: 1.5, low: 0.4, none: 0.3, otherwise: 1 },
    },
    events: { 'high-p-feed': 8 },
    because: { ...ironLeafReasons, feed: 'Rich feed or manure brings what crowds iron out.' },
    advice:
      'Stop the feed that crowds it out, test soil phosphorus, manganese and zinc; spray iron meanwhile.',
    source: marschner,
    mark: 'M',
  },
  {
    id: 'over-limed',
    name: 'Over-limed',
    mechanism: 'Lime put on lately has locked up iron, manganese and zinc together.',
    remedy: 'iron',
    contexts: ['turf', 'tree', 'shrub', 'row-crop', 'container'],
    commonness: { otherwise: 2 },
    weights: {
      tier: youngLeavesFirst,
      pattern: { ...ironLeaf, 'broad-green-bands': 2, mottle: 2 },
      roots: soundRoots,
      fizz: { none: 1, slight: 3, strong: 2, otherwise: 1 },
      onset: { weeks: 5, days: 2, 'since-planting': 1, 'every-spring': 0.3, otherwise: 1 },
      pH: tiedUpByPH,
    },
    events: { limed: 14 },
    because: { ...ironLeafReasons, onset: 'It followed the lime.' },
    advice: 'No more lime. Spray iron and manganese for now, and test pH again in three months.',
    source: 'common practice',
    mark: 'C',
  },
]
