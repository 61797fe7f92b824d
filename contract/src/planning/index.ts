export { PlanningDto } from './planning.dto.ts'
export { planningRoutes } from './planning.routes.ts'
