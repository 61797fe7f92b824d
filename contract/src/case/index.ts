export { CaseDto, caseOutcomes, CloseCaseDto } from './case.dto.ts'
export type { CaseOutcome } from './case.dto.ts'
export { caseRoutes } from './case.routes.ts'
