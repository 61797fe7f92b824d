import type { Figure } from '../../../base/reference/index.ts'

/** Long side of the picture that is measured; larger ones are reduced first [px]. */
export const measuredSide: Figure = {
  value: 800,
  unit: 'px',
  source: 'half a million pixels: their mean is known a hundred times better than the light',
  mark: 'J',
}
/** Shortest side of a picture that is worth measuring [px]. */
export const leastSide: Figure = {
  value: 240,
  unit: 'px',
  source: 'below it leaf and ground share most pixels',
  mark: 'J',
}
/** Most pixels that are read at all: what a browser can hold. */
export const mostPixels: Figure = {
  value: 120e6,
  unit: 'px',
  source: 'half a gigabyte once decoded',
  mark: 'J',
}
/** Share of plant below which there is nothing to judge. */
export const leastCover: Figure = {
  value: 0.03,
  unit: '',
  source: 'one leaf held before the camera is more',
  mark: 'J',
}
/** Mean light below which a picture is too dark, before correction. */
export const leastLight: Figure = {
  value: 0.02,
  unit: '',
  source: 'a fiftieth of white: noise is a tenth of the signal there',
  mark: 'J',
}
/** Share of burnt-out plant pixels beyond which a picture is too bright. */
export const mostClipped: Figure = {
  value: 0.15,
  unit: '',
  source: 'burnt-out pixels have lost their colour',
  mark: 'J',
}
/** Sharpness below which a picture counts as blurred: mean change of light between neighbours against its spread. */
export const leastSharpness: Figure = {
  value: 0.07,
  unit: '',
  source: 'from the simulated camera: sharp pictures come to 0.1 to 0.3, shaken ones to 0.06',
  mark: 'J',
}
/** Mean colourfulness below which a picture is a grey one. */
export const leastChroma: Figure = {
  value: 3,
  unit: 'CIELAB',
  source: 'grey pictures come to 0; bare soil to about 12',
  mark: 'J',
}
/** How much cover two photos may differ by before they show different things. */
export const mostCoverChange: Figure = {
  value: 0.35,
  unit: '',
  source: 'a third of the picture: somebody stood elsewhere',
  mark: 'J',
}
/** What stays of the index's doubt with the best of light and card. */
export const leastDoubt: Figure = {
  value: 0.008,
  unit: 'index',
  source: 'spread of painted leaves under the simulated camera in five lights',
  mark: 'D',
}
/** Doubt of the index where no card says what the light was. */
export const doubtWithoutCard: Figure = {
  value: 0.09,
  unit: 'index',
  source: 'what evening or shade alone moves it by',
  mark: 'J',
}
/** Greenness that one of the index stands for, for carrying its doubt over. */
export const greennessPerIndex: Figure = {
  value: 1.4,
  unit: '',
  source: 'steepest part of the leaf colours of the painter, index against greenness, about',
  mark: 'D',
}
