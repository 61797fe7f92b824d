import { changes, creates, json, list, ofStand, one } from '../route/index.ts'
import {
  AcceptMovesDto,
  BeAtJobDto,
  ChangeJobDto,
  JobDto,
  PlanLooksDto,
  PlanOrderDto,
  TakeJobDto,
} from './job.dto.ts'

export const jobRoutes = {
  change: changes({
    path: '/jobs/:jobId',
    summary: 'Moves or holds a job, drops it, or says that it is done',
    access: 'apply',
    sends: json(ChangeJobDto),
    answers: one(JobDto),
    touches: ofStand,
  }),
  take: creates({
    path: '/jobs/:jobId/taken',
    summary: 'Takes a job on, or leaves it to others',
    access: 'work',
    sends: json(TakeJobDto),
    answers: one(JobDto),
    touches: ofStand,
  }),
  beAt: creates({
    path: '/jobs/:jobId/under-way',
    summary: 'Says that one is at a job, since when; or no more',
    access: 'work',
    sends: json(BeAtJobDto),
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
    summary: 'Plans a look at several stands, each on its day: all or none',
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
