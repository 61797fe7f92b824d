import type { Context } from '../../plant/index.ts'

interface FindingDefinition {
  /** What is asked, as a heading beside the figure. */
  readonly label: string
  readonly group: 'leaf' | 'plant' | 'ground' | 'story'
  /** The contexts in which it makes sense; all when absent. */
  readonly contexts?: readonly Context[]
  /** Every value with its words. "Not looked" is the absence of a value and costs nothing. */
  readonly values: Readonly<Record<string, string>>
}

const rooted: readonly Context[] = ['turf', 'tree', 'shrub', 'row-crop', 'container']
const inGround: readonly Context[] = ['turf', 'tree', 'shrub', 'row-crop']

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
  fizz: {
    label: 'Fizz under dilute acid',
    group: 'ground',
    contexts: rooted,
    values: { none: 'none', slight: 'slight', strong: 'strong' },
  },
  feed: {
    label: 'Feed lately',
    group: 'story',
    values: { none: 'none', low: 'low', normal: 'normal', high: 'high' },
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
} as const satisfies Readonly<Record<string, FindingDefinition>>

export type FindingName = keyof typeof findingVocabulary
export const findingNames = Object.keys(findingVocabulary) as readonly FindingName[]

export type Severity = 0 | 1 | 2 | 3 | 4 | 5
export type LeafPattern = keyof typeof findingVocabulary.pattern.values
export type LeafTier = keyof typeof findingVocabulary.tier.values
