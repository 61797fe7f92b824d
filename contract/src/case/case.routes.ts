import { JobDto, PlanCheckDto, PlanPracticeDto } from '../job/index.ts'
import { changes, creates, json, list, ofStand, one } from '../route/index.ts'
import { CaseDto, CloseCaseDto, ReopenCaseDto } from './case.dto.ts'

export const caseRoutes = {
  close: changes({
    path: '/cases/:caseId',
    summary: 'Closes a case as green or given up',
    access: 'plan',
    sends: json(CloseCaseDto),
    answers: one(CaseDto),
    touches: ofStand,
  }),
  reopen: changes({
    path: '/cases/:caseId/reopened',
    summary: 'Opens a case again that was closed',
    access: 'plan',
    sends: json(ReopenCaseDto),
    answers: one(CaseDto),
    touches: ofStand,
  }),
  planCheck: creates({
    path: '/cases/:caseId/checks',
    summary: 'Plans a check of the verdict for a day',
    access: 'plan',
    sends: json(PlanCheckDto),
    answers: one(JobDto),
    touches: ofStand,
  }),
  planPractice: creates({
    path: '/cases/:caseId/practices',
    summary: 'Plans a practice beside the remedy, all its rounds',
    access: 'plan',
    sends: json(PlanPracticeDto),
    answers: list(JobDto),
    touches: ofStand,
  }),
}
