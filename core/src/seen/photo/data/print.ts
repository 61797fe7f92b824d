import type { Figure } from '../../../base/reference/index.ts'

/** Span between the channels of a patch against its paper below which all of the card counts as grey. */
export const leastInkColour: Figure = {
  value: 1.3,
  unit: '× of the least channel',
  source: 'the least colourful of those looked at, green, has 6; grey ones have 1',
  mark: 'J',
}
/** Share of the paper’s light that a patch may give in the channel that its ink keeps back. */
export const mostInkLight: Figure = {
  value: 0.25,
  unit: 'of the paper’s light',
  source:
    'true patches give 0.00 to 0.06, through a sensor whose channels mix 0.08 more; without ink 1',
  mark: 'J',
}
/** Span between the channels of a grey patch against its paper from which it is tinted. */
export const mostGreyTint: Figure = {
  value: 1.15,
  unit: '× of the least channel',
  source: 'what moves the index of a leaf by about 0.02, as a light of that colour does',
  mark: 'J',
}
/** How many times lighter the greys may be than drawn: cameras bend tones, glare adds to them. */
export const mostPrintTone: Figure = {
  value: 1.7,
  unit: '× of the light drawn',
  source: 'glare over a dull picture comes to 1.2; half the ink to 3',
  mark: 'J',
}
/** How many times darker they may be: glare makes nothing darker, tones bent by a camera do. */
export const leastPrintTone: Figure = {
  value: 0.65,
  unit: '× of the light drawn',
  source:
    'a camera that likes contrast comes to 0.8; a print that soaks up its ink to 0.3, 0.6 with glare',
  mark: 'J',
}
