export {
  AcceptMovesDto,
  BeAtJobDto,
  ChangeJobDto,
  HandDto,
  IsClock,
  JobDto,
  PlanCheckDto,
  PlanLooksDto,
  PlanOrderDto,
  PlanPracticeDto,
  TakeJobDto,
  UnderWayDto,
} from './job.dto.ts'
export { jobRoutes } from './job.routes.ts'
export { isHand } from './same-hand.ts'
