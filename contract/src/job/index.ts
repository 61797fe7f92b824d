export {
  AcceptMovesDto,
  ChangeJobDto,
  IsClock,
  JobDto,
  PlanCheckDto,
  PlanOrderDto,
} from './job.dto.ts'
export { jobRoutes } from './job.routes.ts'
