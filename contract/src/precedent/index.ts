export { PastCaseDto, PastTreatmentDto } from './precedent.dto.ts'
export { precedentRoutes } from './precedent.routes.ts'
