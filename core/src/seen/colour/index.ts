export { acceptableGreenness, healthyGreenness, lookHolds } from './data/greenness-marks.ts'
export {
  greennessOf,
  greennessReading,
  greennessWords,
  isColourKind,
  onScale,
  paleness,
} from './greenness.ts'
export type { Greenness, SeenGreenness } from './greenness.ts'
export { leafColour } from './leaf-colour.ts'
