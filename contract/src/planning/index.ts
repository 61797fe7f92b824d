export { groundOf } from './season-left.ts'
export { PlanningDto } from './planning.dto.ts'
export { amountsOf, paleLossOf, toPlan, usualLeadDays } from './to-plan.ts'
export type { PlanInput, PlanSurroundings } from './to-plan.ts'
