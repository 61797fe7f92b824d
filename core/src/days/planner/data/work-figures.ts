import type { Context } from '../../../stand/plant/index.ts'
import { judged, type Figure } from '../../../base/reference/index.ts'

/** How long work takes: getting ready, and then so much an hour. */
export const workPace = {
  ready: judged(0.5, 'h', 'filling, putting on gloves and goggles, rinsing'),
  sprayLPerH: judged(600, 'L/h', 'a small boom; a backpack does a tenth'),
  drenchLPerH: judged(800, 'L/h', 'a hose or drench lance'),
  spreadM2PerH: judged(3000, 'm²/h', 'a walk-behind spreader'),
  look: judged(0.25, 'h', 'one stand looked at'),
  test: judged(0.5, 'h', 'a sample taken and read'),
  partner: judged(1, 'h', 'a product by its own label'),
  practice: judged(2, 'h', 'most take a morning on one stand'),
  longest: judged(8, 'h', 'what is longer is shared with others or over days'),
} as const

/** What a loss counts by: ground, plants, or litres. */
export type PaleBy = 'm2' | 'piece' | 'L'

/** What a day of a wholly pale stand costs, until the grower says otherwise. */
export const paleLoss: Readonly<Record<Context, { readonly by: PaleBy } & Figure>> = {
  turf: { by: 'm2', ...judged(0.006, '1/(m² d)', 'looks of a lawn that people pay to use') },
  tree: { by: 'piece', ...judged(0.25, '1/(tree d)', 'looks of a tree; years of growth') },
  shrub: { by: 'm2', ...judged(0.01, '1/(m² d)', 'looks of a border') },
  container: { by: 'piece', ...judged(0.05, '1/(pot d)', 'days that a pot is not fit for sale') },
  'row-crop': { by: 'm2', ...judged(0.0005, '1/(m² d)', '5 a hectare and day of growth lost') },
  hydroponic: { by: 'L', ...judged(0.003, '1/(L d)', 'leaf growth lost') },
  aquaponic: { by: 'L', ...judged(0.003, '1/(L d)', 'leaf growth lost') },
}

/** Share of that loss by which being late with each kind of job counts [1]. */
export const lateShare = {
  least: judged(0.15, '', 'a stand that is nearly green loses little, but not nothing'),
  look: judged(0.15, '', 'a response seen late is a fault mended late'),
  test: judged(0.3, '', 'what waits for an answer'),
  acid: judged(0.03, '', 'pH moves over months'),
  small: judged(0.02, '', 'a job that only has to come in time'),
} as const

/** Warmth at which the intervals of practice, in days, are taken to hold [°C]. */
export const usualWarmth = {
  cool: judged(15, '°C', 'a cool-season lawn in its growing weather'),
  warm: judged(20, '°C', 'a warm-season lawn in its growing weather'),
} as const
/** Warmth above which leaves grow [°C]. */
export const growthBase = {
  cool: {
    value: 0,
    unit: '°C',
    source: 'growing degree days of cool-season turf are counted from 0 °C (common practice)',
    mark: 'C',
  },
  warm: {
    value: 10,
    unit: '°C',
    source: 'growing degree days of warm-season plants are counted from 10 °C (common practice)',
    mark: 'C',
  },
} as const satisfies Readonly<Record<string, Figure>>

/** Days around the day of a job in which it may lie, by what it is. */
export const windowDays = {
  apply: { before: 3, after: 28 },
  repeat: { before: 14, after: 45 },
  acid: { before: 14, after: 60 },
  look: { before: 7, after: 14 },
  test: { before: 3, after: 21 },
  other: { before: 3, after: 28 },
  /** What follows another job goes along with it. */
  linked: 180,
  source: 'as far as a job can be moved and still be the same job',
  mark: 'J',
} as const
/** Days after an acidifier before iron goes onto the same ground. */
export const acidBeforeIron: Figure = judged(
  14,
  'd',
  'pH first, then iron: two weeks for the first step to act',
)
