export { partnerKinds } from './data/partners.ts'
export type { PartnerKind, Placement, Standing } from './data/partners.ts'
export { burnHeatC } from './data/limits.ts'
export { planFills } from './fills.ts'
export type { Fill, FillPlan } from './fills.ts'
export { mixingOrder } from './mixing-order.ts'
export {
  findPartner,
  jarOutcomeNames,
  jarOutcomes,
  jarTestSteps,
  placementConflict,
  standingBeside,
  washedOffAfter,
} from './partners.ts'
export type { JarOutcome, PlacementConflict } from './partners.ts'
export { checkSpray, isRunningOff, rateAlone } from './spray-check.ts'
export type { MixWarning } from './spray-check.ts'
export { acidStockFor, ratioReadings, stockFor, tooStrong } from './stock.ts'
export type { AcidStock, RatioReading, Stock } from './stock.ts'
export { clashesIn, planTanks, stockMaterials } from './tanks.ts'
export type { StockMaterial, TankPlan } from './tanks.ts'
