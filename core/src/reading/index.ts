export {
  pHPreparationNames,
  pHPreparations,
  readingKindNames,
  readingKinds,
  readingMedia,
  readingMethodNames,
  readingMethods,
  readingPlaceNames,
  readingPlaces,
} from './data/kinds.ts'
export type {
  PHPreparation,
  ReadingKind,
  ReadingKindDefinition,
  ReadingMedium,
  ReadingMethod,
  ReadingPlace,
} from './data/kinds.ts'
export { firstIronSchool, ironSchoolNames, ironSchools } from './data/schools.ts'
export type { IronSchool, IronSchoolName } from './data/schools.ts'
export { checkReadingValue, doubtOf, readingWords, waterPH } from './reading.ts'
export type { Reading } from './reading.ts'
export { pHOn } from './pH-history.ts'
export type { PHCorrection, PHHistory } from './pH-history.ts'
export { exposedValue, leafWindow, pHExposure, readingsFrom, shareOfWindow } from './exposure.ts'
export type { ExposedValue, Exposure, LeafWindow } from './exposure.ts'
export { readSoilIron, schoolsSideBySide } from './schools.ts'
export type { SchoolReading, Supply } from './schools.ts'
