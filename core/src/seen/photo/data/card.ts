import type { Figure, Sourced } from '../../../base/reference/index.ts'
import type { Rgb } from '../colour.ts'

/** A patch of the card: where it lies and the colour it is printed in. */
export interface CardPatch {
  readonly name: string
  readonly rgb: Rgb
  /** Left upper corner [mm]. */
  readonly x: number
  readonly y: number
}

const side = 12
const gap = 2
const [left, top] = [42, 8]

const colours: readonly (readonly [name: string, rgb: Rgb])[] = [
  ['light grey', [230, 230, 230]],
  ['grey', [160, 160, 160]],
  ['dark grey', [92, 92, 92]],
  ['black', [38, 38, 38]],
  ['yellow', [245, 245, 4]],
  ['yellow-green', [169, 192, 74]],
  ['green', [66, 130, 52]],
  ['dark green', [31, 90, 44]],
  ['ivory', [240, 230, 200]],
  ['brown', [138, 90, 52]],
  ['brick', [176, 70, 52]],
  ['blue', [62, 98, 160]],
]

/** The colour card: a code by which it is found, and patches of known colour, on white [mm]. */
export const colourCard = {
  widthMm: 106,
  heightMm: 58,
  code: { x: 6, y: 9, side: 30, text: 'SPUDDER-CARD-1' },
  patchSideMm: side,
  patches: colours.map(([name, rgb], index): CardPatch => ({
    name,
    rgb,
    x: left + (index % 4) * (side + gap),
    y: top + Math.floor(index / 4) * (side + gap),
  })),
  source:
    'our own layout; green and yellow known as Rorie et al. 2011, Agron. J. 103:529 asks, with a dark green colour index of 0.0178 (yellow) and 0.5722 (green)',
  mark: 'M',
} as const satisfies Sourced & Record<string, unknown>

/** Width of the card in a picture below which its patches are too few pixels [px]. */
export const leastCardWidth: Figure = {
  value: 110,
  unit: 'px',
  source: 'patches of a dozen pixels across, of which the middle half is read',
  mark: 'J',
}
/** How unlike its drawing a card may be, as a share of its spread, that is known by its colours alone. */
export const mostUnlikeness: Figure = {
  value: 0.04,
  unit: '',
  source:
    'cards of the simulated camera come to 0.00 to 0.01 where they are found rightly, 0.06 to 0.8 where not',
  mark: 'J',
}
/** How far patches may stray from their colours after correction before a picture is refused. */
export const mostCardResidual: Figure = {
  value: 0.05,
  unit: 'index',
  source: 'more than twice what a sound picture shows',
  mark: 'J',
}
/** Share of burnt-out pixels from which a patch of the card is left out. */
export const mostClippedPatch: Figure = {
  value: 0.2,
  unit: '',
  source: 'a mean of which a fifth is cut off is darker than the patch',
  mark: 'J',
}
/** Weight of a correction that only makes lighter, against the patches: channels mix little. */
export const correctionRestraint: Figure = {
  value: 0.02,
  unit: '',
  source: 'set by hand: with it leaves come back under all lights of the simulated camera',
  mark: 'J',
}
/** The same for a glare over all of the picture: black stays nearly black. */
export const glareRestraint: Figure = {
  value: 1.2,
  unit: '',
  source: 'set by hand, as the one before, with and without haze',
  mark: 'J',
}
/** Light added to a patch's own when errors are made relative: black ones must not rule. */
export const relativeFloor: Figure = {
  value: 0.06,
  unit: '',
  source: 'between the light of the black patch, 0.02, and of the dark grey one, 0.11',
  mark: 'J',
}
/** How much lighter one end of the card may be than the other, as a share. */
export const mostUnevenness: Figure = {
  value: 0.45,
  unit: '',
  source: 'half in shade, half in sun is about threefold',
  mark: 'J',
}
