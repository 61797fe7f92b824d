export {
  boomDerivation,
  boomRate,
  flowAtPressure,
  flowForRate,
  nozzleFlow,
  pressureForFlow,
  speedForRate,
  speedOfRun,
} from './boom.ts'
export type { BoomRun } from './boom.ts'
export { checkNozzles, rateFromCatch, testAreaM2, testRunM } from './calibrate.ts'
export type { NozzleCheck } from './calibrate.ts'
export type { DropClass, LeafLayer } from './data/drops.ts'
export { heldSpeedKmPerH, nozzleKinds, nozzleSizes, workingPressureBar } from './data/nozzles.ts'
export type { NozzleKind } from './data/nozzles.ts'
export { leafCapacity } from './data/drops.ts'
export { dropClassOf, leafLayerOf, leafRetentionAt } from './leaf-uptake.ts'
export type { LeafRetention } from './leaf-uptake.ts'
export { sprayerKindNames } from './data/sprayer-kinds.ts'
export type { MeasureName, SprayerKind } from './data/sprayer-kinds.ts'
export {
  areaOfTank,
  checkSetup,
  deliveryOf,
  dropsOf,
  hasNozzles,
  setupOf,
  sprayerKindOf,
} from './sprayer.ts'
export type { Calibration, Delivery, NozzleSetup, SprayerSetup } from './sprayer.ts'
