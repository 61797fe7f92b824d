import { changes, creates, json, list, one, reads } from '../route/index.ts'
import {
  CreateRecordLinkDto,
  RecordLinkDto,
  RecordLinkMadeDto,
  SharedRecordDto,
  SharedRecordQueryDto,
  WithdrawRecordLinkDto,
} from './record-link.dto.ts'

/** Links to the record, for who does not sign in. */
export const recordLinkRoutes = {
  all: reads({
    path: '/places/:placeId/record-links',
    summary: 'The links by which others read the record of a place',
    access: 'plan',
    answers: list(RecordLinkDto),
    topic: 'people',
  }),
  create: creates({
    path: '/places/:placeId/record-links',
    summary: 'Makes a link by which whoever has it reads a part of the record, until a day',
    access: 'plan',
    sends: json(CreateRecordLinkDto),
    answers: one(RecordLinkMadeDto),
    touches: ['people'],
  }),
  withdraw: changes({
    path: '/places/:placeId/record-links/:linkId',
    summary: 'Takes a link to the record back',
    access: 'plan',
    sends: json(WithdrawRecordLinkDto),
    answers: one(RecordLinkDto),
    touches: ['people'],
  }),
  shared: reads({
    path: '/shared-records/:token',
    summary: 'What a link to a record leads to, the newest first; one that was taken back leads nowhere', // prettier-ignore
    access: 'everybody',
    query: SharedRecordQueryDto,
    answers: one(SharedRecordDto),
    topic: undefined,
  }),
}
