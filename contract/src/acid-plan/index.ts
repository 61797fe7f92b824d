export { AcidPlanDto, CreateAcidPlanDto } from './acid-plan.dto.ts'
