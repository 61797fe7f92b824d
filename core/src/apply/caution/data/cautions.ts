import type { Urgency } from '../../../material/source/index.ts'
import type { Context, Route } from '../../../stand/plant/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'

/** What a piece of work may have about it beside source, route and stand. */
export type Hazard = 'acid' | 'pesticide' | 'hose' | 'everything-blend'

/** What a caution belongs to, whatever the single source. */
export type CautionedKind = 'iron' | 'what goes into a tank'

/** A caution of the work itself; a list that is absent means every one. Those of one source stand with it. */
export interface Caution extends Sourced {
  readonly id: string
  readonly words: string
  readonly urgency: Urgency
  readonly routes?: readonly Route[]
  readonly of?: CautionedKind
  readonly contexts?: readonly Context[]
  /** Only where the work has this about it. */
  readonly about?: Hazard
}

const practice = {
  source: 'common practice; the label and local rules come first',
  mark: 'C',
} as const

export const cautions: readonly Caution[] = [
  {
    id: 'label-first',
    urgency: 'law',
    words:
      'The product label is the law, and local rules come first. Spraying for hire needs a licence. Spudder advises and records; it does not authorise.',
    ...practice,
  },
  {
    id: 'poison',
    urgency: 'poisons',
    of: 'iron',
    words:
      'Gloves, goggles and a dust mask with the powder. Iron is poisonous when swallowed, dangerous to small children and pets: lock it away.',
    ...practice,
  },
  {
    id: 'acid',
    urgency: 'injures',
    words:
      'Acid into water, never water into acid. Goggles, apron, gloves, an eyewash at hand; tanks that bear it; trained hands only.',
    about: 'acid',
    ...practice,
  },
  {
    id: 'pesticide',
    urgency: 'poisons',
    words:
      'A pesticide is in the tank: its own label rules. Long sleeves, gloves, closed shoes, a calm day; keep out until its re-entry time; change the group next time.',
    about: 'pesticide',
    ...practice,
  },
  {
    id: 'backflow',
    urgency: 'poisons',
    words: 'A backflow device between hose and tap, so that nothing is drawn into drinking water.',
    about: 'hose',
    ...practice,
  },
  {
    id: 'build-up',
    urgency: 'spoils',
    words: 'A blend of many micronutrients: manganese and zinc build up where they are not wanted.',
    about: 'everything-blend',
    ...practice,
  },
  {
    id: 'fish',
    urgency: 'poisons',
    words:
      'Fish and worms: dose in steps, watch pH, ammonia and nitrite, and stop at any sign of stress. No sulfate salts with fish unless proven.',
    contexts: ['aquaponic'],
    ...practice,
  },
  {
    id: 'food-crop',
    urgency: 'law',
    words: 'Food crop: keep to the pre-harvest interval and residue rules of the label.',
    contexts: ['hydroponic', 'aquaponic', 'row-crop'],
    ...practice,
  },
  {
    id: 'heat',
    urgency: 'burns',
    words:
      'Not over 29 °C (84 °F), not on drought-stressed plants: the spray burns leaves, and heat harms you.',
    routes: ['leaf'],
    ...practice,
  },
  {
    id: 'stains',
    urgency: 'spoils',
    of: 'iron',
    words:
      'Rust stains concrete, stone, paint, vehicles and pool decks for good: keep off, and rinse before it dries.',
    routes: ['leaf', 'soil'],
    ...practice,
  },
  {
    id: 'water',
    urgency: 'spoils',
    words: 'Not before a storm, nor near drains and ponds.',
    routes: ['leaf', 'soil'],
    ...practice,
  },
  {
    id: 'partners',
    urgency: 'spoils',
    of: 'what goes into a tank',
    words:
      'Nothing goes into the tank with it before a jar test, phosphates least of all: same order, half an hour.',
    routes: ['leaf', 'soil'],
    ...practice,
  },
]
