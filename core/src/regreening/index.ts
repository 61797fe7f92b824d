export { acceptableGreenness, greennessScales, healthyGreenness } from './data/greenness-scales.ts'
export { whiteBelow } from './data/course.ts'
export type { ColourReadingKind } from './data/greenness-scales.ts'
export { nitrogenActsFor, shareTooWide } from './data/nitrogen.ts'
export type { Response } from './data/responses.ts'
export { fitRecovery } from './fit-recovery.ts'
export type { FittedRecovery } from './fit-recovery.ts'
export { forecastGreenness } from './forecast.ts'
export type { ExpectedGreenness, Treatment } from './forecast.ts'
export {
  greennessOf,
  greennessReading,
  greennessWords,
  isColourKind,
  onScale,
} from './greenness.ts'
export { intervalTaught, judgeRegreening } from './judge.ts'
export type { SeenGreenness } from './greenness.ts'
export type { Judgement, JudgementWord, Outcome } from './judge.ts'
export { leafColour } from './leaf-colour.ts'
export { ironShare, ironShareByStrip } from './nitrogen-share.ts'
export type { NitrogenGiven } from './nitrogen-share.ts'
export { expectedGain, responseFor } from './recovery.ts'
export { gainsSeen } from './weigh-courses.ts'
export type { SeenGain, Watched } from './weigh-courses.ts'
