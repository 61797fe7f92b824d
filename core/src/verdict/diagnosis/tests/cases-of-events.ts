import { byLime, byPH, hungry, iron, ironGrass, low, roots, type Row } from './written-case.ts'

const frost = { lead: 'frost-injury', ends: 'wait' } as const
const dry = { lead: 'heat-or-drought' } as const
const packed = { lead: 'compacted-ground' } as const
const mown = { lead: 'mowing-injury' } as const
const metal = { lead: 'metal-toxicity', ends: 'call' } as const
const carried = { lead: 'herbicide-carry-over', ends: 'call' } as const
const pests = { lead: 'leaf-pests' } as const
const disease = { lead: 'leaf-disease', ends: 'call' } as const
const worms = { lead: 'nematodes', ends: 'call' } as const
const tipburn = { lead: 'calcium-short' } as const
const resting = { lead: 'shade-or-age' } as const
const autumn = { lead: 'autumn-or-rest' } as const
const outlived = { lead: 'symptom-outlived', ends: 'wait' } as const
const spilt = { lead: 'chemical-injury', ends: 'wait' } as const
const hungryFor = (what: string) => ({ lead: `${what}-short` }) as const

/**
 * Cases of weather, work, pests, disease and the time of year; of what needs waiting or somebody
 * else, of little that is known, and of what does not agree. Invented from the discriminating signs
 * of the trade (common practice).
 */
// prettier-ignore
export const casesOfEvents: readonly Row[] = [
  // Frost
  ['Green purpled overnight in the hollow after the first frost', 'turf', 'bermudagrass', { tier: 'all', pattern: 'bronzed', onset: 'days', whereOnGround: 'low-spots' }, {}, [['cold-spell', 3]], frost, ['2026-04-20', 36]],
  ['Peach, young leaves browned after a May frost, new ones sound', 'tree', 'peach', { tier: 'youngest-only', pattern: 'bronzed', onset: 'days', whereOnPlant: 'tips', newestLeaves: 'greener' }, {}, [['cold-spell', 8]], frost, ['2026-05-14', 48]],
  ['Hydrangea, blackened tips after a late frost', 'shrub', 'hydrangea', { tier: 'youngest-only', pattern: 'dead-tips', onset: 'days', whereOnPlant: 'tips' }, {}, [['cold-spell', 5]], frost, ['2026-05-02', 50]],
  ['Potato leaves bleached after a night at -2 °C', 'row-crop', 'potato', { tier: 'all', pattern: 'bleached', onset: 'days', whereOnGround: 'low-spots', sprayed: 'no' }, {}, [['cold-spell', 2]], frost, ['2026-05-20', 52]],
  ['Soybean purpled by cold in spring of the south', 'row-crop', 'soybean', { tier: 'youngest-only', pattern: 'bronzed', onset: 'days', warmth: 'cold' }, {}, [['cold-spell', 4]], frost, ['2026-10-28', -34]],
  ['Citrus, one side scorched after a freezing wind', 'tree', 'citrus', { tier: 'all', pattern: 'margin-scorch', onset: 'days', whereOnPlant: 'one-side', wetness: 'moist' }, {}, [['cold-spell', 6]], frost, ['2026-01-18', 30]],
  ['Pots of geraniums bronzed outdoors after a cold night', 'container', 'geranium', { tier: 'youngest-only', pattern: 'bronzed', onset: 'days', whereOnPlant: 'tips', feedIron: 'no' }, {}, [['cold-spell', 2]], frost],

  // Heat and drought
  ['South-facing bank straw-coloured, bone dry, after a hot fortnight', 'turf', 'kentucky-bluegrass', { tier: 'all', pattern: 'even-pale', wetness: 'dry', onset: 'days', growth: 'stopped', whereOnGround: 'patches', pullTest: 'holds', flush: 'none' }, {}, [['heat', 8]], dry, ['2026-07-20', 40]],
  ['Dry spots on a sandy green that water runs off', 'turf', 'creeping-bentgrass', { tier: 'all', pattern: 'bronzed', wetness: 'dry', onset: 'days', texture: 'sand', whereOnGround: 'patches', feedIron: 'no' }, {}, [['drought', 10]], dry, ['2026-07-10', 45]],
  ['Maple by the car park, margins scorched in a drought', 'tree', 'red-maple', { tier: 'all', pattern: 'margin-scorch', wetness: 'dry', whereOnGround: 'near-concrete', onset: 'weeks' }, {}, [['drought', 25]], dry, ['2026-08-10', 39]],
  ['Hydrangea scorched in a week of 38 °C', 'shrub', 'hydrangea', { tier: 'all', pattern: 'margin-scorch', wetness: 'dry', onset: 'days', feed: 'normal' }, {}, [['heat', 4]], dry, ['2026-07-22', 41]],
  ['Maize curled and pale on a gravel ridge', 'row-crop', 'maize', { tier: 'all', pattern: 'even-pale', wetness: 'dry', onset: 'days', growth: 'stopped', depth: 'shallow', whereOnGround: 'patches' }, {}, [['drought', 14]], dry, ['2026-07-28', 42]],
  ['Basil in pots scorched when the dripper blocked', 'container', 'basil', { tier: 'all', pattern: 'margin-scorch', wetness: 'dry', onset: 'days', roots: 'tan' }, { ecPourThrough: 1.6 }, [['drought', 3]], dry],
  ['Rhododendron scorched in a January drought of the south', 'shrub', 'azalea', { tier: 'all', pattern: 'margin-scorch', wetness: 'dry', onset: 'days' }, {}, [['heat', 5]], dry, ['2026-01-20', -37]],

  // Ground and machines
  ['Pale goal mouth, probe stops at a finger, roots short but sound', 'turf', 'perennial-ryegrass', { tier: 'all', pattern: 'even-pale', compaction: 'strong', roots: 'tan', growth: 'slow', whereOnGround: 'patches', wetness: 'moist', feed: 'normal', pullTest: 'holds', flush: 'none' }, { pH: 6.6 }, [], packed],
  ['Oak pale since the crane stood under it', 'tree', 'white-oak', { tier: 'all', pattern: 'even-pale', compaction: 'strong', growth: 'slow', texture: 'clay', feed: 'normal' }, { pH: 6.4 }, [['construction', 500]], packed],
  ['Soybean pale in the wheel lanes', 'row-crop', 'soybean', { tier: 'all', pattern: 'even-pale', compaction: 'strong', growth: 'slow', whereOnGround: 'machine-stripes', roots: 'tan', sprayed: 'no' }, { pH: 6.6, soilNitrate: 25 }, [], packed],
  ['Bed beside the delivery yard, packed clay', 'shrub', 'photinia', { tier: 'all', pattern: 'even-pale', compaction: 'strong', growth: 'slow', texture: 'clay', roots: 'tan', feed: 'normal' }, { pH: 6.3 }, [], packed],
  ['Humps shaved to the stem yesterday', 'turf', 'kentucky-bluegrass', { tier: 'all', pattern: 'even-pale', mowing: 'scalped', onset: 'days', whereOnGround: 'patches' }, {}, [], mown, ['2026-06-02', 45]],
  ['Whole lawn straw-tipped two days after a blunt cut', 'turf', 'perennial-ryegrass', { tier: 'all', pattern: 'margin-scorch', mowing: 'scalped', onset: 'days', whereOnGround: 'everywhere', wetness: 'moist' }, {}, [], mown],
  ['Stripes of the mower, greening from below', 'turf', 'zoysiagrass', { tier: 'all', pattern: 'even-pale', mowing: 'scalped', onset: 'days', whereOnGround: 'machine-stripes', newestLeaves: 'greener', sprayed: 'no' }, {}, [], mown],
  ['Bahia scalped on thick thatch', 'turf', 'bahiagrass', { tier: 'all', pattern: 'bleached', mowing: 'scalped', onset: 'days', thatch: 'thick', whereOnGround: 'patches', sprayed: 'no' }, {}, [], mown],

  // Metals
  ['Vines on an old copper vineyard, iron leaf at pH 4.9', 'tree', 'grapevine', { ...iron, roots: 'brown-soft', growth: 'slow', fizz: 'none' }, { pH: 4.9, soilCopper: 75 }, [], metal],
  ['Peanut under pecans, zinc 45, pH 5.2, stems split', 'row-crop', 'peanut', { tier: 'youngest-spreading-down', pattern: 'fine-green-veins', growth: 'slow', roots: 'tan' }, { pH: 5.2, soilZinc: 45 }, [], metal],
  ['Rhododendron by a galvanised fence, zinc 60, pH 4.6', 'shrub', 'azalea', { tier: 'all', pattern: 'spots', growth: 'slow' }, { pH: 4.4, soilZinc: 60 }, [], metal],
  ['Green sprayed with copper for years, copper 80 at pH 5', 'turf', 'annual-bluegrass', { ...ironGrass, growth: 'slow', roots: 'brown-soft' }, { pH: 4.9, soilCopper: 80 }, [], metal],

  // Weed killers that last
  ['Beans rosetted on ground dressed with bought manure', 'row-crop', 'dry-bean', { tier: 'youngest-only', pattern: 'twisted-tips', growth: 'stopped', bioassay: 'sick' }, { pH: 6.8 }, [['residual-herbicide', 40]], carried],
  ['Soybean after maize: newest leaves bleached in the overlaps', 'row-crop', 'soybean', { tier: 'youngest-only', pattern: 'bleached', growth: 'slow', whereOnGround: 'machine-stripes', sprayed: 'yes' }, { pH: 7 }, [['residual-herbicide', 330]], carried],
  ['Rose, strap-like rosettes the spring after weeds were killed', 'shrub', 'rose', { tier: 'youngest-only', pattern: 'small-rosetted', growth: 'stopped', sprayed: 'yes', onset: 'weeks' }, { pH: 6.4, soilZinc: 4 }, [['residual-herbicide', 150]], carried],
  ['Tomatoes in pots of green-waste compost, tips twisted, beans sicken in it', 'container', 'tomato', { tier: 'youngest-only', pattern: 'twisted-tips', bioassay: 'sick', growth: 'slow' }, {}, [], carried],
  ['Young vines white-veined ten days after under-vine spraying', 'tree', 'grapevine', { tier: 'youngest-only', pattern: 'bleached', growth: 'slow', sprayed: 'yes' }, { pH: 6.6 }, [['herbicide', 12]], { open: ['herbicide-carry-over', 'chemical-injury'], check: 'where-on-ground' }],
  ['Linden near a treated drive: newest leaves cupped and stopped', 'tree', 'linden', { tier: 'youngest-only', pattern: 'twisted-tips', growth: 'stopped', sprayed: 'yes', ironTried: 'nothing' }, {}, [['residual-herbicide', 60]], carried],

  // On the leaf
  ['Azalea speckled, lace bugs under the leaf', 'shrub', 'azalea', { tier: 'oldest-spreading-up', pattern: 'mottle', lens: 'insects' }, { pH: 5.4 }, [], pests],
  ['Linden bronzed in August, mites and webbing', 'tree', 'linden', { tier: 'scattered', pattern: 'bronzed', lens: 'insects', wetness: 'dry', onset: 'weeks' }, {}, [['heat', 15]], pests, ['2026-08-12', 47]],
  ['Soybean edges stippled in a dry July, mites', 'row-crop', 'soybean', { tier: 'scattered', pattern: 'mottle', lens: 'insects', wetness: 'dry' }, { pH: 6.9 }, [], pests, ['2026-07-24', 41]],
  ['Cucumber in the channel, webbing under the leaf', 'hydroponic', 'cucumber', { tier: 'scattered', pattern: 'mottle', lens: 'insects', roots: 'white' }, { pH: 6, magnesium: 40 }, [], pests],
  ['Lettuce rafts, thrips on the leaf', 'aquaponic', 'lettuce', { tier: 'scattered', pattern: 'spots', lens: 'insects', roots: 'white' }, { nitrate: 40 }, [], pests],
  ['Chrysanthemum speckled on one bench end, nothing looked at closer', 'container', 'chrysanthemum', { tier: 'scattered', pattern: 'mottle', whereOnPlant: 'one-side' }, {}, [], { open: ['leaf-pests'], check: 'hand-lens' }],
  ['Citrus, honeydew and scale on one branch', 'tree', 'citrus', { tier: 'scattered', pattern: 'spots', lens: 'insects', whereOnPlant: 'one-side' }, {}, [], pests],
  ['Rose with black spots up from the old leaves', 'shrub', 'rose', { tier: 'oldest-spreading-up', pattern: 'spots', lens: 'fungus', rain: 'yes' }, { pH: 6.4 }, [['heavy-rain', 20]], disease],
  ['Pear, one limb wilting and brown within days', 'tree', 'pear', { tier: 'scattered', pattern: 'spots', whereOnPlant: 'one-side', onset: 'days', clinic: 'leaf-disease', sprayed: 'no' }, {}, [], disease],
  ['Wheat with pustules on the leaves', 'row-crop', 'wheat', { tier: 'oldest-spreading-up', pattern: 'spots', lens: 'fungus' }, { pH: 6.6 }, [], disease],
  ['Soybean leaves spotted after wet weeks, nothing looked at closer', 'row-crop', 'soybean', { tier: 'oldest-spreading-up', pattern: 'spots', rain: 'yes' }, {}, [['heavy-rain', 15]], { open: ['leaf-disease'], check: 'hand-lens' }],
  ['Lawn with tan lesions on the blades in warm wet weather', 'turf', 'tall-fescue', { tier: 'scattered', pattern: 'spots', lens: 'fungus', wetness: 'wet', whereOnGround: 'patches' }, {}, [['heavy-rain', 10]], disease],
  ['Basil in pots, grey fuzz under yellow leaves', 'container', 'basil', { tier: 'oldest-spreading-up', pattern: 'spots', lens: 'fungus', roots: 'white' }, {}, [], disease],
  ['Lettuce in the channel with mould under the leaf', 'hydroponic', 'lettuce', { tier: 'oldest-spreading-up', pattern: 'spots', lens: 'fungus', roots: 'white' }, { pH: 6 }, [], disease],

  // Nematodes
  ['Tomato-rotation ground, patches, knotted roots on sand', 'row-crop', 'cotton', { tier: 'all', pattern: 'even-pale', roots: 'knotted', texture: 'sand', growth: 'slow', whereOnGround: 'patches' }, { pH: 6.4 }, [], worms],
  ['Bermuda on sand, stubby roots, clinic counted nematodes', 'turf', 'bermudagrass', { tier: 'all', pattern: 'even-pale', clinic: 'nematodes', texture: 'sand', growth: 'slow', whereOnGround: 'patches' }, { pH: 6.3 }, [], worms],
  ['Soybean yellow in patches that grow each year; cysts found', 'row-crop', 'soybean', { tier: 'all', pattern: 'even-pale', clinic: 'nematodes', growth: 'slow', whereOnGround: 'patches' }, { pH: 6.9 }, [], worms],
  ['Peach on replant ground, knotted roots', 'tree', 'peach', { tier: 'all', pattern: 'even-pale', roots: 'knotted', growth: 'slow', texture: 'sand' }, { pH: 6.5 }, [], worms],
  ['Boxwood, knotted roots in sand', 'shrub', 'boxwood', { tier: 'all', pattern: 'even-pale', roots: 'knotted', texture: 'sand', growth: 'slow' }, {}, [], worms],

  // Calcium
  ['Lettuce heads with burned inner tips in fast weather', 'hydroponic', 'lettuce', { tier: 'youngest-only', pattern: 'margin-scorch', growth: 'very-fast', roots: 'white' }, { pH: 6, calcium: 60 }, [], tipburn],
  ['Soft-water raft, inner leaves burned, calcium 18', 'aquaponic', 'lettuce', { tier: 'youngest-only', pattern: 'margin-scorch', growth: 'normal', roots: 'white' }, { calcium: 18, nitrate: 60, pH: 6.6 }, [], tipburn],
  ['Poinsettia bracts with burned margins on ammonium feed', 'container', 'poinsettia', { tier: 'youngest-only', pattern: 'margin-scorch', growth: 'very-fast', feedNitrogen: 'ammonium', roots: 'white' }, { ecPourThrough: 2 }, [], tipburn],

  // The date
  ['Pin oak, all leaves yellow at the end of October', 'tree', 'pin-oak', { tier: 'all', pattern: 'even-pale' }, {}, [], autumn, ['2026-10-28', 42]],
  ['The same in June is no autumn: which it is stays open', 'tree', 'pin-oak', { tier: 'all', pattern: 'even-pale' }, {}, [], { open: ['nitrogen-short'], check: 'where-on-ground' }, ['2026-06-15', 42]],
  ['Bermuda straw-coloured in December', 'turf', 'bermudagrass', { tier: 'all', pattern: 'even-pale', growth: 'stopped', whereOnGround: 'everywhere' }, {}, [], autumn, ['2026-12-12', 35]],
  ['Vines yellow before leaf fall in May of the south', 'tree', 'grapevine', { tier: 'all', pattern: 'even-pale' }, {}, [], autumn, ['2026-05-10', -34]],
  ['Apple, old leaves yellow in mid-October', 'tree', 'apple', { tier: 'oldest-spreading-up', pattern: 'even-pale' }, {}, [], autumn, ['2026-10-15', 50]],
  ['Iron leaf on a vine in November of the south is iron, not autumn', 'tree', 'grapevine', { ...iron, wetness: 'moist', roots: 'white', warmth: 'warm', whereOnGround: 'everywhere' }, { pH: 7.9 }, [], byPH, ['2026-11-25', -34]],

  // Outlived, or nothing wrong
  ['Pots repotted into acid mix: old leaves yellow, new green', 'container', 'gardenia', { tier: 'middle', pattern: 'fine-green-veins', newestLeaves: 'greener', growth: 'normal', roots: 'white' }, { pH: 5.6 }, [['pH-corrected', 45]], outlived],
  ['Kale, lower leaves still yellow a fortnight after iron went in', 'aquaponic', 'kale', { tier: 'oldest-only', pattern: 'fine-green-veins', newestLeaves: 'greener', growth: 'normal', roots: 'white' }, { ironInSolution: 1.8, pH: 6.5 }, [['iron-given', 14]], outlived],
  ['Blueberry, middle leaves yellow, flush green since sulfur', 'shrub', 'highbush-blueberry', { tier: 'middle', pattern: 'fine-green-veins', newestLeaves: 'greener', growth: 'normal' }, {}, [['acidified', 240]], outlived],
  ['Lower leaves of tomato in the dark of the row', 'hydroponic', 'tomato', { tier: 'oldest-only', pattern: 'even-pale', newestLeaves: 'greener', shade: 'deep', growth: 'normal', roots: 'white' }, { ecSolution: 2.4, nitrate: 600 }, [], resting],
  ['Holly, needles inside the hedge yellow, outside green', 'shrub', 'holly', { tier: 'oldest-only', pattern: 'even-pale', newestLeaves: 'greener', shade: 'deep' }, {}, [], resting],
  ['A variegated sport on a hydrangea', 'shrub', 'hydrangea', { tier: 'scattered', pattern: 'variegated', whereOnPlant: 'one-side' }, {}, [], { lead: 'variegation-or-virus', ends: 'call' }],
  ['Pepper mosaic, single plants, clinic found a virus', 'hydroponic', 'pepper', { tier: 'youngest-spreading-down', pattern: 'variegated', clinic: 'virus' }, {}, [], { lead: 'variegation-or-virus', ends: 'call' }],

  // This week
  ['White spots where bleach splashed yesterday', 'shrub', 'boxwood', { tier: 'scattered', pattern: 'bleached', onset: 'days', sprayed: 'yes' }, {}, [['spill', 1]], spilt],
  ['Fuel spilt at the mower shed two days ago', 'turf', 'perennial-ryegrass', { tier: 'all', pattern: 'bronzed', onset: 'days', sprayed: 'yes', whereOnGround: 'single' }, {}, [['spill', 2]], spilt],
  ['Petunias spotted the day after a drench of iron sulfate', 'container', 'petunia', { tier: 'all', pattern: 'bronzed', onset: 'days', feedIron: 'yes', sprayed: 'no' }, {}, [['iron-given', 1]], { lead: 'iron-overdose' }],
  ['Lime went on three days ago: it cannot be the cause yet', 'turf', 'tall-fescue', { ...ironGrass, roots: 'white', onset: 'weeks' }, { pH: 7.9 }, [['limed', 3]], byPH],
  ['Fed two days ago: the pale leaves grew before', 'row-crop', 'wheat', { ...hungry, feed: 'low' }, { soilNitrate: 4 }, [['fed', 2]], hungryFor('nitrogen')],

  // Two at once
  ['Maize on lime: stripes on the young, soil zinc 0.3, leaf zinc 9, iron low too', 'row-crop', 'maize', { ...ironGrass, growth: 'slow', roots: 'white', warmth: 'warm', wetness: 'moist' }, { pH: 8.1, soilZinc: 0.25, tissueZinc: 8, activeIron: 12 }, [], { lead: 'iron-tied-up-by-pH', with: 'zinc-short' }],
  ['Bentgrass striped and hungry at pH 8', 'turf', 'creeping-bentgrass', { tier: 'all', pattern: 'stripes', oldPattern: 'even-pale', growth: 'slow', feed: 'none', roots: 'white' }, { pH: 8, tissueNitrogen: 1.6, activeIron: 14 }, [], { lead: 'iron-tied-up-by-pH', with: 'nitrogen-short' }],
  ['Vines on wet lime with brown roots', 'tree', 'grapevine', { ...iron, roots: 'brown-soft', wetness: 'standing', fizz: 'strong', whereOnGround: 'low-spots', growth: 'stopped' }, { pH: 7.9, calciumCarbonate: 20, activeIron: 14 }, [], { lead: 'iron-tied-up-by-bicarbonate', with: 'roots-cannot-take-it-up' }],
  ['Citrus on lime: active iron and leaf manganese both low', 'tree', 'citrus', { tier: 'youngest-spreading-down', pattern: 'broad-green-bands', roots: 'white' }, { pH: 8, activeIron: 14, tissueManganese: 9 }, [], { lead: 'iron-tied-up-by-pH', with: 'manganese-short' }],

  // Palms and citrus
  ['Queen palm, oldest fronds spotted yellow and withered at the tips', 'tree', 'queen-palm', { tier: 'oldest-spreading-up', pattern: 'spots', newestLeaves: 'greener', texture: 'sand', lens: 'clean', onset: 'every-spring' }, { tissuePotassium: 0.5 }, [], { lead: 'potassium-short' }],
  ['Royal palm, a broad yellow band round old fronds, green in the middle', 'tree', 'royal-palm', { tier: 'oldest-spreading-up', pattern: 'base-wedge', newestLeaves: 'greener', texture: 'sand' }, { tissueMagnesium: 0.1 }, [], { lead: 'magnesium-short' }],
  ['Queen palm on limy fill, newest fronds small and frizzled', 'tree', 'queen-palm', { tier: 'youngest-only', pattern: 'twisted-tips', newestLeaves: 'paler', fizz: 'strong', sprayed: 'no' }, { pH: 8, tissueManganese: 8 }, [], { lead: 'manganese-short' }],
  ['Citrus, one yellow limb, blotches that cross the midrib, psyllids', 'tree', 'citrus', { tier: 'scattered', pattern: 'mottle', whereOnPlant: 'one-side', whereOnGround: 'single', lens: 'insects', clinic: 'leaf-disease' }, {}, [], { lead: 'citrus-greening', ends: 'call' }],
  ['Citrus mottled on one limb, nothing looked at closer', 'tree', 'citrus', { tier: 'scattered', pattern: 'mottle', whereOnPlant: 'one-side' }, {}, [], { open: ['citrus-greening', 'leaf-pests'], check: 'hand-lens' }],
  ['The same limb on an apple is no greening', 'tree', 'apple', { tier: 'scattered', pattern: 'mottle', whereOnPlant: 'one-side', lens: 'insects' }, {}, [], { lead: 'leaf-pests' }],

  // Little known
  ['Yellow lawn, that is all', 'turf', 'tall-fescue', { severity: '3' }, {}, [], { open: ['nitrogen-short'], check: 'leaf-to-the-light' }],
  ['Pale tree, one photo', 'tree', 'apple', { pattern: 'even-pale' }, {}, [], { open: ['nitrogen-short'], check: 'which-leaves' }],
  ['Scorched leaves on a shrub, nothing else', 'shrub', 'hydrangea', { pattern: 'margin-scorch' }, {}, [], { open: ['salt', 'heat-or-drought'], check: 'which-leaves' }],
  ['Bleached patch, no story', 'turf', 'kentucky-bluegrass', { pattern: 'bleached', whereOnGround: 'patches' }, {}, [], { open: ['chemical-injury', 'mowing-injury'], check: 'ask-onset' }],
  ['Bronzed pots, no story', 'container', 'petunia', { tier: 'all', pattern: 'bronzed' }, {}, [], { open: ['iron-overdose', 'leaf-pests'], check: 'hand-lens' }],
  ['Pale rafts, nothing tested', 'aquaponic', 'basil', { tier: 'all', pattern: 'even-pale' }, {}, [], { open: ['nitrogen-short', 'underfed'], check: 'nitrate-vial' }],
  ['Pale channel lettuce, nothing tested', 'hydroponic', 'lettuce', { tier: 'all', pattern: 'even-pale' }, {}, [], { open: ['nitrogen-short', 'underfed'], check: 'salt' }],
  ['Iron leaf on soybean, nothing known of the ground', 'row-crop', 'soybean', { ...iron }, {}, [], { open: ['iron-tied-up-by-pH'], check: 'pH' }],

  // More of the common ones
  ['Ixora on builder’s sand, pH 7.8', 'shrub', 'ixora', { ...iron, roots: 'white', whereOnGround: 'near-concrete' }, { pH: 7.8 }, [], byPH],
  ['Queen palm, pale youngest fronds, pH 7.6', 'tree', 'queen-palm', { ...iron, roots: 'white' }, { pH: 7.7 }, [], byPH],
  ['Upland rice, white young leaves, pH 7.9', 'row-crop', 'rice-upland', { ...ironGrass, roots: 'white' }, { pH: 7.9 }, [], byPH],
  ['Peanut, iron leaf on a calcareous knoll', 'row-crop', 'peanut', { ...iron, whereOnGround: 'patches', fizz: 'slight', roots: 'white', warmth: 'warm', wetness: 'moist' }, { pH: 7.9 }, [], byPH],
  ['Kiwifruit on wet lime after a rainy spring', 'tree', 'kiwifruit', { ...iron, fizz: 'strong', wetness: 'wet', rain: 'yes', whereOnGround: 'low-spots' }, { pH: 7.9, calciumCarbonate: 14 }, [['heavy-rain', 20]], byLime],
  ['Spinach channel, iron 0.1', 'hydroponic', 'spinach', { ...iron, roots: 'white' }, { ironInSolution: 0.1, pH: 5.9, ecSolution: 1.4 }, [], low],
  ['Tomato at EC 1.1: too thin for fruit, pale all over', 'hydroponic', 'tomato', { tier: 'all', pattern: 'even-pale', growth: 'slow', feed: 'low', roots: 'white' }, { ecSolution: 1.1, pH: 6 }, [], { lead: 'underfed' }],
  ['Lettuce at EC 3.4, margins burned', 'hydroponic', 'lettuce', { tier: 'oldest-spreading-up', pattern: 'margin-scorch', feed: 'high', growth: 'slow', roots: 'white' }, { ecSolution: 3.4, pH: 6 }, [], { lead: 'salt' }],
  ['Basil in warm stagnant water, brown roots', 'aquaponic', 'basil', { tier: 'all', pattern: 'even-pale', roots: 'brown-soft', growth: 'stopped' }, { pH: 6.8, nitrate: 60 }, [], roots],
  ['Banana-yellow old fronds, potassium low', 'tree', 'royal-palm', { tier: 'oldest-spreading-up', pattern: 'margin-scorch', texture: 'sand' }, { tissuePotassium: 0.5 }, [], hungryFor('potassium')],
]
