export { carriedShares, soilCurves } from './carried-share.ts'
export type { CarriedShares, CurveInput, SoilCurves, SoilWater } from './carried-share.ts'
export { ceilingPH } from './ceiling.ts'
export { confidenceSpread, ligandIds, ligands, metalIds } from './data/ligands.ts'
export type {
  Ligand,
  LigandId,
  MetalConstants,
  MetalId,
  StabilityConstant,
} from './data/ligands.ts'
export { tradeCeilings } from './data/trade-ceilings.ts'
export { dissolvedIron } from './dissolved-iron.ts'
export { solveEquilibrium } from './equilibrium.ts'
export type { Equilibrium, EquilibriumFailure } from './equilibrium.ts'
export type { EquilibriumInput } from './equilibrium-input.ts'
export { ironInSolution, solutionSystem } from './nutrient-solution.ts'
export type { NutrientSolution } from './nutrient-solution.ts'
export { dissolvedShare, solutionCurves } from './solution-curves.ts'
export type { FeedSolution } from './solution-curves.ts'
export { soilSystem } from './soil-system.ts'
export { soilConstants } from './soil-constants.ts'
export { competitors, logCalcium } from './soil-metals.ts'
export type { CalciumRule, Competition, SoilConditions } from './soil-metals.ts'
export { compareWithTrade } from './trade-comparison.ts'
export type { TradeComparison } from './trade-comparison.ts'
