export { acceptableGreenness, greennessScales, healthyGreenness } from './data/greenness-scales.ts'
export type { ColourReadingKind } from './data/greenness-scales.ts'
export {
  greennessOf,
  greennessReading,
  greennessWords,
  isColourKind,
  onScale,
} from './greenness.ts'
export type { Greenness, SeenGreenness } from './greenness.ts'
export { leafColour } from './leaf-colour.ts'
