import type { Findings } from '../../../seen/finding/index.ts'
import type { Context } from '../../../stand/plant/index.ts'
import type { ReadingKind } from '../../../seen/reading/index.ts'
import type { StoryEventKind } from '../index.ts'

/** What a careful person would say of a case. */
export type Expected =
  /** The leading cause, or both causes of the leading pair. */
  | { readonly lead: string; readonly with?: string }
  /** It cannot be settled on this; these still stand, and this check would settle it. */
  | {
      readonly open: readonly string[]
      readonly check: string
      /** The first step is the same whichever it is, so that one may act. */
      readonly mayAct?: true
    }

/** A case as a practitioner would tell it. */
export interface WrittenCase {
  readonly told: string
  readonly context: Context
  readonly plantId: string
  readonly findings: Findings
  /** Laboratory or meter readings three weeks old. */
  readonly readings: Readonly<Partial<Record<ReadingKind, number>>>
  /** What happened, and how many days before the look. */
  readonly events: readonly (readonly [StoryEventKind, daysBefore: number])[]
  readonly expected: Expected
}

type Row = readonly [
  told: string,
  context: Context,
  plantId: string,
  findings: Findings,
  readings: WrittenCase['readings'],
  events: WrittenCase['events'],
  expected: Expected,
]

const iron = { tier: 'youngest-only', pattern: 'fine-green-veins', severity: '3' } as const
const ironGrass = { tier: 'youngest-only', pattern: 'stripes', severity: '3' } as const
const hungry = { tier: 'oldest-spreading-up', pattern: 'even-pale', growth: 'slow' } as const

const byPH = { lead: 'iron-tied-up-by-pH' } as const
const byLime = { lead: 'iron-tied-up-by-bicarbonate' } as const
const low = { lead: 'iron-truly-low' } as const
const roots = { lead: 'roots-cannot-take-it-up' } as const

/**
 * Cases over all contexts, with the cause a careful practitioner would name. Invented from the
 * discriminating signs of the trade (common practice) and the mobility of nutrients (Marschner).
 */
// prettier-ignore
const rows: readonly Row[] = [
  // Turf
  ['Striped young blades, pH 7.8, sound roots', 'turf', 'creeping-bentgrass', { ...ironGrass, roots: 'white', feed: 'normal' }, { pH: 7.8 }, [], byPH],
  ['The same on centipedegrass at pH 7.0', 'turf', 'centipedegrass', { ...ironGrass, roots: 'white', feed: 'normal', whereOnGround: 'everywhere' }, { pH: 7.2 }, [], byPH],
  ['Striped young blades each wet spring in low fizzing ground', 'turf', 'kentucky-bluegrass', { ...ironGrass, whereOnGround: 'low-spots', wetness: 'wet', fizz: 'strong', onset: 'every-spring', warmth: 'cool' }, { pH: 7.8 }, [], byLime],
  ['Pale old blades, thin slow growth, nothing fed', 'turf', 'perennial-ryegrass', { ...hungry, feed: 'none' }, { pH: 6.4 }, [], { lead: 'nitrogen-short' }],
  ['Evenly pale all over after weeks of rain on sand, little fed', 'turf', 'bermudagrass', { tier: 'all', pattern: 'even-pale', growth: 'slow', texture: 'sand', rain: 'yes', feed: 'low' }, { pH: 6.2 }, [['heavy-rain', 25]], { lead: 'nitrogen-short' }],
  ['Yellow rings, roots short and dark', 'turf', 'bermudagrass', { tier: 'all', pattern: 'even-pale', whereOnGround: 'rings', roots: 'brown-soft' }, {}, [], { lead: 'ring-root-rot' }],
  ['Dead centre, yellow rim, thick thatch, bugs in the flush', 'turf', 'st-augustinegrass', { tier: 'all', pattern: 'even-pale', whereOnGround: 'dead-centre', thatch: 'thick', flush: 'sap-suckers', wetness: 'dry' }, {}, [['heat', 20]], { lead: 'sap-sucking-insects' }],
  ['Patches that lift like a carpet', 'turf', 'tall-fescue', { tier: 'all', pattern: 'even-pale', whereOnGround: 'patches', pullTest: 'lifts', flush: 'larvae' }, {}, [], { lead: 'larvae' }],
  ['White stripes along the sprayer passes within days', 'turf', 'zoysiagrass', { tier: 'all', pattern: 'bleached', whereOnGround: 'machine-stripes', onset: 'days', sprayed: 'yes' }, {}, [['herbicide', 9]], { lead: 'chemical-injury' }],
  ['Grey-black lawn two days after a heavy iron spray', 'turf', 'creeping-bentgrass', { tier: 'all', pattern: 'bronzed', onset: 'days', feedIron: 'yes' }, {}, [['iron-given', 12]], { lead: 'iron-overdose' }],
  ['Striped blades weeks after lime, pH 7.5', 'turf', 'fescue-zoysia', { ...ironGrass, onset: 'weeks', whereOnGround: 'everywhere' }, { pH: 7.5 }, [['limed', 70]], { lead: 'over-limed' }],
  ['Striped blades at pH 6.0 on sand, no iron in the feed', 'turf', 'bermudagrass', { ...ironGrass, texture: 'sand', roots: 'white', feed: 'low', feedIron: 'no' }, { pH: 6.0 }, [], low],
  ['Standing water, brown roots, packed ground', 'turf', 'perennial-ryegrass', { tier: 'all', pattern: 'even-pale', roots: 'brown-soft', wetness: 'standing', compaction: 'strong', whereOnGround: 'low-spots' }, {}, [['flood', 30]], roots],
  ['Stripes on young blades and old blades pale, pH 7.8, hardly fed', 'turf', 'creeping-bentgrass', { tier: 'all', pattern: 'stripes', severity: '3', growth: 'slow', feed: 'low', roots: 'white' }, { pH: 7.8, tissueNitrogen: 1.8 }, [], { lead: 'iron-tied-up-by-pH', with: 'nitrogen-short' }],
  ['Pale blades, nothing else known', 'turf', 'creeping-bentgrass', { pattern: 'even-pale' }, {}, [], { open: ['nitrogen-short'], check: 'which-leaves' }],
  ['Patches of pale turf, nothing else known', 'turf', 'tall-fescue', { whereOnGround: 'patches', pattern: 'even-pale', tier: 'all' }, {}, [], { open: ['nitrogen-short', 'larvae'], check: 'pull-test' }],
  ['White patch where a drum leaked three days ago', 'turf', 'kentucky-bluegrass', { tier: 'all', pattern: 'bleached', whereOnGround: 'patches', onset: 'days', sprayed: 'yes' }, {}, [['spill', 3]], { lead: 'chemical-injury' }],
  ['Blackened tips three days after a heavy iron spray', 'turf', 'creeping-bentgrass', { tier: 'all', pattern: 'bronzed', onset: 'days', feedIron: 'yes' }, {}, [['iron-given', 3]], { lead: 'iron-overdose' }],
  ['Pale sealed ground where water stands, SAR 20, pH 8.9', 'turf', 'bermudagrass', { tier: 'all', pattern: 'even-pale', wetness: 'standing', compaction: 'strong', growth: 'slow' }, { sodiumAdsorption: 20, pH: 8.9, ecPaste: 1.5 }, [], { lead: 'sodic-ground' }],
  ['Scorched margins by a road, EC 7, SAR low', 'turf', 'tall-fescue', { tier: 'all', pattern: 'margin-scorch', growth: 'slow', wetness: 'dry' }, { ecPaste: 7, sodiumAdsorption: 4 }, [], { lead: 'salt' }],
  ['Striped young blades, pH 8.0, limed long ago', 'turf', 'bahiagrass', { ...ironGrass, roots: 'white', whereOnGround: 'everywhere' }, { pH: 8 }, [], byPH],
  ['Old blades pale, a strip fed nitrogen greened', 'turf', 'zoysiagrass', { ...hungry, feed: 'low', rain: 'yes', texture: 'sand' }, { pH: 6.3, tissueNitrogen: 1.6 }, [], { lead: 'nitrogen-short' }],

  // Trees and vines
  ['Pin oak, iron leaf, pH 7.6', 'tree', 'pin-oak', { ...iron, whereOnPlant: 'whole', roots: 'white' }, { pH: 7.6 }, [], byPH],
  ['Oak beside a new limestone path', 'tree', 'pin-oak', { ...iron, whereOnGround: 'near-concrete', whereOnPlant: 'whole' }, { pH: 7.5 }, [['construction', 400]], byPH],
  ['Vines on fizzing wet ground after a cold wet spring', 'tree', 'grapevine', { ...iron, whereOnGround: 'low-spots', wetness: 'wet', fizz: 'strong', warmth: 'cool', rain: 'yes' }, { pH: 7.9, calciumCarbonate: 22 }, [['heavy-rain', 30]], byLime],
  ['One side of a maple, girdled roots', 'tree', 'red-maple', { tier: 'all', pattern: 'even-pale', whereOnPlant: 'one-side', roots: 'circling', growth: 'slow' }, { pH: 6.4 }, [], roots],
  ['Citrus with broad green bands on young leaves', 'tree', 'citrus', { tier: 'youngest-only', pattern: 'broad-green-bands', severity: '2' }, { pH: 7.6 }, [], { lead: 'manganese-short' }],
  ['Citrus with small rosetted leaves', 'tree', 'citrus', { tier: 'youngest-only', pattern: 'small-rosetted', growth: 'stopped' }, { pH: 7.4 }, [], { lead: 'zinc-short' }],
  ['Citrus, green wedge on old leaves, acid sand', 'tree', 'citrus', { tier: 'oldest-spreading-up', pattern: 'base-wedge', texture: 'sand' }, { pH: 5.2 }, [], { lead: 'magnesium-short' }],
  ['Peach with margins of old leaves scorched on sand', 'tree', 'peach', { tier: 'oldest-only', pattern: 'margin-scorch', texture: 'sand' }, { tissuePotassium: 0.6 }, [], { lead: 'potassium-short' }],
  ['Pear, iron leaf in spring, greened in the warm fortnight', 'tree', 'pear', { ...iron, onset: 'every-spring', warmFortnight: 'greened', wetness: 'wet' }, { pH: 7.7 }, [], byLime],
  ['Apple, broad bands and fine veins both, pH 7.9, iron and manganese low in the leaf', 'tree', 'apple', { tier: 'youngest-spreading-down', pattern: 'broad-green-bands', roots: 'white' }, { pH: 7.9, activeIron: 15, tissueManganese: 12 }, [], { lead: 'iron-tied-up-by-pH', with: 'manganese-short' }],
  ['Newly planted river birch, brown roots in a wet hole', 'tree', 'river-birch', { tier: 'all', pattern: 'even-pale', roots: 'brown-soft', wetness: 'standing', growth: 'stopped' }, { pH: 6.2 }, [['transplanted', 60]], roots],
  ['Oak with lower shaded leaves pale and the top green', 'tree', 'bur-oak', { tier: 'oldest-only', pattern: 'even-pale', newestLeaves: 'greener', shade: 'deep', growth: 'normal' }, {}, [], { lead: 'shade-or-age' }],
  ['One branch of a holly in hard-edged patches', 'shrub', 'holly', { tier: 'scattered', pattern: 'variegated', whereOnPlant: 'one-side', whereOnGround: 'single' }, {}, [], { lead: 'variegation-or-virus' }],
  ['Iron leaf on a tree, pH not known', 'tree', 'red-maple', { ...iron, roots: 'white' }, {}, [], { open: ['iron-tied-up-by-pH'], check: 'pH' }],
  ['Vine at pH 7.8: lime or pH? the ground not looked at', 'tree', 'grapevine', { ...iron }, { pH: 7.8 }, [], { open: ['iron-tied-up-by-pH', 'iron-tied-up-by-bicarbonate'], check: 'wetness', mayAct: true }],
  ['Peach on lime, iron leaf, pH 8.1, strong fizz, wet spring', 'tree', 'peach', { ...iron, fizz: 'strong', wetness: 'wet', warmth: 'cool', whereOnGround: 'low-spots' }, { pH: 8.1, calciumCarbonate: 18 }, [['heavy-rain', 25]], byLime],
  ['Quince rootstock, iron leaf, pH 7.7, no rain', 'tree', 'quince', { ...iron, roots: 'white', wetness: 'moist' }, { pH: 7.7 }, [], byPH],
  ['Pecan with small rosetted leaves at the tips, leaf zinc 20', 'tree', 'pecan', { tier: 'youngest-only', pattern: 'small-rosetted', whereOnPlant: 'tips' }, { tissueZinc: 20, pH: 7.2 }, [], { lead: 'zinc-short' }],
  ['Olive, all leaves pale, hardly fed, slow', 'tree', 'olive', { ...hungry, feed: 'none' }, { tissueNitrogen: 1.1 }, [], { lead: 'nitrogen-short' }],
  ['Tulip tree, leaves bleached on the side of the sprayed verge', 'tree', 'tulip-tree', { tier: 'all', pattern: 'bleached', whereOnPlant: 'one-side', onset: 'days', sprayed: 'yes' }, {}, [['herbicide', 6]], { lead: 'chemical-injury' }],
  ['Bald cypress, iron needles, pH 7.9', 'tree', 'bald-cypress', { ...iron, roots: 'white' }, { pH: 7.9 }, [], byPH],

  // Shrubs and beds
  ['Blueberry, iron leaf at pH 7.3 three months after lime', 'shrub', 'highbush-blueberry', { ...iron, roots: 'white', feed: 'normal' }, { pH: 7.3 }, [['limed', 90]], { lead: 'over-limed' }],
  ['Blueberry, iron leaf at pH 6.3: above its own range', 'shrub', 'highbush-blueberry', { ...iron, roots: 'white', feed: 'normal' }, { pH: 6.3 }, [], byPH],
  ['Azalea along a house wall, pH 7.4', 'shrub', 'azalea', { ...iron, whereOnGround: 'near-concrete', roots: 'white' }, { pH: 7.4 }, [], byPH],
  ['Azalea in a waterlogged bed, brown roots, pH 5.4', 'shrub', 'azalea', { tier: 'youngest-spreading-down', pattern: 'fine-green-veins', roots: 'brown-soft', wetness: 'standing' }, { pH: 5.4 }, [], roots],
  ['Rose, iron leaf after years of manure and phosphate', 'shrub', 'rose', { ...iron, feed: 'high', roots: 'white' }, { pH: 6.7, olsenPhosphorus: 140 }, [['high-p-feed', 120]], { lead: 'iron-crowded-out' }],
  ['Rose, old leaves mottled, magnesium greened the painted leaf', 'shrub', 'rose', { tier: 'oldest-spreading-up', pattern: 'mottle', leafPaint: 'magnesium' }, { pH: 5.6 }, [], { lead: 'magnesium-short' }],
  ['Hydrangea, iron leaf, the painted iron leaf greened, pH 7.6', 'shrub', 'hydrangea', { ...iron, leafPaint: 'iron' }, { pH: 7.6 }, [], byPH],
  ['Raspberry, pale young leaves on acid sand, low sulfur', 'shrub', 'raspberry', { tier: 'youngest-only', pattern: 'even-pale', texture: 'sand' }, { pH: 5.9, tissueSulfur: 0.08 }, [], { lead: 'sulfur-short' }],
  ['Boxwood with brown margins by a salted road, EC 6', 'shrub', 'boxwood', { tier: 'all', pattern: 'margin-scorch', growth: 'slow' }, { ecPaste: 6.5 }, [], { lead: 'salt' }],
  ['Bed speckled and bleached a week after weed killer drift', 'shrub', 'hibiscus', { tier: 'all', pattern: 'bleached', onset: 'days', sprayed: 'yes' }, {}, [['herbicide', 10]], { lead: 'chemical-injury' }],
  ['Gardenia, old leaves still yellow, new ones green since the pH was put right', 'shrub', 'gardenia', { tier: 'middle', pattern: 'fine-green-veins', newestLeaves: 'greener', growth: 'normal' }, {}, [['acidified', 150]], { lead: 'symptom-outlived' }],
  ['Magnolia, middle of the leaf mottled, nothing known', 'shrub', 'magnolia', { pattern: 'mottle', tier: 'youngest-only' }, {}, [], { open: ['manganese-short'], check: 'leaf-paint' }],
  ['Pieris, iron leaf at pH 6.9', 'shrub', 'pieris', { ...iron, roots: 'white', feed: 'normal' }, { pH: 6.9 }, [], byPH],
  ['Heather on peat, brown roots in standing water', 'shrub', 'heather', { tier: 'all', pattern: 'even-pale', roots: 'brown-soft', wetness: 'standing', growth: 'stopped' }, { pH: 4.8 }, [], roots],
  ['Photinia, only old shaded leaves yellow', 'shrub', 'photinia', { tier: 'oldest-only', pattern: 'even-pale', newestLeaves: 'greener', shade: 'deep', growth: 'normal' }, {}, [], { lead: 'shade-or-age' }],
  ['Azalea greening again since sulfur, old leaves still yellow', 'shrub', 'azalea', { tier: 'middle', pattern: 'fine-green-veins', newestLeaves: 'greener', growth: 'normal' }, {}, [['acidified', 200]], { lead: 'symptom-outlived' }],
  ['Bougainvillea, iron leaf on sealed ground, SAR 18, pH 9', 'shrub', 'bougainvillea', { tier: 'all', pattern: 'even-pale', growth: 'slow', wetness: 'wet', compaction: 'strong' }, { sodiumAdsorption: 18, pH: 9 }, [], { lead: 'sodic-ground' }],

  // Row crops
  ['Sorghum, striped young leaves in pale patches, pH 8.1, fizzing', 'row-crop', 'grain-sorghum', { ...ironGrass, whereOnGround: 'patches', fizz: 'strong', onset: 'weeks' }, { pH: 8.1 }, [], { open: ['iron-tied-up-by-pH', 'iron-tied-up-by-bicarbonate'], check: 'wetness', mayAct: true }],
  ['Soybean, iron leaf in low wet limy spots after cool rain', 'row-crop', 'soybean', { ...iron, whereOnGround: 'low-spots', wetness: 'wet', fizz: 'strong', rain: 'yes', warmth: 'cool' }, { pH: 7.9 }, [], byLime],
  ['Soybean, total leaf iron normal, active iron low, pH 7.9', 'row-crop', 'soybean', { ...iron, whereOnGround: 'patches', fizz: 'none', wetness: 'moist', warmth: 'warm' }, { pH: 7.9, tissueIron: 140, activeIron: 14 }, [], byPH],
  ['Maize, lower leaves pale, nitrate low', 'row-crop', 'maize', { ...hungry, feed: 'low' }, { soilNitrate: 3 }, [], { lead: 'nitrogen-short' }],
  ['Maize, white bands on young leaves, short, cold ground', 'row-crop', 'maize', { tier: 'youngest-only', pattern: 'bleached', growth: 'stopped', warmth: 'cold' }, { soilZinc: 0.3, pH: 7.6 }, [], { lead: 'zinc-short' }],
  ['Wheat on sand, young leaves evenly pale after a wet winter', 'row-crop', 'wheat', { tier: 'youngest-only', pattern: 'even-pale', texture: 'sand', rain: 'yes', growth: 'slow' }, { soilNitrate: 24 }, [], { lead: 'sulfur-short' }],
  ['Oats on peat with striped and speckled young leaves', 'row-crop', 'oats', { tier: 'youngest-only', pattern: 'spots', texture: 'peat', whereOnGround: 'patches' }, { pH: 6.9, tissueManganese: 9 }, [], { lead: 'manganese-short' }],
  ['Wheat on drained peat, tips wilted and twisted', 'row-crop', 'wheat', { tier: 'youngest-only', pattern: 'twisted-tips', texture: 'peat' }, { soilCopper: 0.1 }, [], { lead: 'copper-short' }],
  ['Sugar beet with dead hearts on dry sand', 'row-crop', 'sugar-beet', { tier: 'youngest-only', pattern: 'dead-tips', texture: 'sand', wetness: 'dry', growth: 'stopped' }, {}, [], { lead: 'boron-short' }],
  ['Dry bean, margins burned, pale mottle, pH 4.9, nitrate plenty', 'row-crop', 'dry-bean', { tier: 'middle', pattern: 'mottle', growth: 'slow' }, { pH: 4.9, soilNitrate: 30 }, [], { lead: 'molybdenum-short' }],
  ['Potato in a flooded corner', 'row-crop', 'potato', { tier: 'all', pattern: 'even-pale', wetness: 'standing', whereOnGround: 'low-spots', growth: 'stopped' }, {}, [['flood', 25]], roots],
  ['Sorghum, old leaves pale and young striped, pH 8, nitrate nil', 'row-crop', 'grain-sorghum', { tier: 'all', pattern: 'stripes', oldPattern: 'even-pale', growth: 'slow', whereOnGround: 'patches', feed: 'low' }, { pH: 8.0, soilNitrate: 2, activeIron: 12 }, [], { lead: 'iron-tied-up-by-pH', with: 'nitrogen-short' }],
  ['Chickpea, pale stripes with the spreader, feed uneven', 'row-crop', 'chickpea', { tier: 'oldest-spreading-up', pattern: 'even-pale', whereOnGround: 'machine-stripes', growth: 'slow', sprayed: 'no' }, {}, [], { lead: 'nitrogen-short' }],
  ['Flax, striped young leaves at pH 8, sound roots', 'row-crop', 'flax', { ...iron, roots: 'white', whereOnGround: 'patches' }, { pH: 8 }, [], byPH],
  ['Soybean zones, wet and cool on lime of 12 %', 'row-crop', 'soybean', { ...iron, wetness: 'wet', warmth: 'cool', whereOnGround: 'low-spots', fizz: 'strong' }, { pH: 7.9, calciumCarbonate: 12 }, [['heavy-rain', 18]], byLime],
  ['Maize, stripes on young leaves, soil zinc 0.3, pH 7.6', 'row-crop', 'maize', { tier: 'youngest-only', pattern: 'broad-green-bands', severity: '3', growth: 'slow' }, { soilZinc: 0.3, tissueZinc: 9, pH: 7.4 }, [], { lead: 'zinc-short' }],
  ['Wheat pale from the old leaves, soil nitrate 4', 'row-crop', 'wheat', { ...hungry }, { soilNitrate: 4, pH: 7 }, [], { lead: 'nitrogen-short' }],
  ['Canola, young leaves pale, leaf sulfur 0.12', 'row-crop', 'canola', { tier: 'youngest-only', pattern: 'even-pale', growth: 'slow' }, { tissueSulfur: 0.12, pH: 6.4 }, [], { lead: 'sulfur-short' }],

  // Containers and glasshouse
  ['Petunia, iron leaf, medium at pH 6.9, white roots', 'container', 'petunia', { ...iron, roots: 'white', feed: 'normal' }, { pH: 7.4 }, [], byPH],
  ['Calibrachoa at pH 5.9, no iron in the feed', 'container', 'petunia', { ...iron, roots: 'white', feed: 'normal', feedIron: 'no' }, { pH: 5.9 }, [], low],
  ['Petunia, iron leaf, brown roots, wet medium', 'container', 'petunia', { ...iron, roots: 'brown-soft', wetness: 'wet' }, { pH: 5.9 }, [], roots],
  ['Pansies pale all over, hardly any EC, unfed', 'container', 'pansy', { tier: 'all', pattern: 'even-pale', growth: 'slow', feed: 'none', roots: 'white' }, { ecPourThrough: 0.4, pH: 5.8 }, [], { lead: 'underfed' }],
  ['Unfed pots with brown roots in a wet house', 'container', 'snapdragon', { tier: 'all', pattern: 'even-pale', growth: 'slow', feed: 'none', roots: 'brown-soft', wetness: 'wet' }, { ecPourThrough: 0.4 }, [], { lead: 'roots-cannot-take-it-up', with: 'underfed' }],
  ['Poinsettia with burned margins, EC 5', 'container', 'poinsettia', { tier: 'oldest-spreading-up', pattern: 'margin-scorch', feed: 'high' }, { ecPourThrough: 5.5 }, [], { lead: 'salt' }],
  ['Geranium bronzed at pH 5.2 with iron in every feed', 'container', 'geranium', { tier: 'oldest-spreading-up', pattern: 'bronzed', feedIron: 'yes' }, { pH: 5.2 }, [['iron-given', 20]], { lead: 'iron-overdose' }],
  ['Iron leaf in a pot, roots not looked at, pH not known', 'container', 'gardenia', { ...iron }, {}, [], { open: ['iron-tied-up-by-pH', 'iron-truly-low'], check: 'pH' }],
  ['Bacopa, iron leaf at pH 6.9', 'container', 'bacopa', { ...iron, roots: 'white', feed: 'normal', feedIron: 'yes' }, { pH: 6.9 }, [], byPH],
  ['Gerbera, iron leaf at pH 5.8, no iron in the feed', 'container', 'gerbera', { ...iron, roots: 'white', feedIron: 'no' }, { pH: 5.8 }, [], low],
  ['Pots with brown soft roots, kept wet', 'container', 'petunia', { tier: 'all', pattern: 'even-pale', roots: 'brown-soft', wetness: 'wet', growth: 'stopped' }, { pH: 6 }, [], roots],
  ['Margins scorched, EC of the drain 5', 'container', 'petunia', { tier: 'oldest-spreading-up', pattern: 'margin-scorch', growth: 'slow', feed: 'high' }, { ecPourThrough: 5 }, [], { lead: 'salt' }],

  // Hydroponic
  ['Lettuce, young leaves yellow with green veins, pH 6, no iron left', 'hydroponic', 'lettuce', { ...iron, roots: 'white' }, { pH: 6.0, ironInSolution: 0.1 }, [], low],
  ['Basil, iron leaf at pH 7.6 with iron at 2 mg/L', 'hydroponic', 'basil', { ...iron, roots: 'white', feedIron: 'yes' }, { pH: 7.6, ironInSolution: 2 }, [], byPH],
  ['Tomato, old leaves yellow between veins, magnesium 4 mg/L', 'hydroponic', 'tomato', { tier: 'oldest-spreading-up', pattern: 'mottle' }, { magnesium: 4 }, [], { lead: 'magnesium-short' }],
  ['Lettuce evenly pale, EC 0.4', 'hydroponic', 'lettuce', { tier: 'all', pattern: 'even-pale', growth: 'slow', feed: 'low' }, { ecSolution: 0.4, pH: 6.1 }, [], { lead: 'underfed' }],
  ['Cucumber, brown roots in warm still water', 'hydroponic', 'cucumber', { tier: 'all', pattern: 'even-pale', roots: 'brown-soft', growth: 'stopped' }, { pH: 6.0 }, [], roots],
  ['A fast cucumber short of iron from the start: old and young alike', 'hydroponic', 'cucumber', { tier: 'all', pattern: 'fine-green-veins', severity: '3', growth: 'very-fast', onset: 'since-planting', roots: 'white' }, { ironInSolution: 0.1, pH: 6.0 }, [], low],
  ['Lettuce, old leaves pale, nitrate 60 in the channel at EC 1.5', 'hydroponic', 'lettuce', { ...hungry, roots: 'white' }, { nitrate: 60, ecSolution: 1.5, pH: 6 }, [], { lead: 'nitrogen-short' }],
  ['Tomato, old leaves mottled, magnesium 12', 'hydroponic', 'tomato', { tier: 'oldest-spreading-up', pattern: 'mottle' }, { magnesium: 12, nitrate: 600 }, [], { lead: 'magnesium-short' }],
  ['Basil, iron leaf, iron 0.2 at pH 6', 'hydroponic', 'basil', { ...iron, roots: 'white' }, { ironInSolution: 0.2, pH: 6 }, [], low],

  // Aquaponic
  ['Rafts at pH 6.7, nitrate 40, white roots, young leaves yellow', 'aquaponic', 'lettuce', { ...iron, roots: 'white', feed: 'normal' }, { pH: 6.7, nitrate: 40 }, [], low],
  ['Old leaves pale, nitrate 0, slow', 'aquaponic', 'pak-choi', { ...hungry, roots: 'white' }, { nitrate: 0, pH: 6.8 }, [], { lead: 'nitrogen-short' }],
  ['Young leaves yellow at pH 7.8', 'aquaponic', 'kale', { ...iron, roots: 'white', feedIron: 'yes' }, { pH: 7.8, nitrate: 30, ironInSolution: 1.5 }, [], byPH],
  ['pH corrected from 8 to 6.5 last night; the leaves grew at 8', 'aquaponic', 'basil', { ...iron, roots: 'white', feedIron: 'yes' }, { ironInSolution: 1.5 }, [['pH-corrected', 1]], byPH],
  ['Hardness 553, calcium 121: magnesium is not short; old leaves mottled, nitrate 0', 'aquaponic', 'tomato', { tier: 'oldest-spreading-up', pattern: 'even-pale', growth: 'slow' }, { magnesium: 60.7, nitrate: 0 }, [], { lead: 'nitrogen-short' }],
  ['Old leaves mottled, nothing tested', 'aquaponic', 'tomato', { tier: 'oldest-spreading-up', pattern: 'mottle' }, {}, [], { open: ['magnesium-short'], check: 'hardness-kits' }],
  ['Young leaves yellow, nothing measured', 'aquaponic', 'lettuce', { ...iron, roots: 'white' }, {}, [], { open: ['iron-truly-low', 'iron-tied-up-by-pH'], check: 'iron-vial' }],
  ['Kale, young leaves yellow, iron 0.1, pH 6.8, nitrate 60', 'aquaponic', 'kale', { ...iron, roots: 'white', feed: 'normal' }, { pH: 6.8, nitrate: 60, ironInSolution: 0.1 }, [], low],
  ['Pak choi, old leaves pale, nitrate 1', 'aquaponic', 'pak-choi', { ...hungry, roots: 'white' }, { nitrate: 1, pH: 6.9 }, [], { lead: 'nitrogen-short' }],
]

export const writtenCases: readonly WrittenCase[] = rows.map(
  ([told, context, plantId, findings, readings, events, expected]) => ({
    told,
    context,
    plantId,
    findings,
    readings,
    events,
    expected,
  }),
)
