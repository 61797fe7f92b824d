import type { Context, Growth } from '../../../stand/plant/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'

/** A fix of what made the iron short, beside the quick one. */
export interface LastingFix extends Sourced {
  readonly id: string
  readonly label: string
  /** As it is written into the remedy. */
  readonly words: string
  readonly takes: string
  /** Whether the acid plan calculates how much, in which steps, and whether it can work. */
  readonly isByAcidPlan: boolean
  readonly causeIds: readonly string[]
  readonly contexts?: readonly Context[]
  /** What of those it is for; absent: whatever grows there. */
  readonly growths?: readonly Growth[]
  /** Days after which a test shows whether it works; absent: no test would. */
  readonly retestAfterDays?: number
  /** What to know before it is begun. */
  readonly but?: string
}

const practice = { source: 'common practice', mark: 'C' } as const
const inGround = ['turf', 'tree', 'shrub', 'row-crop'] as const
/** Legumes make their own nitrogen, and are not fed it. */
const eatsNitrogen = ['fine turf', 'lawn turf', 'vine', 'orchard', 'shade tree', 'conifer', 'palm', 'shrub', 'berry', 'cereal', 'field crop'] as const // prettier-ignore
const highPH = ['iron-tied-up-by-pH', 'over-limed'] as const
/** Other nutrients that high pH locks up as it does iron. */
const lockedToo = ['manganese-short', 'zinc-short'] as const

/** Lasting fixes, the surest first. */
export const lastingFixes: readonly LastingFix[] = [
  {
    id: 'no-lime',
    isByAcidPlan: false,
    label: 'No more lime',
    words: 'No more lime, wood ash or limestone chips.',
    takes: 'at once',
    causeIds: [...highPH, ...lockedToo],
    contexts: inGround,
    ...practice,
  },
  {
    id: 'ammonium-feed',
    isByAcidPlan: true,
    label: 'Feed ammonium',
    words: 'Ammonium sulfate as the only nitrogen for a season.',
    takes: 'a season',
    causeIds: [...highPH, ...lockedToo, 'iron-tied-up-by-bicarbonate'],
    contexts: inGround,
    growths: eatsNitrogen,
    retestAfterDays: 120,
    but: 'Count its nitrogen in the programme.',
    ...practice,
  },
  {
    id: 'ammonium-share',
    isByAcidPlan: false,
    label: 'More ammonium in the feed',
    words: 'A feed with up to a third of its nitrogen as ammonium.',
    takes: '3 to 6 weeks',
    causeIds: [...highPH, ...lockedToo],
    contexts: ['container'],
    retestAfterDays: 28,
    but: 'Not over half: ammonium alone poisons roots in pots, most of all in cool dull weather.',
    source: 'greenhouse bulletins, from memory',
    mark: 'M',
  },
  {
    id: 'sulfur',
    isByAcidPlan: true,
    label: 'Sulfur, in steps',
    words: 'Elemental sulfur in small steps.',
    takes: '3 to 12 months',
    causeIds: [...highPH, ...lockedToo],
    contexts: inGround,
    retestAfterDays: 120,
    but: 'Only where no lime fizzes; not onto hot turf; the dust burns.',
    ...practice,
  },
  {
    id: 'water-acid',
    isByAcidPlan: true,
    label: 'Tame the water',
    words: 'Bring the alkalinity of the irrigation water down with acid.',
    takes: 'a season',
    causeIds: [...highPH, 'iron-tied-up-by-bicarbonate'],
    contexts: [...inGround, 'container'],
    retestAfterDays: 90,
    but: 'Acid into water, never the reverse; trained hands, goggles, backflow device.',
    ...practice,
  },
  {
    id: 'drain',
    isByAcidPlan: false,
    label: 'Open the ground',
    words: 'Open the ground: drain, slit, water less often.',
    takes: 'weeks',
    causeIds: ['iron-tied-up-by-bicarbonate', 'roots-cannot-take-it-up'],
    contexts: inGround,
    ...practice,
  },
  {
    id: 'spring-chelate',
    isByAcidPlan: false,
    label: 'Chelate each spring',
    words: 'A chelate that holds at this pH every spring; acid would be wasted on this ground.',
    takes: 'every year',
    causeIds: [...highPH, 'iron-tied-up-by-bicarbonate'],
    contexts: ['tree', 'shrub', 'row-crop'],
    ...practice,
  },
  {
    id: 'other-plant',
    isByAcidPlan: false,
    label: 'A plant that bears lime',
    words: 'Replant with a kind or variety that bears lime.',
    takes: 'at the next planting',
    causeIds: [...highPH, 'iron-tied-up-by-bicarbonate'],
    contexts: inGround,
    ...practice,
  },
  {
    id: 'mulch',
    isByAcidPlan: false,
    label: 'Mulch and compost',
    words: 'Bark mulch or compost over the roots, for the long run.',
    takes: 'years, and weakly',
    causeIds: highPH,
    contexts: ['tree', 'shrub'],
    ...practice,
  },
  {
    id: 'stop-crowding',
    isByAcidPlan: false,
    label: 'Stop what crowds it out',
    words:
      'No phosphorus, manure or blends of manganese, zinc and copper until a test asks for them.',
    takes: 'seasons',
    causeIds: ['iron-crowded-out'],
    retestAfterDays: 180,
    ...practice,
  },
  {
    id: 'zinc-store',
    isByAcidPlan: false,
    label: 'A store of zinc',
    words: 'Zinc sulfate into the soil once, for years.',
    takes: 'years',
    causeIds: ['zinc-short'],
    contexts: inGround,
    but: 'Test zinc first: too much is poison to the next crop.',
    ...practice,
  },
  {
    id: 'less-potassium',
    isByAcidPlan: false,
    label: 'Less potassium',
    words: 'Less potassium: it crowds magnesium out.',
    takes: 'a season',
    causeIds: ['magnesium-short'],
    ...practice,
  },
  {
    id: 'magnesium-in-feed',
    isByAcidPlan: false,
    label: 'Magnesium in the feed',
    words: 'Magnesium in the feed from now on; dolomite only where the ground is too acid.',
    takes: 'from now on',
    causeIds: ['magnesium-short'],
    ...practice,
  },
  {
    id: 'iron-in-feed',
    isByAcidPlan: false,
    label: 'Iron in the feed',
    words: 'Iron in the feed from now on: this ground or solution has no store.',
    takes: 'from now on',
    causeIds: ['iron-truly-low'],
    ...practice,
  },
  {
    id: 'hold-pH',
    isByAcidPlan: false,
    label: 'Hold the pH',
    words: 'Hold the pH of solution or medium at 5.5 to 6.2, measured every week.',
    takes: 'days',
    causeIds: [...highPH, 'iron-truly-low', 'iron-tied-up-by-bicarbonate'],
    contexts: ['container', 'hydroponic'],
    retestAfterDays: 14,
    ...practice,
  },
  {
    id: 'hold-pH-fish',
    isByAcidPlan: false,
    label: 'Let the pH fall slowly',
    words: 'Let the pH fall to 6.4 to 6.8 a tenth or two a day, for the fish’s sake.',
    takes: 'weeks',
    causeIds: [...highPH, 'iron-truly-low', 'iron-tied-up-by-bicarbonate'],
    contexts: ['aquaponic'],
    retestAfterDays: 14,
    ...practice,
  },
]
