import { judged, type Sourced } from '../../../base/reference/index.ts'
import { colourCard } from './card.ts'

const side = 14
const shown = [0.1, 0.28, 0.46, 0.64, 0.82, 0.97]

/** What a screen shows to be measured: the card, and beneath it leaf colours from pale to deep green [mm]. */
export const screenCard = {
  code: 'SPUDDER-SCREEN-1',
  heightMm: colourCard.heightMm + side + 4,
  fields: shown.map((greenness, at) => ({
    greenness,
    x: 6 + at * (side + 2),
    y: colourCard.heightMm,
    side,
  })),
  source: 'our own layout; leaf colours as they are drawn everywhere',
  mark: 'M',
} as const satisfies Sourced & Record<string, unknown>

/** How bright the white of a screen may be against the paper of the card, and how dark. */
export const mostBrightness = judged(
  2.5,
  '× of the paper’s light',
  'beyond it the camera burns out',
)
export const leastBrightness = judged(
  0.4,
  '× of the paper’s light',
  'below it noise and glare rule',
)
/** How far a leaf colour of a screen is off by noise and by what glass mirrors, at least. */
export const leastScreenDoubt = judged(
  0.02,
  'greenness',
  'two photos of one screen differ by about so much',
)
/** A part of a picture in which one card is looked for apart from the other. */
export const partOfPicture = judged(0.6, 'of its side', 'two cards side by side, and some room')
