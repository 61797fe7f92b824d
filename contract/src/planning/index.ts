export { PlanningDto } from './planning.dto.ts'
export { planningRoutes } from './planning.routes.ts'
export { stockOfPlan } from './stock-of-plan.ts'
export type { StockOfPlan } from './stock-of-plan.ts'
