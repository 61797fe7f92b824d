export {
  AcceptMovesDto,
  ChangeJobDto,
  IsClock,
  JobDto,
  PlanCheckDto,
  PlanOrderDto,
} from './job.dto.ts'
export type { JobStatus } from './job.dto.ts'
