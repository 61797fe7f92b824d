export {
  AcceptMovesDto,
  ChangeJobDto,
  IsClock,
  JobDto,
  PlanCheckDto,
  PlanOrderDto,
  saidDone,
} from './job.dto.ts'
export type { JobStatus } from './job.dto.ts'
