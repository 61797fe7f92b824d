import type { Context } from '../../../stand/plant/index.ts'

interface FindingDefinition {
  /** What is asked, as a heading beside the figure. */
  readonly label: string
  readonly group: 'leaf' | 'plant' | 'ground' | 'story' | 'test'
  /** The contexts in which it makes sense; all when absent. */
  readonly contexts?: readonly Context[]
  /** Every value with its words. "Not looked" is the absence of a value and costs nothing. */
  readonly values: Readonly<Record<string, string>>
}

const rooted: readonly Context[] = ['turf', 'tree', 'shrub', 'row-crop', 'container']
const inGround: readonly Context[] = ['turf', 'tree', 'shrub', 'row-crop']
const turf: readonly Context[] = ['turf']

/** What can be seen or told at a look: the closed list of findings and their values. */
export const findingVocabulary = {
  tier: {
    label: 'Leaves affected',
    group: 'leaf',
    values: {
      'youngest-only': 'the youngest leaves only',
      'youngest-spreading-down': 'the youngest leaves, spreading down',
      all: 'all leaves alike',
      'oldest-spreading-up': 'the oldest leaves, spreading up',
      'oldest-only': 'the oldest leaves only',
      middle: 'the middle leaves',
      scattered: 'leaves here and there',
    },
  },
  pattern: {
    label: 'Pattern on the leaf',
    group: 'leaf',
    values: {
      'fine-green-veins': 'fine green veins on yellow',
      'broad-green-bands': 'broad soft green bands along the veins',
      'even-pale': 'evenly pale, veins too',
      mottle: 'mottled',
      stripes: 'stripes along the blade',
      'margin-scorch': 'scorched margins',
      'base-wedge': 'green wedge at the base',
      bleached: 'bleached to white',
      spots: 'spots or lesions',
      'small-rosetted': 'small leaves in rosettes',
      variegated: 'hard-edged patches or mosaic',
      bronzed: 'bronzed or blackened',
      'twisted-tips': 'tips wilted and twisted',
      'dead-tips': 'growing points dead and brittle',
    },
  },
  oldPattern: {
    label: 'The oldest leaves, where they look different',
    group: 'leaf',
    values: {
      alike: 'no different',
      'even-pale': 'evenly pale, veins too',
      'margin-scorch': 'scorched margins',
      'base-wedge': 'green wedge at the base',
      mottle: 'mottled',
      spots: 'spots or lesions',
    },
  },
  severity: {
    label: 'How bad',
    group: 'leaf',
    values: {
      0: '0, green',
      1: '1, a shade pale',
      2: '2, plainly pale',
      3: '3, yellow',
      4: '4, ivory',
      5: '5, white with scorch',
    },
  },
  newestLeaves: {
    label: 'Newest leaves against those below',
    group: 'leaf',
    values: { paler: 'paler', alike: 'alike', greener: 'greener' },
  },
  whereOnPlant: {
    label: 'Where on the plant',
    group: 'plant',
    contexts: ['tree', 'shrub', 'container', 'row-crop', 'hydroponic', 'aquaponic'],
    values: { whole: 'the whole plant', 'one-side': 'one branch or side', tips: 'the tips only' },
  },
  growth: {
    label: 'Growth',
    group: 'plant',
    values: { stopped: 'stopped', slow: 'slow', normal: 'normal', 'very-fast': 'very fast' },
  },
  roots: {
    label: 'Roots',
    group: 'plant',
    values: {
      white: 'white',
      tan: 'tan',
      'brown-soft': 'brown and soft',
      knotted: 'knotted or galled',
      circling: 'circling or girdled',
    },
  },
  whereOnGround: {
    label: 'Where on the ground',
    group: 'ground',
    contexts: inGround,
    values: {
      everywhere: 'everywhere',
      patches: 'patches that follow the ground',
      'low-spots': 'low and wet spots',
      'near-concrete': 'near concrete, limestone or rubble',
      rings: 'rings or arcs',
      'dead-centre': 'dead centre with a yellow rim',
      'machine-stripes': 'stripes of the spreader or sprayer',
      single: 'single plants',
    },
  },
  wetness: {
    label: 'Ground or medium, last three weeks',
    group: 'ground',
    contexts: rooted,
    values: { dry: 'dry', moist: 'moist', wet: 'wet', standing: 'standing water' },
  },
  rain: {
    label: 'Weeks of heavy rain or over-watering while these leaves grew',
    group: 'ground',
    contexts: rooted,
    values: { no: 'no', yes: 'yes' },
  },
  warmth: {
    label: 'Root zone, last three weeks',
    group: 'ground',
    values: {
      cold: 'cold, under 10 °C (50 °F)',
      cool: 'cool, 10 to 15 °C (50 to 60 °F)',
      warm: 'warm, over 15 °C (60 °F)',
    },
  },
  texture: {
    label: 'Soil in the hand',
    group: 'ground',
    contexts: inGround,
    values: { sand: 'sand', loam: 'loam', clay: 'clay', peat: 'peat or muck' },
  },
  compaction: {
    label: 'Compaction under a probe',
    group: 'ground',
    contexts: inGround,
    values: { none: 'none', slight: 'slight', strong: 'strong' },
  },
  depth: {
    label: 'Depth to rock or rubble',
    group: 'ground',
    contexts: inGround,
    values: { shallow: 'under 30 cm (1 ft)', deep: 'deeper' },
  },
  shade: {
    label: 'Light',
    group: 'ground',
    values: { open: 'open', half: 'half shade', deep: 'deep shade' },
  },
  thatch: {
    label: 'Thatch',
    group: 'ground',
    contexts: turf,
    values: {
      thin: 'under 13 mm (½ in)',
      medium: '13 to 25 mm (½ to 1 in)',
      thick: 'over 25 mm (1 in)',
    },
  },
  mowing: {
    label: 'Mowing',
    group: 'ground',
    contexts: turf,
    values: { usual: 'at its usual height', scalped: 'scalped or cut low lately' },
  },
  fizz: {
    label: 'Fizz under dilute acid',
    group: 'ground',
    contexts: inGround,
    values: { none: 'none', slight: 'slight', strong: 'strong' },
  },
  feed: {
    label: 'Feed while these leaves grew',
    group: 'story',
    values: { none: 'none', low: 'low', normal: 'normal', high: 'high' },
  },
  feedIron: {
    label: 'Iron in the feed',
    group: 'story',
    values: { no: 'no', yes: 'yes' },
  },
  feedNitrogen: {
    label: 'Nitrogen of the feed',
    group: 'story',
    values: { nitrate: 'nitrate', ammonium: 'ammonium', urea: 'urea', mixed: 'mixed' },
  },
  sprayed: {
    label: 'Weed killer, spill or drift in the weeks before',
    group: 'story',
    values: { no: 'no', yes: 'yes' },
  },
  onset: {
    label: 'Since when',
    group: 'story',
    values: {
      days: 'days',
      weeks: 'weeks',
      'every-spring': 'every spring',
      'since-planting': 'since planting',
    },
  },
  lens: {
    label: 'Leaf under a hand lens, both sides',
    group: 'test',
    values: {
      clean: 'clean',
      insects: 'mites, insects, webbing or honeydew',
      fungus: 'mould, pustules or rings in the spots',
    },
  },
  bioassay: {
    label: 'Beans sown into this ground and into clean ground',
    group: 'test',
    contexts: rooted,
    values: { alike: 'grew alike', sick: 'sickened in this one' },
  },
  leafPaint: {
    label: 'Leaf-paint test: what greened',
    group: 'test',
    values: {
      iron: 'the iron leaf',
      manganese: 'the manganese leaf',
      zinc: 'the zinc leaf',
      magnesium: 'the magnesium leaf',
      none: 'none of them',
    },
  },
  ironTried: {
    label: 'Iron given that should have worked',
    group: 'test',
    values: { greened: 'it greened', nothing: 'nothing came of it' },
  },
  pullTest: {
    label: 'Pull test: does the turf lift',
    group: 'test',
    contexts: turf,
    values: { holds: 'it holds', lifts: 'it lifts like a carpet' },
  },
  flush: {
    label: 'Soapy flush or flotation',
    group: 'test',
    contexts: turf,
    values: { none: 'no insects', 'sap-suckers': 'small sap-sucking bugs', larvae: 'larvae' },
  },
  warmFortnight: {
    label: 'After a warm fortnight',
    group: 'test',
    contexts: rooted,
    values: { greened: 'greened by itself', same: 'as it was', worse: 'worse' },
  },
  clinic: {
    label: 'Plant clinic',
    group: 'test',
    values: {
      nothing: 'found nothing living',
      'root-rot': 'root rot',
      nematodes: 'nematodes',
      'leaf-disease': 'a leaf disease or wilt',
      'ring-fungus': 'ring root-rot fungus',
      virus: 'a virus',
    },
  },
} as const satisfies Readonly<Record<string, FindingDefinition>>

export type FindingName = keyof typeof findingVocabulary
export const findingNames = Object.keys(findingVocabulary) as readonly FindingName[]

export type Severity = 0 | 1 | 2 | 3 | 4 | 5
export type LeafPattern = keyof typeof findingVocabulary.pattern.values
export type LeafTier = keyof typeof findingVocabulary.tier.values
