export { AcidPlanDto, CreateAcidPlanDto } from './acid-plan.dto.ts'
export { acidPlanRoutes } from './acid-plan.routes.ts'
