import { creates, json, ofStand, one, reads } from '../route/index.ts'
import {
  CorrectEntryDto,
  CreateEntryDto,
  EntryDto,
  EntryQueryDto,
  RecordPageDto,
} from './entry.dto.ts'

export const entryRoutes = {
  record: creates({
    path: '/jobs/:jobId/entries',
    summary: 'Records what was really done for a job',
    access: 'apply',
    sends: json(CreateEntryDto),
    answers: one(EntryDto),
    // What went out is off the shelf.
    touches: [...ofStand, 'shelf'],
  }),
  correct: creates({
    path: '/entries/:entryId/corrections',
    summary: 'Corrects an entry by a new one that names it',
    access: 'apply',
    sends: json(CorrectEntryDto),
    answers: one(EntryDto),
    // What went out is off the shelf.
    touches: [...ofStand, 'shelf'],
  }),
  page: reads({
    path: '/places/:placeId/entries',
    summary: 'The record of a place: entries found by words, days or stand, the newest first',
    access: 'read-record',
    query: EntryQueryDto,
    answers: one(RecordPageDto),
    topic: 'record',
  }),
}
