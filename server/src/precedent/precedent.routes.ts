import { precedentRoutes } from '@spudder/contract/precedent'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { findPastCases } from './precedent.service.ts'

export const servePrecedents = (db: Database) =>
  serve(precedentRoutes, { all: ({ params }) => findPastCases(db, params.placeId) })
