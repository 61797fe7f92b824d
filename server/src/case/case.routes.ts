import { caseRoutes } from '@spudder/contract/case'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { closeCase, reopenCase } from './case.service.ts'
import { planCheck } from './plan-check.ts'
import { planPractice } from './plan-practice.ts'

export const serveCases = (db: Database) =>
  serve(caseRoutes, {
    close: ({ params, body, recorder }) => closeCase(db, recorder, params.caseId, body),
    reopen: ({ params, body, recorder }) => reopenCase(db, recorder, params.caseId, body),
    planPractice: ({ params, body, recorder }) => planPractice(db, recorder, params.caseId, body),
    planCheck: ({ params, body, recorder }) => planCheck(db, recorder, params.caseId, body),
  })
