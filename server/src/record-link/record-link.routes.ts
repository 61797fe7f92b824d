import { recordLinkRoutes } from '@spudder/contract/record-link'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import {
  createRecordLink,
  findRecordLinks,
  readSharedRecord,
  withdrawRecordLink,
} from './record-link.service.ts'

export const serveRecordLinks = (db: Database) =>
  serve(recordLinkRoutes, {
    all: ({ params, recorder }) => findRecordLinks(db, params.placeId, recorder.at),
    create: ({ params, recorder, body }) =>
      createRecordLink(db, { recorder, placeId: params.placeId }, body),
    withdraw: ({ params }) => withdrawRecordLink(db, params.placeId, params.linkId),
    shared: ({ params, query, visit }) =>
      readSharedRecord(db, visit, { token: params.token, ...query }),
  })
