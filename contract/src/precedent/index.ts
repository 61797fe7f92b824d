export { PastCaseDto } from './precedent.dto.ts'
export { precedentRoutes } from './precedent.routes.ts'
