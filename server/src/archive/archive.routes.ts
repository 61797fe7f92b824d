import { archiveRoutes } from '@spudder/contract/archive'
import type { Database } from '../database/connect.ts'
import { serve } from '../http/route.ts'
import { bringIn } from './bring-in.ts'
import { putTogether } from './put-together.ts'
import { writeArchive } from './write-archive.ts'

export const serveArchives = (db: Database) =>
  serve(archiveRoutes, {
    write: ({ params, recorder }) => writeArchive(db, recorder, params.placeId),
    bringIn: ({ body, recorder }) => bringIn(db, recorder, body),
    putTogether: ({ params, body, recorder }) => putTogether(db, recorder, params.placeId, body),
  })
