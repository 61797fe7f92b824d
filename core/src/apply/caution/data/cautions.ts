import {
  findSource,
  ironSourceIds,
  sourceIds,
  type SourceId,
} from '../../../material/source/index.ts'
import type { Context, Route } from '../../../stand/plant/index.ts'
import type { Sourced } from '../../../base/reference/index.ts'

/** What a piece of work may have about it beside source, route and stand. */
export type Hazard = 'acid' | 'pesticide' | 'hose' | 'everything-blend'

/** A caution and the work it belongs to; a list that is absent means every one. */
export interface Caution extends Sourced {
  readonly id: string
  readonly words: string
  readonly routes?: readonly Route[]
  readonly sourceIds?: readonly SourceId[]
  readonly contexts?: readonly Context[]
  /** Only where the work has this about it. */
  readonly about?: Hazard
}

const practice = {
  source: 'common practice; the label and local rules come first',
  mark: 'C',
} as const

/** Most pressing first: what can poison, then what can burn, then what can spoil. */
export const cautions: readonly Caution[] = [
  {
    id: 'label-first',
    words:
      'The product label is the law, and local rules come first. Spraying for hire needs a licence. Spudder advises and records; it does not authorise.',
    ...practice,
  },
  {
    id: 'poison',
    sourceIds: ironSourceIds,
    words:
      'Gloves, goggles and a dust mask with the powder. Iron is poisonous when swallowed, dangerous to small children and pets: lock it away.',
    ...practice,
  },
  {
    id: 'sulfur-dust',
    words:
      'Sulfur dust irritates eyes and lungs, and burns or explodes: no sparks, no smoking, goggles and mask. Not onto hot turf; water it in.',
    sourceIds: ['sulfur-flour', 'sulfur-granules', 'sulfur-prills'],
    ...practice,
  },
  {
    id: 'aluminium',
    words:
      'Aluminium sulfate harms eyes for good: goggles. In acid ground its aluminium harms roots.',
    sourceIds: ['aluminium-sulfate'],
    ...practice,
  },
  {
    id: 'root-burn',
    words:
      'Salts scorch leaves and roots: sweep or rinse them off the leaves and water in at once.',
    sourceIds: ['ammonium-sulfate', 'urea', 'aluminium-sulfate', 'ferrous-sulfate'],
    routes: ['soil'],
    ...practice,
  },
  {
    id: 'lime-dust',
    words: 'Lime dust burns eyes and skin: goggles, gloves, no wind.',
    sourceIds: ['limestone'],
    ...practice,
  },
  {
    id: 'acid',
    words:
      'Acid into water, never water into acid. Goggles, apron, gloves, an eyewash at hand; tanks that bear it; trained hands only.',
    about: 'acid',
    ...practice,
  },
  {
    id: 'pesticide',
    words:
      'A pesticide is in the tank: its own label rules. Long sleeves, gloves, closed shoes, a calm day; keep out until its re-entry time; change the group next time.',
    about: 'pesticide',
    ...practice,
  },
  {
    id: 'backflow',
    words: 'A backflow device between hose and tap, so that nothing is drawn into drinking water.',
    about: 'hose',
    ...practice,
  },
  {
    id: 'build-up',
    words: 'A blend of many micronutrients: manganese and zinc build up where they are not wanted.',
    about: 'everything-blend',
    ...practice,
  },
  {
    id: 'salts-irritate',
    words:
      'Gloves and goggles with the powder: zinc and manganese salts burn eyes and are poisonous when swallowed. Lock them away from children and pets.',
    sourceIds: ['manganese-sulfate', 'mn-edta', 'zinc-sulfate', 'zn-edta'],
    ...practice,
  },
  {
    id: 'liming',
    words: 'It raises the pH: where iron or manganese is tied up, it makes that worse.',
    sourceIds: ['dolomite', 'limestone'],
    ...practice,
  },
  {
    id: 'red-film',
    words: 'Blood-red: it dyes skin, clothes and paving. Rinse leaves and kerbs at once.',
    sourceIds: ['fe-eddha', 'fe-hbed'],
    ...practice,
  },
  {
    id: 'heavy-metals',
    words: 'Ask for the heavy-metal analysis before any of it goes where food grows.',
    sourceIds: ['iron-granules'],
    ...practice,
  },
  {
    id: 'fish',
    words:
      'Fish and worms: dose in steps, watch pH, ammonia and nitrite, and stop at any sign of stress. No sulfate salts with fish unless proven.',
    contexts: ['aquaponic'],
    ...practice,
  },
  {
    id: 'food-crop',
    words: 'Food crop: keep to the pre-harvest interval and residue rules of the label.',
    contexts: ['hydroponic', 'aquaponic', 'row-crop'],
    ...practice,
  },
  {
    id: 'heat',
    words:
      'Not over 29 °C (84 °F), not on drought-stressed plants: the spray burns leaves, and heat harms you.',
    routes: ['leaf'],
    ...practice,
  },
  {
    id: 'stains',
    sourceIds: ironSourceIds,
    words:
      'Rust stains concrete, stone, paint, vehicles and pool decks for good: keep off, and rinse before it dries.',
    routes: ['leaf', 'soil'],
    ...practice,
  },
  {
    id: 'water',
    words: 'Not before a storm, nor near drains and ponds.',
    routes: ['leaf', 'soil'],
    ...practice,
  },
  {
    id: 'partners',
    sourceIds: sourceIds.filter((id) => findSource(id).kind !== 'amendment'),
    words:
      'Nothing goes into the tank with it before a jar test, phosphates least of all: same order, half an hour.',
    routes: ['leaf', 'soil'],
    ...practice,
  },
]
