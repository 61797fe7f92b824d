import { CorrectEntryDto, CreateEntryDto, EntryDto } from '@spudder/contract/entry'
import type { Database } from '../database/connect.ts'
import { route, type AnyRoute } from '../http/route.ts'
import { correctEntry, recordEntry } from './entry.service.ts'

export const entryRoutes = (db: Database): AnyRoute[] => [
  route({
    method: 'post',
    path: '/jobs/:jobId/entries',
    summary: 'Records what was really done for a job',
    body: CreateEntryDto,
    answer: EntryDto,
    handle: ({ params, body, recorder }) => recordEntry(db, recorder, params['jobId'] ?? '', body),
  }),
  route({
    method: 'post',
    path: '/entries/:entryId/corrections',
    summary: 'Corrects an entry by a new one that names it',
    body: CorrectEntryDto,
    answer: EntryDto,
    handle: ({ params, body, recorder }) =>
      correctEntry(db, recorder, params['entryId'] ?? '', body),
  }),
]
