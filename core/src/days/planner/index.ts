export { factsOf } from './calendar-facts.ts'
export type { Facts } from './calendar-facts.ts'
export { planCost } from './cost.ts'
export type { PlanCost } from './cost.ts'
export { plannerFigures, skipCostOf } from './data/defaults.ts'
export {
  acidBeforeIron,
  growthBase,
  lateShare,
  paleLoss,
  usualWarmth,
  windowDays,
  workPace,
} from './data/work-figures.ts'
export type { PaleBy } from './data/work-figures.ts'
export { planSeason } from './plan-season.ts'
export type { PlanProgress, SeasonPlan } from './plan-season.ts'
export { effectOfMove, movesBetween, reasonsFor } from './reasons.ts'
export type { Effect, Move } from './reasons.ts'
export { breachesOf } from './rules.ts'
export type { Breach, Rule } from './rules.ts'
export { earliestFit, fixedIntervals } from './simple-plans.ts'
export { solverWith } from './solver.ts'
export type { Solver } from './solver.ts'
export { stockForecast } from './stock-forecast.ts'
export type { PlannedUse, StockForecast } from './stock-forecast.ts'
export type {
  Assignment,
  Blackout,
  Follow,
  Gap,
  PlanDay,
  PlanFrame,
  PlanStand,
  PlanStock,
  Task,
} from './task.ts'
