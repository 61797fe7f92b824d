export { BufferingDto, KeptTreatmentDto, LearningDto } from './learning.dto.ts'
export { learningRoutes } from './learning.routes.ts'
