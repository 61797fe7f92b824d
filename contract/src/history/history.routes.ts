import { changes, creates, json, one, reads } from '../route/index.ts'
import {
  HistoryPageDto,
  HistoryQueryDto,
  MendDto,
  MendedDto,
  TakeBackDto,
  TakeBackFileDto,
  TakenBackDto,
  ThingDto,
} from './history.dto.ts'

/** Whatever is put right, everything may rest on it. */
const everything = [
  'places',
  'estate',
  'story',
  'planning',
  'record',
  'shelf',
  'sprayers',
  'jar-tests',
  'trials',
  'zones',
] as const

export const historyRoutes = {
  page: reads({
    path: '/places/:placeId/history',
    summary: 'Who did what at a place, the newest first',
    access: 'everybody',
    query: HistoryQueryDto,
    answers: one(HistoryPageDto),
    topic: 'history',
  }),
  thing: reads({
    path: '/things/:kind/:id',
    summary: 'A thing with the fields that can be put right',
    access: 'everybody',
    answers: one(ThingDto),
    topic: 'history',
  }),
  mend: changes({
    path: '/things/:kind/:id',
    summary: 'Puts right what was entered by mistake, strikes it out or brings it back',
    access: 'everybody',
    sends: json(MendDto),
    answers: one(MendedDto),
    touches: everything,
  }),
  takeBackFile: creates({
    path: '/places/:placeId/files-taken-back',
    summary: 'Takes back all that came in with one file',
    access: 'everybody',
    sends: json(TakeBackFileDto),
    answers: one(TakenBackDto),
    touches: everything,
  }),
  takeBack: creates({
    path: '/places/:placeId/taken-back',
    summary: 'Takes back all that was changed at once',
    access: 'everybody',
    sends: json(TakeBackDto),
    answers: one(TakenBackDto),
    touches: everything,
  }),
}
