export { ChangeJobDto, JobDto, PlanCheckDto } from './job.dto.ts'
export type { JobStatus } from './job.dto.ts'
