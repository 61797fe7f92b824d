export { ChangeJobDto, JobDto, jobStatuses } from './job.dto.ts'
export type { JobStatus } from './job.dto.ts'
