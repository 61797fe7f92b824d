export {
  acidities,
  findAcidity,
  firstAmendment,
  isAcid,
  movesPH,
  sourestFeed,
} from './acidities.ts'
export type { KnownAcidity } from './acidities.ts'
export { kgLimePerMol, limePerSulfur, molPerKgSulfur } from './facts/acidity.ts'
export type { Acidity, Action, LimitedKind } from './facts/acidity.ts'
export { urgencies } from './facts/caution.ts'
export type { Urgency } from './facts/caution.ts'
export { nutrients } from './facts/ingredient.ts'
export type { Ingredient, Nutrient } from './facts/ingredient.ts'
export { confidenceSpread, metalCharge, metalIds } from './facts/ligand.ts'
export type {
  Ligand,
  MetalConstants,
  MetalId,
  StabilityConstant,
  TradeCeiling,
} from './facts/ligand.ts'
export { lossProcesses } from './facts/loss.ts'
export type { Response } from './facts/response.ts'
export { contentWords } from './facts/source.ts'
export type { OtherNutrient, SoilFate } from './facts/source.ts'
export { sourceKinds } from './facts/source-kinds.ts'
export type { SourceKind } from './facts/source-kinds.ts'
export {
  amendments,
  findIronSource,
  findSource,
  ironSourceIds,
  ironSources,
  otherSources,
  sourceIds,
  sources,
  standInFor,
  usualDensityOf,
} from './find-source.ts'
export type {
  IronSourceId,
  KnownIronSource,
  KnownOtherSource,
  Source,
  SourceId,
} from './find-source.ts'
export { ingredients } from './ingredients.ts'
export { knownLigand, ligandIds, ligands } from './ligands.ts'
export type { KnownLigand, LigandId } from './ligands.ts'
export { lossesOf, lossTable } from './loss-table.ts'
export type { LossPlace } from './loss-table.ts'
export {
  allRates,
  checkChosenRate,
  findRate,
  offeredRates,
  ratesFor,
  sourcesWithRate,
} from './offered-rates.ts'
export { responseFor } from './response-for.ts'
