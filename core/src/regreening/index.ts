export { acceptableGreenness, healthyGreenness } from './data/greenness-scales.ts'
export type { ColourReadingKind } from './data/greenness-scales.ts'
export type { Response } from './data/responses.ts'
export { forecastGreenness } from './forecast.ts'
export type { ExpectedGreenness, Treatment } from './forecast.ts'
export {
  greennessOf,
  greennessReading,
  greennessWords,
  isColourKind,
  onScale,
} from './greenness.ts'
export { judgeRegreening } from './judge.ts'
export type { Judgement, JudgementWord, SeenGreenness } from './judge.ts'
export { leafColour } from './leaf-colour.ts'
export { expectedGain, responseFor } from './recovery.ts'
