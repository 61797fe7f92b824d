export { PlanningDto } from './planning.dto.ts'
