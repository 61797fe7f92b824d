export {
  AcceptMovesDto,
  ChangeJobDto,
  IsClock,
  JobDto,
  PlanCheckDto,
  PlanLooksDto,
  PlanOrderDto,
  PlanPracticeDto,
} from './job.dto.ts'
export { jobRoutes } from './job.routes.ts'
