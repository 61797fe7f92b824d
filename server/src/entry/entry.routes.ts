import {
  CorrectEntryDto,
  CreateEntryDto,
  EntryDto,
  EntryQueryDto,
  RecordPageDto,
} from '@spudder/contract/entry'
import { route, type AnyRoute } from '../http/route.ts'
import { correctEntry, readRecord, recordEntry, type EntryStage } from './entry.service.ts'

export const entryRoutes = (stage: EntryStage): AnyRoute[] => [
  route({
    method: 'post',
    path: '/jobs/:jobId/entries',
    summary: 'Records what was really done for a job',
    body: CreateEntryDto,
    answer: EntryDto,
    handle: ({ params, body, recorder }) =>
      recordEntry(stage, recorder, params['jobId'] ?? '', body),
  }),
  route({
    method: 'post',
    path: '/entries/:entryId/corrections',
    summary: 'Corrects an entry by a new one that names it',
    body: CorrectEntryDto,
    answer: EntryDto,
    handle: ({ params, body, recorder }) =>
      correctEntry(stage, recorder, params['entryId'] ?? '', body),
  }),
  route({
    method: 'get',
    path: '/places/:placeId/entries',
    summary: 'The record of a place: entries found by words, days or stand, the newest first',
    query: EntryQueryDto,
    answer: RecordPageDto,
    handle: ({ params, query }) => readRecord(stage.db, params['placeId'] ?? '', query),
  }),
]
