import type { Sourced } from '../../../base/reference/index.ts'

/** Where a partner has to end up to work. */
export type Placement = 'leaf' | 'watered-in' | 'either'
/** How it goes into a tank: dry things before liquids, wetters last. */
type Form = 'dry' | 'liquid' | 'wetter'
/** How it stands beside iron: usually well, doubtful, or never. */
export type Standing = 'usually' | 'doubtful' | 'never'

/** A kind of thing that is put into the tank with iron. */
export interface PartnerKind extends Sourced {
  readonly id: string
  readonly name: string
  readonly placement: Placement
  readonly form: Form
  /** Beside the plain salts, and beside iron that is held: chelates and complexes. */
  readonly besideSalt: Standing
  readonly besideChelate: Standing
  readonly why: string
  /** Whether it is a pesticide, planned only by its own label. */
  readonly isPesticide: boolean
}

const practice = { source: 'common practice; the labels come first', mark: 'C' } as const
const fertiliser = { isPesticide: false, ...practice } as const
const pesticide = { isPesticide: true, ...practice } as const

export const partnerKinds: readonly PartnerKind[] = [
  {
    id: 'urea',
    name: 'urea',
    placement: 'either',
    form: 'dry',
    besideSalt: 'usually',
    besideChelate: 'usually',
    why: 'neutral and clear; it cools the water, so let it warm before the iron',
    ...fertiliser,
  },
  {
    id: 'ammonium-sulfate',
    name: 'ammonium sulfate',
    placement: 'either',
    form: 'dry',
    besideSalt: 'usually',
    besideChelate: 'usually',
    why: 'sour, so it keeps iron dissolved; together they burn sooner',
    ...fertiliser,
  },
  {
    id: 'potassium-nitrate',
    name: 'potassium nitrate',
    placement: 'either',
    form: 'dry',
    besideSalt: 'usually',
    besideChelate: 'usually',
    why: 'neutral; the salt of both adds up on the leaf',
    ...fertiliser,
  },
  {
    id: 'magnesium-sulfate',
    name: 'magnesium sulfate',
    placement: 'either',
    form: 'dry',
    besideSalt: 'usually',
    besideChelate: 'usually',
    why: 'neutral; the salt of both adds up on the leaf',
    ...fertiliser,
  },
  {
    id: 'trace-sulfates',
    name: 'manganese or zinc sulfate',
    placement: 'either',
    form: 'dry',
    besideSalt: 'usually',
    besideChelate: 'doubtful',
    why: 'zinc and manganese push iron out of weak chelates',
    ...fertiliser,
  },
  {
    id: 'calcium-salts',
    name: 'calcium nitrate or chloride',
    placement: 'either',
    form: 'dry',
    besideSalt: 'never',
    besideChelate: 'doubtful',
    why: 'calcium and sulfate make gypsum, which blocks nozzles; chelates stand it, if the tank is not strong',
    ...fertiliser,
  },
  {
    id: 'phosphates',
    name: 'phosphates and phosphoric acid',
    placement: 'either',
    form: 'liquid',
    besideSalt: 'never',
    besideChelate: 'doubtful',
    why: 'iron phosphate falls out at once from salts, slowly from weak chelates',
    ...fertiliser,
  },
  {
    id: 'phosphites',
    name: 'phosphites (phosphonates)',
    placement: 'leaf',
    form: 'liquid',
    besideSalt: 'never',
    besideChelate: 'doubtful',
    why: 'they fall out with iron salts as phosphates do',
    ...pesticide,
  },
  {
    id: 'alkaline',
    name: 'anything alkaline: lime sulfur, bicarbonate, hard soap',
    placement: 'leaf',
    form: 'liquid',
    besideSalt: 'never',
    besideChelate: 'never',
    why: 'iron turns to rust above pH 7, and weak chelates let go of it',
    ...pesticide,
  },
  {
    id: 'copper',
    name: 'copper fungicide',
    placement: 'leaf',
    form: 'dry',
    besideSalt: 'never',
    besideChelate: 'never',
    why: 'sour tanks dissolve the copper, which then burns; chelates swap iron for copper',
    ...pesticide,
  },
  {
    id: 'contact-fungicide',
    name: 'contact or leaf fungicide',
    placement: 'leaf',
    form: 'dry',
    besideSalt: 'doubtful',
    besideChelate: 'doubtful',
    why: 'some break down in a sour or salty tank',
    ...pesticide,
  },
  {
    id: 'root-fungicide',
    name: 'root fungicide',
    placement: 'watered-in',
    form: 'liquid',
    besideSalt: 'doubtful',
    besideChelate: 'doubtful',
    why: 'it works at the roots and must be watered in',
    ...pesticide,
  },
  {
    id: 'grub-control',
    name: 'grub or soil insect control',
    placement: 'watered-in',
    form: 'liquid',
    besideSalt: 'doubtful',
    besideChelate: 'doubtful',
    why: 'it works in the soil and must be watered in',
    ...pesticide,
  },
  {
    id: 'herbicide',
    name: 'leaf herbicide',
    placement: 'leaf',
    form: 'liquid',
    besideSalt: 'never',
    besideChelate: 'doubtful',
    why: 'iron ties up some and makes others useless; the salts harden the water',
    ...pesticide,
  },
  {
    id: 'growth-regulator',
    name: 'growth regulator',
    placement: 'leaf',
    form: 'liquid',
    besideSalt: 'usually',
    besideChelate: 'usually',
    why: 'often sprayed together on turf: iron hides its yellowing',
    ...pesticide,
  },
  {
    id: 'soil-wetter',
    name: 'soil wetting agent',
    placement: 'watered-in',
    form: 'wetter',
    besideSalt: 'doubtful',
    besideChelate: 'usually',
    why: 'it must reach the soil, and burns leaves where it stays',
    ...fertiliser,
  },
  {
    id: 'spreader',
    name: 'spreader, non-ionic',
    placement: 'leaf',
    form: 'wetter',
    besideSalt: 'usually',
    besideChelate: 'usually',
    why: 'helps the leaf hold it; at the full rate it helps it burn as well',
    ...fertiliser,
  },
  {
    id: 'seaweed-humic',
    name: 'seaweed or humic liquid',
    placement: 'either',
    form: 'liquid',
    besideSalt: 'doubtful',
    besideChelate: 'usually',
    why: 'alkaline humates curdle in a sour tank',
    ...fertiliser,
  },
]
