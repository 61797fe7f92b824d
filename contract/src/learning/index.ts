export { BufferingDto, KeptTreatmentDto, LearningDto, TaughtPlanDto } from './learning.dto.ts'
export { learningRoutes } from './learning.routes.ts'
