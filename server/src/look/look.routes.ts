import { lookRoutes } from '@spudder/contract/look'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { createLook } from './look.service.ts'

export const serveLooks = (db: Database) =>
  serve(lookRoutes, {
    create: ({ params, body, recorder }) => createLook(db, recorder, params.standId, body),
  })
