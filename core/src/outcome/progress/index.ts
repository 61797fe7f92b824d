export { caseEndings } from './case-endings.ts'
export type { CaseEnding } from './case-endings.ts'
export { standProgress } from './stand-progress.ts'
export type { ProgressFacts, ProgressStep, StandProgress } from './stand-progress.ts'
