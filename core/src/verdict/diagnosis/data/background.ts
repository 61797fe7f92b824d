import { eachFrom, type Sourced } from '../../../base/reference/index.ts'
import type { Context } from '../../../stand/plant/index.ts'
import type { FeatureName } from './features.ts'

/** How often each value is met, as relative weights. */
export type Frequencies = Readonly<Record<string, number>>

interface Background {
  readonly otherwise: Frequencies
  /** For plants whose leaf is a grass blade. */
  readonly blade?: Frequencies
  readonly inContext?: Readonly<Partial<Record<Context, Frequencies>>>
}

const threeSupplies: Background = { otherwise: { low: 1.2, marginal: 2, enough: 6.8 } }

/**
 * What is seen on pale plants whose cause says nothing of a feature; "something else" is judged by
 * it throughout. How often each is met nobody has counted: all of it is our judgement (J), laid open
 * to be corrected.
 */
// prettier-ignore
export const background: Readonly<Record<FeatureName, Background & Sourced>> = eachFrom({ source: 'how often each is met on pale plants, which nobody has counted', mark: 'J' }, {
  tier: { otherwise: { 'youngest-only': 3, 'youngest-spreading-down': 2.5, all: 3, 'oldest-spreading-up': 2, 'oldest-only': 1.5, middle: 0.7, scattered: 1.5 } },
  pattern: {
    otherwise: { 'fine-green-veins': 2.2, 'broad-green-bands': 1.3, 'even-pale': 3.2, mottle: 1.6, stripes: 0.1, 'margin-scorch': 1.4, 'base-wedge': 0.5, bleached: 0.8, spots: 1.5, 'small-rosetted': 0.4, variegated: 0.4, bronzed: 0.4, 'twisted-tips': 0.25, 'dead-tips': 0.3 },
    blade: { 'fine-green-veins': 0.8, 'broad-green-bands': 0.6, 'even-pale': 4, mottle: 1, stripes: 3, 'margin-scorch': 0.8, 'base-wedge': 0.1, bleached: 0.9, spots: 1.2, 'small-rosetted': 0.1, variegated: 0.3, bronzed: 0.5, 'twisted-tips': 0.25, 'dead-tips': 0.3 },
  },
  oldPattern: { otherwise: { alike: 9, 'even-pale': 0.5, 'margin-scorch': 0.3, 'base-wedge': 0.1, mottle: 0.3, spots: 0.3 } },
  severity: { otherwise: { 0: 0.1, 1: 2.4, 2: 3, 3: 2.6, 4: 1.2, 5: 0.5 } },
  newestLeaves: { otherwise: { paler: 4, alike: 4, greener: 2 } },
  whereOnPlant: { otherwise: { whole: 6, 'one-side': 1.5, tips: 2.5 } },
  growth: { otherwise: { stopped: 1, slow: 3.5, normal: 4.5, 'very-fast': 1 } },
  roots: { otherwise: { white: 4.8, tan: 3.2, 'brown-soft': 0.9, knotted: 0.3, circling: 0.4 } },
  whereOnGround: { otherwise: { everywhere: 3, patches: 2.6, 'low-spots': 1, 'near-concrete': 0.6, rings: 0.35, 'dead-centre': 0.35, 'machine-stripes': 0.6, single: 1.5 } },
  wetness: { otherwise: { dry: 2, moist: 5, wet: 2.2, standing: 0.6 } },
  rain: { otherwise: { no: 7, yes: 3 } },
  warmth: { otherwise: { cold: 1.4, cool: 3.4, warm: 5.2 } },
  texture: { otherwise: { sand: 2.4, loam: 4.8, clay: 2.3, peat: 0.5 } },
  compaction: { otherwise: { none: 5, slight: 3.5, strong: 1.5 } },
  depth: { otherwise: { shallow: 2, deep: 8 } },
  shade: { otherwise: { open: 7, half: 2.4, deep: 0.6 } },
  thatch: { otherwise: { thin: 5, medium: 3.5, thick: 1.5 } },
  mowing: { otherwise: { usual: 9, scalped: 1 } },
  fizz: { otherwise: { none: 6.4, slight: 2.2, strong: 1.4 }, inContext: { container: { none: 9, slight: 0.8, strong: 0.2 } } },
  feed: { otherwise: { none: 1.6, low: 2.6, normal: 4.8, high: 1 } },
  feedIron: { otherwise: { no: 6, yes: 4 } },
  feedNitrogen: { otherwise: { nitrate: 3, ammonium: 2.2, urea: 2.3, mixed: 2.5 } },
  sprayed: { otherwise: { no: 8, yes: 2 } },
  onset: { otherwise: { days: 1.6, weeks: 5, 'every-spring': 1.4, 'since-planting': 2 } },
  leafPaint: { otherwise: { iron: 1.2, manganese: 0.5, zinc: 0.4, magnesium: 0.5, none: 7.4 } },
  ironTried: { otherwise: { greened: 2, nothing: 8 } },
  pullTest: { otherwise: { holds: 8.7, lifts: 1.3 } },
  flush: { otherwise: { none: 8.4, 'sap-suckers': 0.8, larvae: 0.8 } },
  warmFortnight: { otherwise: { greened: 2, same: 5.6, worse: 2.4 } },
  clinic: { otherwise: { nothing: 7, 'root-rot': 1.6, nematodes: 0.3, 'leaf-disease': 0.6, 'ring-fungus': 0.3, virus: 0.5 } },
  lens: { otherwise: { clean: 8, insects: 1.2, fungus: 0.8 } },
  bioassay: { otherwise: { alike: 9.3, sick: 0.7 } },
  pH: {
    otherwise: { acid: 1, 'slightly-acid': 3, neutral: 3, alkaline: 2, 'strongly-alkaline': 1 },
    inContext: {
      container: { acid: 2, 'slightly-acid': 4.4, neutral: 2.5, alkaline: 0.9, 'strongly-alkaline': 0.2 },
      hydroponic: { acid: 2, 'slightly-acid': 5.8, neutral: 1.6, alkaline: 0.5, 'strongly-alkaline': 0.1 },
      aquaponic: { acid: 0.5, 'slightly-acid': 3, neutral: 4.4, alkaline: 1.6, 'strongly-alkaline': 0.5 },
    },
  },
  lime: { otherwise: { none: 6, some: 2, much: 2 } },
  soilIron: { otherwise: { low: 2, marginal: 2.5, enough: 5.5 } },
  ironToManganese: { otherwise: { below: 3, above: 7 } },
  soilManganese: { otherwise: { low: 1.2, enough: 8.8 } },
  soilZinc: { otherwise: { low: 2, enough: 7.3, much: 0.7 } },
  soilCopper: { otherwise: { low: 0.6, enough: 8.6, much: 0.8 } },
  soilPhosphorus: { otherwise: { low: 2.5, enough: 5.5, much: 2 } },
  soilNitrate: { otherwise: { low: 3, medium: 4, enough: 3 } },
  salt: { otherwise: { low: 7, some: 2.2, high: 0.8 }, inContext: { container: { low: 3, some: 6, high: 1 }, hydroponic: { low: 3, some: 6, high: 1 }, aquaponic: { low: 6.5, some: 3, high: 0.5 } } },
  sodium: { otherwise: { fine: 8.8, high: 1.2 } },
  waterAlkalinity: { otherwise: { low: 4, some: 3.5, high: 2.5 } },
  solutionIron: { otherwise: { none: 1.4, low: 2.8, enough: 5.8 } },
  solutionNitrate: { otherwise: { none: 1.4, low: 2, enough: 5, ample: 1.6 } },
  solutionMagnesium: { otherwise: { low: 1.4, marginal: 2.4, enough: 6.2 } },
  solutionCalcium: { otherwise: { low: 1, enough: 9 } },
  season: { otherwise: { spring: 3, summer: 4, autumn: 1.6, winter: 0.6, rest: 0.8 } },
  plantKind: { otherwise: { citrus: 0.1, other: 9.9 } },
  activeIron: { otherwise: { low: 1, marginal: 2, enough: 7 } },
  totalIron: { otherwise: { low: 1.2, enough: 8.8 } },
  leafNitrogen: { otherwise: { low: 1.8, marginal: 2.4, enough: 5.8 } },
  leafPotassium: threeSupplies,
  leafMagnesium: threeSupplies,
  leafSulfur: threeSupplies,
  leafManganese: threeSupplies,
  leafZinc: threeSupplies,
  leafCopper: { otherwise: { low: 0.5, marginal: 1.5, enough: 8 } },
  leafBoron: { otherwise: { low: 0.5, marginal: 1.5, enough: 8 } },
} satisfies Readonly<Record<FeatureName, Background>>)
