import { entryRoutes } from '@spudder/contract/entry'
import { serve } from '../http/route.ts'
import { correctEntry } from './correct-entry.ts'
import { readRecord, recordEntry, type EntryStage } from './entry.service.ts'

export const serveEntries = (stage: EntryStage) =>
  serve(entryRoutes, {
    record: ({ params, body, recorder }) => recordEntry(stage, recorder, params.jobId, body),
    correct: ({ params, body, recorder }) => correctEntry(stage, recorder, params.entryId, body),
    page: ({ params, query }) => readRecord(stage.db, params.placeId, query),
  })
