import type { Right } from '../access/index.ts'
import { changes, creates, json, ofWholePlace, one, reads } from '../route/index.ts'
import {
  HistoryPageDto,
  HistoryQueryDto,
  MendDto,
  MendedDto,
  TakeBackDto,
  TakeBackFileDto,
  TakenBackDto,
  ThingDto,
  type MendableKind,
} from './history.dto.ts'

/** Whoever may store a thing may put it right; a kind without a right does not compile. */
const rightByKind: Readonly<Record<MendableKind, Right>> = {
  reading: 'look',
  look: 'look',
  rating: 'look',
  eye: 'look',
  drill: 'work',
  photo: 'photograph',
  jarTest: 'apply',
  advice: 'advise',
  event: 'plan',
  trial: 'plan',
}
const ofThings = { byKind: rightByKind }

export const historyRoutes = {
  page: reads({
    path: '/places/:placeId/history',
    summary: 'Who did what at a place, the newest first',
    access: 'see',
    query: HistoryQueryDto,
    answers: one(HistoryPageDto),
    topic: 'history',
  }),
  thing: reads({
    path: '/things/:kind/:id',
    summary: 'A thing with the fields that can be put right',
    access: ofThings,
    answers: one(ThingDto),
    topic: 'history',
  }),
  mend: changes({
    path: '/things/:kind/:id',
    summary: 'Puts right what was entered by mistake, strikes it out or brings it back',
    access: ofThings,
    sends: json(MendDto),
    answers: one(MendedDto),
    touches: ofWholePlace,
  }),
  takeBackFile: creates({
    path: '/places/:placeId/files-taken-back',
    summary: 'Takes back all that came in with one file',
    access: 'plan',
    sends: json(TakeBackFileDto),
    answers: one(TakenBackDto),
    touches: ofWholePlace,
  }),
  takeBack: creates({
    path: '/places/:placeId/taken-back',
    summary: 'Takes back all that was changed at once',
    access: 'plan',
    sends: json(TakeBackDto),
    answers: one(TakenBackDto),
    touches: ofWholePlace,
  }),
}
