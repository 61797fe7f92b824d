import { creates, json, list, one, reads } from '../route/index.ts'
import { CreateTrialDto, RatePlotsDto, TrialDto } from './trial.dto.ts'

export const trialRoutes = {
  all: reads({
    path: '/stands/:standId/trials',
    summary: 'The trials of a stand with their ratings',
    access: 'see',
    answers: list(TrialDto),
    topic: 'trials',
  }),
  layOut: creates({
    path: '/stands/:standId/trials',
    summary: 'Lays out a trial on a stand',
    access: 'plan',
    sends: json(CreateTrialDto),
    answers: one(TrialDto),
    touches: ['trials'],
  }),
  rate: creates({
    path: '/trials/:trialId/ratings',
    summary: 'Keeps the ratings of one walk over the plots',
    access: 'look',
    sends: json(RatePlotsDto),
    answers: one(TrialDto),
    touches: ['trials'],
  }),
}
