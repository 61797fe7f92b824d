export { jobKinds, jobsOfRemedy } from './remedy-jobs.ts'
export type { JobKind, PlannedJob } from './remedy-jobs.ts'
