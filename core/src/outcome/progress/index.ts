export { standProgress } from './stand-progress.ts'
export type { ProgressFacts, ProgressStep, StandProgress } from './stand-progress.ts'
