export { AcidPlanDto, AcidRetestDto, AcidStepDto, CreateAcidPlanDto } from './acid-plan.dto.ts'
