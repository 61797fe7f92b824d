export { ChangeJobDto, JobDto } from './job.dto.ts'
export type { JobStatus } from './job.dto.ts'
