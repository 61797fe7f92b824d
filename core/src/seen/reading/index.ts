export {
  greennessScales,
  typedColours,
  pHPreparationNames,
  pHPreparations,
  readingKindNames,
  readingKinds,
  readingMedia,
  readingMethodNames,
  readingMethods,
  readingPlaceNames,
  readingPlaces,
  stripPlaces,
} from './data/kinds.ts'
export type {
  ColourReadingKind,
  PHPreparation,
  ReadingKind,
  ReadingKindDefinition,
  ReadingMedium,
  ReadingMethod,
  ReadingPlace,
} from './data/kinds.ts'
export { firstIronSchool, ironSchoolNames, ironSchools } from './data/schools.ts'
export type { IronSchool, IronSchoolName } from './data/schools.ts'
export { checkReadingValue, doubtOf, isOfStand, readingWords, waterPH } from './reading.ts'
export type { Reading } from './reading.ts'
export { pHOn } from './pH-history.ts'
export type { PHCorrection, PHHistory } from './pH-history.ts'
export { exposedValue, leafWindow, pHExposure, readingsFrom, shareOfWindow } from './exposure.ts'
export type { ExposedValue, Exposure, LeafWindow } from './exposure.ts'
export { schoolsSideBySide } from './schools.ts'
export type { SchoolReading, Supply } from './schools.ts'
export { colourChartNames, colourCharts, dropKitNames, dropKits, vialReading } from './data/kits.ts'
export type { ColourChart, ColourChartName, DropKit, DropKitName } from './data/kits.ts'
export { readDrops } from './drop-count.ts'
export type { DropReading } from './drop-count.ts'
export { calciumAsHardness, hardnessAsCalcium, magnesiumFrom } from './hardness.ts'
export type { MagnesiumReading } from './hardness.ts'
export { isSettled, readDeviceLine, settling } from './device-line.ts'
export type { DeviceLine } from './device-line.ts'
export { calibrate, fitSlope, pHOfMillivolts } from './meter.ts'
export type { BufferReading, Calibration } from './meter.ts'
export { questionsAbout } from './plausible.ts'
export type { Doubtful } from './plausible.ts'
export { contradictionsIn } from './contradictions.ts'
export { oddFizzBelowPH } from './data/contradicting.ts'
export { cameOf, cameWays, cameWords, countedReadings, saysSimulated } from './came.ts'
export type { Came, Counting, FileLine } from './came.ts'
