export { CaseDto, caseOutcomes, CloseCaseDto, ReopenCaseDto } from './case.dto.ts'
export type { CaseOutcome } from './case.dto.ts'
export { caseRoutes } from './case.routes.ts'
