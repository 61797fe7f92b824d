import type { Figure, Sourced } from '../../../base/reference/index.ts'

/**
 * Colours that leaves have, ivory to deep green, as CIELAB hue and chroma; straw, dead leaf, soil
 * and stone lie outside.
 */
export const plantColours: Sourced &
  Readonly<Record<'leastHue' | 'mostHue' | 'leastChroma', number>> = {
  // Leaves of the painter run from 95 to 144 degrees, straw and soils from 60 to 89.
  leastHue: 91.5,
  mostHue: 168,
  leastChroma: 7.5,
  source: 'half-way between the leaf colours of the painter and those of straw and soil',
  mark: 'D',
}
/** Lightness below which hue is noise [CIELAB]. */
export const leastLightness: Figure = {
  value: 9,
  unit: 'CIELAB',
  source: 'deep shade between leaves',
  mark: 'J',
}
