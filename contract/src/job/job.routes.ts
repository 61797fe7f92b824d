import { changes, creates, json, list, ofStand, one } from '../route/index.ts'
import { AcceptMovesDto, ChangeJobDto, JobDto, PlanLooksDto, PlanOrderDto } from './job.dto.ts'

export const jobRoutes = {
  change: changes({
    path: '/jobs/:jobId',
    summary: 'Moves or holds a job, drops it, or says that it is done',
    access: 'apply',
    sends: json(ChangeJobDto),
    answers: one(JobDto),
    touches: ofStand,
  }),
  move: creates({
    path: '/places/:placeId/moves',
    summary: 'Moves several jobs at once: all or none',
    access: 'plan',
    sends: json(AcceptMovesDto),
    answers: list(JobDto),
    touches: ofStand,
  }),
  planLooks: creates({
    path: '/places/:placeId/looks-due',
    summary: 'Plans a look at several stands: all or none',
    access: 'plan',
    sends: json(PlanLooksDto),
    answers: list(JobDto),
    touches: ofStand,
  }),
  order: creates({
    path: '/places/:placeId/orders',
    summary: 'Plans to buy a product before it runs short',
    access: 'plan',
    sends: json(PlanOrderDto),
    answers: one(JobDto),
    touches: ofStand,
  }),
}
