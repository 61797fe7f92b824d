import { overviewRoutes } from '@spudder/contract/overview'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { ServiceError } from '../problem/service-error.ts'
import { readOverview } from './overview.service.ts'

export const serveOverview = (db: Database) =>
  serve(overviewRoutes, {
    page: ({ query, recorder: { personId, at } }) => {
      if (personId === null) throw new ServiceError('sign-in-needed', 'Sign in first.')
      return readOverview(db, { personId, at }, query)
    },
  })
